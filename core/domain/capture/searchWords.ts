import type { CaptureRecord } from './record.js';
import type { CaptureSummary } from './summary.js';

/** What a fish depends on, by the letter that its word begins with. */
const KINDS = { water: 'w', swim: 's', fish: 'f', species: 'k', form: 'm' } as const;

/** What a row is found by, whatever it is called by now. Example: `wordOf('water', '0189-ab') === 'w0189ab'`. */
export function wordOf(kind: keyof typeof KINDS, id: string): string {
  return KINDS[kind] + id.replaceAll('-', '');
}

/**
 * All that a capture can be found by: what was written of it, and what it depends on; nothing of one that is not in the
 * book.
 */
export function searchWords(
  { outcome, startedAt, waterId, swimId, fishId, species, form, kindName, rod, angler }: CaptureSummary,
  { note }: CaptureRecord,
): string {
  if (outcome === 'discarded' || outcome === 'merged' || startedAt === null) return '';
  const told = [
    kindName,
    rod?.rig,
    rod?.bait,
    rod?.method,
    rod?.place,
    angler && 'name' in angler ? angler.name : null,
    note,
  ];
  const rows = [
    waterId && wordOf('water', waterId),
    swimId && wordOf('swim', swimId),
    fishId && wordOf('fish', fishId),
    species && wordOf('species', species),
    form && wordOf('form', form),
  ];
  return [...told, ...rows].filter(Boolean).join(' ');
}
