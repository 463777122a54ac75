import type { SpeciesId } from '../domain/fish/species.js';
import type { LossReason } from '../domain/capture/rodFacts.js';
import { chanceLarger, proportionOf, type Proportion } from '../statistics/proportion.js';
import type { FishTaken, FishingRecord, RodMiss } from './fishingRecord.js';

/** What tackle is told apart by. */
export const TACKLE = ['rig', 'hook', 'bait'] as const;
export type Tackle = (typeof TACKLE)[number];

/** What may go wrong with a take; each is a share of other takes. */
export const MISHAPS = ['missed', 'lost', 'deep', 'cut'] as const;
export type Mishap = (typeof MISHAPS)[number];

/** One mishap of one kind of tackle beside all others together. */
export interface MishapShare extends Proportion {
  readonly others: Proportion;
  /** How likely it happens oftener here than with the others. */
  readonly chanceWorse: number;
  /** It likely does, however many were asked about. */
  readonly isWorse: boolean;
}

/** What one rig, hook or bait brought. */
export interface TackleOutcome {
  readonly name: string;
  /** The kind that it mostly takes; null where none was told. */
  readonly kind: SpeciesId | null;
  readonly takes: number;
  readonly landed: number;
  /** How those that were lost got away, the commonest first. */
  readonly losses: readonly { readonly reason: LossReason; readonly times: number }[];
  readonly mishaps: Readonly<Record<Mishap, MishapShare>>;
}

/** With fewer takes a rig is not spoken of. */
export const LEAST_TAKES = 5;
/** Only what went wrong more than once is said of a rig. */
const LEAST_TIMES = 2;
/** Of all that is asked of a kind of tackle at most this share is called worse by chance. */
const MOST_FALSE = 0.05;

/**
 * What became of the takes on each rig, hook or bait: missed of all takes, lost of those that were hooked, hooked deep
 * of those landed whose hold was told, and cut of those landed; the most takes first. It is compared with the others of
 * the kind that it mostly takes, since a pike is cut free oftener than a carp whatever the rig. One is called worse
 * than those together when that is so likely that, of all that are asked about, chance alone would hardly bring one
 * (Bonferroni's bound). A fish of a notebook does not count: what was lost was not written down. Example: with one rig
 * there is nothing to compare.
 */
export function tackleOutcomes(
  { fish, outings }: Pick<FishingRecord, 'fish' | 'outings'>,
  by: Tackle,
): readonly TackleOutcome[] {
  const groups = new Map<string, Takes>();
  const at = (name: string | null) => {
    if (name === null || name === '') return undefined;
    const there = groups.get(name) ?? { fish: [], missed: [] };
    groups.set(name, there);
    return there;
  };
  for (const each of fish) if (each.isFromBank) at(each[by])?.fish.push(each);
  for (const { missed } of outings) for (const miss of missed) at(miss[by])?.missed.push(miss);
  const told = [...groups].flatMap(([name, takes]) => {
    const counts = countsOf(takes);
    return counts.missed.of >= LEAST_TAKES ? [{ name, takes, counts, kind: kindOf(takes) }] : [];
  });
  return told
    .map(({ name, takes, counts, kind }): TackleOutcome => {
      const others = told.filter((each) => each.name !== name && each.kind === kind).map((each) => each.counts);
      const share = (mishap: Mishap) => shareOf(counts[mishap], sumOf(others, mishap), told.length * MISHAPS.length);
      return {
        name,
        kind,
        takes: counts.missed.of,
        landed: takes.fish.filter(isLanded).length,
        losses: lossesOf(takes),
        mishaps: { missed: share('missed'), lost: share('lost'), deep: share('deep'), cut: share('cut') },
      };
    })
    .sort((a, b) => b.takes - a.takes);
}

interface Takes {
  readonly fish: FishTaken[];
  readonly missed: RodMiss[];
}

interface Count {
  readonly times: number;
  readonly of: number;
}

function countsOf({ fish, missed }: Takes): Readonly<Record<Mishap, Count>> {
  const landed = fish.filter(isLanded);
  const lostUnseen = missed.filter(({ kind }) => kind === 'fish-lost').length;
  const told = landed.filter(({ hookHold }) => hookHold !== null);
  const times = (of: readonly FishTaken[], is: (each: FishTaken) => boolean) => ({
    times: of.filter(is).length,
    of: of.length,
  });
  return {
    missed: { times: missed.length - lostUnseen, of: missed.length + fish.length },
    lost: { times: fish.length - landed.length + lostUnseen, of: fish.length + lostUnseen },
    deep: times(told, ({ hookHold }) => hookHold === 'deep'),
    cut: times(
      landed.filter(({ hookEnd }) => hookEnd !== null),
      ({ hookEnd }) => hookEnd === 'cut' || hookEnd === 'left-in',
    ),
  };
}

function sumOf(all: readonly Readonly<Record<Mishap, Count>>[], mishap: Mishap): Count {
  return all.reduce((sum, each) => ({ times: sum.times + each[mishap].times, of: sum.of + each[mishap].of }), {
    times: 0,
    of: 0,
  });
}

function shareOf(here: Count, others: Count, asked: number): MishapShare {
  const chanceWorse = here.of === 0 || others.of === 0 ? 0.5 : chanceLarger(here, others);
  return {
    ...proportionOf(here.times, here.of),
    others: proportionOf(others.times, others.of),
    chanceWorse,
    isWorse: here.times >= LEAST_TIMES && 1 - chanceWorse <= MOST_FALSE / asked,
  };
}

function kindOf({ fish }: Takes): SpeciesId | null {
  const times = new Map<SpeciesId, number>();
  for (const { species } of fish) if (species !== null) times.set(species, (times.get(species) ?? 0) + 1);
  return [...times].sort(([, a], [, b]) => b - a)[0]?.[0] ?? null;
}

function lossesOf({ fish, missed }: Takes): TackleOutcome['losses'] {
  const times = new Map<LossReason, number>();
  for (const { loss } of [...fish, ...missed]) if (loss) times.set(loss, (times.get(loss) ?? 0) + 1);
  return [...times].map(([reason, of]) => ({ reason, times: of })).sort((a, b) => b.times - a.times);
}

function isLanded({ outcome }: FishTaken): boolean {
  return outcome !== 'lost';
}
