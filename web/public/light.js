// Before the first paint: the light of this device, and the bar of the browser in it.
(function () {
  var light = localStorage.getItem('keeper.light') || 'day';
  document.documentElement.dataset.light = light;
  var paper = { day: '#f3efe4', glare: '#ffffff', night: '#0b0605' }[light];
  document.querySelector('meta[name="theme-color"]').content = paper;
})();
