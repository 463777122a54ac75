import type { OwnFish } from '../biometry/ownRelation.js';
import type { CaptureState } from '../domain/capture/captureState.js';
import { timesDone } from '../domain/capture/steps.js';
import type { CaptureSummary } from '../domain/capture/summary.js';
import { weighingOf } from '../domain/capture/weighingOf.js';
import { totalLength } from '../domain/fish/bodyLength.js';
import type { SpeciesId } from '../domain/fish/species.js';
import { lengthMm } from '../measure/length.js';
import { gramsOf } from '../measure/mass.js';
import { DAY_MS } from '../measure/timeSpan.js';
import type { Entry } from './entry.js';
import type { WeighedOn } from './resultOf.js';
import { slingDrain, wetTareGrams } from './slingDrain.js';
import { wasZeroed } from './wasZeroed.js';

/** Another fish of the book that was weighed. */
export interface OtherFish extends Omit<OwnFish, 'species'> {
  readonly captureId: string;
  readonly startedAt: string;
  readonly species: SpeciesId | null;
}

/** What stands beside an entry that is looked at. */
export interface EntryBeside {
  /** Every fish that was weighed, newest first; the one that is looked at may be among them. */
  readonly weighed: readonly OtherFish[];
  /** The captures of the known fish that it is said to be; none while that is open. */
  readonly captures: readonly Pick<CaptureSummary, 'captureId' | 'startedAt' | 'netGrams'>[];
  readonly scales: WeighedOn | undefined;
  readonly sling: WeighedOn | undefined;
}

/**
 * The entry of a capture with all that it can be compared with; undefined while nothing was read.
 * Example: beside a fish of an hour before with the same weight, `before` carries that weight.
 */
export function entryOf(state: CaptureState, { weighed, captures, scales, sling }: EntryBeside): Entry | undefined {
  const reading = weighingOf(state);
  if (!reading) return undefined;
  const others = weighed.filter(({ captureId }) => captureId !== state.captureId);
  const { species, length, girth, guess } = state.facts;
  const startedAt = state.startedAt ?? '';
  const before = others.find((fish) => fish.startedAt < startedAt);
  const history = captures.flatMap(({ captureId, startedAt: at, netGrams }) =>
    captureId === state.captureId || !at || netGrams === null
      ? []
      : [{ grams: netGrams, daysAgo: Math.abs(Date.parse(startedAt) - Date.parse(at)) / DAY_MS }],
  );
  const drain = sling && sling.tares.length > 0 ? slingDrain(sling.tares) : undefined;
  return {
    reading,
    own: others.flatMap((fish): OwnFish[] => (fish.species ? [{ ...fish, species: fish.species }] : [])),
    species: species ?? null,
    waterId: state.facts.waterId ?? null,
    lengthMm: length ? totalLength(length, species).totalMm : null,
    girthMm: girth ? lengthMm(girth) : null,
    // Where the run was tapped through, a zero that was not tapped is likely not to have been set.
    ...(timesDone(state, 'weighed') > 0 &&
      reading.method === 'zeroed' && { zeroSeen: wasZeroed(state, reading.zeroedAt) }),
    ...(drain && { slingGrams: wetTareGrams(drain, 0) }),
    ...(scales?.scale && { division: scales.scale.division }),
    ...(history.length > 0 && { history }),
    ...(guess && { guessGrams: gramsOf(guess) }),
    ...(before && { before: { grams: before.grams, lengthMm: before.lengthMm } }),
  };
}
