import { partsText } from './text.en-GB.js';
import { lazy, type ComponentType } from 'react';

/**
 * A part that is fetched when it is first needed. Where it cannot be fetched it says so in its place, and the page
 * stands.
 */
export function lazyPart<P extends object>(fetched: () => Promise<ComponentType<P>>) {
  return lazy(async () => ({ default: await fetched().catch((): ComponentType<P> => NotFetched) }));
}

function NotFetched() {
  return <p className="text-soft">{partsText.thisPartCouldNot}</p>;
}
