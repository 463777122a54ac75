import { useSyncExternalStore } from 'react';

/** The three lights that the screen is read in. */
export type Theme = 'day' | 'glare' | 'night';

const KEY = 'keeper.light';
const listeners = new Set<() => void>();

/** Chooses the light on this device; `light.js` sets it before the first paint of the next page. */
export function setTheme(light: Theme): void {
  localStorage.setItem(KEY, light);
  document.documentElement.dataset['light'] = light;
  // The browser's own bar must not shine at night.
  const bar = document.querySelector<HTMLMetaElement>('meta[name="theme-color"]');
  if (bar) bar.content = getComputedStyle(document.documentElement).getPropertyValue('--paper').trim();
  for (const listener of listeners) listener();
}

/** The light that was chosen on this device; by day where none was. */
export function themeKept(): Theme {
  return (localStorage.getItem(KEY) as Theme | null) ?? 'day';
}

export function useTheme(): Theme {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => (document.documentElement.dataset['light'] as Theme | undefined) ?? 'day',
  );
}
