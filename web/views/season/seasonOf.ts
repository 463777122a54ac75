import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';

const HOUR_MS = 3_600_000;
/** As many as one looks at on a winter evening. */
const MOST_FACES = 8;

/** A year as it is looked back on. */
export interface Season {
  readonly landed: readonly CaptureSummary[];
  readonly lost: number;
  readonly outings: readonly OutingSummary[];
  /** Outings that ended without a fish, landed or lost. */
  readonly blanks: number;
  readonly rodHours: number;
  /** The heaviest of each kind, the heaviest first. */
  readonly bests: readonly CaptureSummary[];
  /** Those of the heaviest that have a picture, each fish once. */
  readonly faces: readonly CaptureSummary[];
}

/** What a year comes to, from its pages of the book and the outings that began in it and took place. */
export function seasonOf(rows: readonly CaptureSummary[], all: readonly OutingSummary[], year: string): Season {
  const landed = rows.filter(({ outcome }) => outcome === 'released' || outcome === 'died');
  const lost = rows.filter(({ outcome }) => outcome === 'lost').length;
  const outings = all.filter(
    ({ fromMs, calledOff, endedAt }) =>
      !calledOff && endedAt !== null && new Date(fromMs).getFullYear() === Number(year),
  );
  const withFish = new Set(rows.map(({ outingId }) => outingId));
  const heaviest = landed
    .filter(({ netGrams }) => netGrams !== null)
    .toSorted((a, b) => (b.netGrams ?? 0) - (a.netGrams ?? 0));
  const once = <T>(of: readonly CaptureSummary[], key: (row: CaptureSummary) => T) => {
    const seen = new Set<T>();
    return of.filter((row) => !seen.has(key(row)) && seen.add(key(row)));
  };
  return {
    landed,
    lost,
    outings,
    blanks: outings.filter(({ outingId }) => !withFish.has(outingId)).length,
    rodHours: Math.round(outings.flatMap(({ fished }) => fished).reduce((sum, { rodMs }) => sum + rodMs, 0) / HOUR_MS),
    bests: once(heaviest, ({ species, kindName }) => `${species ?? ''} ${kindName ?? ''}`),
    faces: once(
      heaviest.filter(({ pictures }) => pictures.length > 0),
      ({ fishId, captureId }) => fishId ?? captureId,
    ).slice(0, MOST_FACES),
  };
}
