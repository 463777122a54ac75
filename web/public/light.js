document.documentElement.dataset.light = localStorage.getItem('keeper.light') || 'day';
