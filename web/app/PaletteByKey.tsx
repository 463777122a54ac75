import { Suspense, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { lazyPart } from '../parts/lazyPart.js';
import { paths } from './paths.js';

const Palette = lazyPart(async () => (await import('./Palette.js')).Palette);

/** Opens the palette by Ctrl or Command and K, the search by `/`, and the page of keys by `?`. */
export function PaletteByKey() {
  const [open, setOpen] = useState(false);
  const navigate = useNavigate();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const isCommand = event.ctrlKey || event.metaKey;
      if (isCommand && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        setOpen((was) => !was);
      }
      if (isCommand || event.altKey || isTyping(event.target)) return;
      if (event.key === '/') {
        event.preventDefault();
        setOpen(true);
      }
      if (event.key === '?') void navigate(paths.keys);
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [navigate]);
  return (
    open && (
      <Suspense>
        <Palette onClose={() => setOpen(false)} />
      </Suspense>
    )
  );
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}
