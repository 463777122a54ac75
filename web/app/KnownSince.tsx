import { useQuery } from '@tanstack/react-query';
import { Unreachable } from '../data/api.js';
import { asked } from '../data/asked.js';
import { useMyKeeperId } from '../data/whose.js';
import { whenText } from '../parts/when.js';
import { appText } from './text.en-GB.js';

/** Without a signal: how old that is which this device knows of the book. */
export function KnownSince() {
  const { error } = useQuery({ ...asked.health, retry: false });
  const { dataUpdatedAt } = useQuery({ ...asked.tally(useMyKeeperId()), enabled: false });
  // What an earlier page kept is no older than it says: its reading is kept with it.
  const isAway = error instanceof Unreachable && error.constructor === Unreachable;
  if (!isAway || dataUpdatedAt === 0) return null;
  return (
    <p role="status" className="mb-4 text-sm text-soft">
      {appText.asItWas({ when: whenText(new Date(dataUpdatedAt).toISOString()) })}
    </p>
  );
}
