import { useEffect, useState } from 'react';

/** A second tap this soon is a wet thumb, not another step. */
const BOUNCE_MS = 400;

/** What a control of the run takes: never `disabled`, for that would take the focus away from those who work by keyboard. */
export interface SettlingControl {
  readonly type: 'button';
  readonly 'aria-disabled': boolean;
  readonly onClick: () => void;
}

/** Lets one tap through and holds further ones back until a thumb can have meant them. */
export function useSettling(): (work: () => void) => SettlingControl {
  const [settling, setSettling] = useState(false);
  useEffect(() => {
    if (!settling) return;
    const settled = setTimeout(() => setSettling(false), BOUNCE_MS);
    return () => clearTimeout(settled);
  }, [settling]);
  return (work) => ({
    type: 'button',
    'aria-disabled': settling,
    onClick: () => {
      if (settling) return;
      setSettling(true);
      work();
    },
  });
}
