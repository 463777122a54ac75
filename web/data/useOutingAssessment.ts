import { dateFormat } from '../text/language.js';
import { useEffect, useMemo, useState } from 'react';
import type { readiness } from '@keeper/core/bank/readiness';
import { lengthOfWeight } from '@keeper/core/biometry/lengthWeight';
import type { assessAhead, OutingAssessment, AssessmentInput } from '@keeper/core/planning/assessOuting';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import type { Swim } from '@keeper/core/domain/water/swim';
import type { Water } from '@keeper/core/domain/water/water';
import { useSame } from '../parts/useSame.js';
import { timeText } from '../parts/when.js';
import { useDevicePreference } from './devicePreferences.js';
import { useSettings, useTally } from './queries.js';
import { useStandingKit, useStandingRigs, useSwims, useWaters } from './rows.js';
import { MINUTE_MS } from '@keeper/core/measure/timeSpan';

/** What works out the hours ahead. */
interface Looking {
  readonly assessAhead: typeof assessAhead;
  readonly readiness: typeof readiness;
}

let looking: Looking | undefined;

/** Fetched behind the first page: a fish can be begun before the hours ahead are worked out. */
const fetched = Promise.all([import('@keeper/core/planning/assessOuting'), import('@keeper/core/bank/readiness')]).then(
  ([assessment, ready]) => (looking = { assessAhead: assessment.assessAhead, readiness: ready.readiness }),
);

function useLooking(): Looking | undefined {
  const [here, setHere] = useState(looking);
  useEffect(() => {
    void fetched.then(setHere);
  }, []);
  return here;
}

/** The wall clock to the minute; what depends on it is worked out no more often. */
export function useMinute(): number {
  const [nowMs, setNowMs] = useState(() => Date.now());
  useEffect(() => {
    const looking = setInterval(() => setNowMs(Date.now()), MINUTE_MS / 2);
    return () => clearInterval(looking);
  }, []);
  return Math.floor(nowMs / MINUTE_MS) * MINUTE_MS;
}

export const clock = (atMs: number) => timeText(new Date(atMs));

const WEEKDAY = dateFormat({ weekday: 'short' });

/** The clock of an outing: one that goes on into another day says which. Examples: `12:00`; `Sun 12:00`. */
export function clockBetween(fromMs: number, toMs: number): (atMs: number) => string {
  const isOneDay = new Date(fromMs).toDateString() === new Date(toMs).toDateString();
  return isOneDay ? clock : (atMs) => `${WEEKDAY.format(atMs)} ${clock(atMs)}`;
}

export const calendar = (atMs: number) => {
  const date = new Date(atMs);
  return { year: date.getFullYear(), month: date.getMonth() + 1, day: date.getDate() };
};

/** Of each kind the longest fish of the book, measured or by its weight, and when one was last on. */
export function useOwnRecords(): NonNullable<AssessmentInput['own']> {
  const { bySpecies } = useTally().data ?? { bySpecies: undefined };
  return useMemo(() => {
    const kinds = bySpecies ?? [];
    const longest = ({ species, longestMm, best }: (typeof kinds)[number]) =>
      Math.max(longestMm ?? 0, best?.netGrams ? (lengthOfWeight(species, best.netGrams) ?? 0) : 0);
    return {
      longestMm: Object.fromEntries(kinds.map((kind) => [kind.species, longest(kind)])),
      lastFishAt: Object.fromEntries(kinds.map(({ species, lastAt }) => [species, lastAt])),
    };
  }, [bySpecies]);
}

export interface Bank {
  readonly water: Water | undefined;
  readonly swim: Swim | undefined;
  readonly assessment: OutingAssessment | null;
}

/** Where an outing is, and what lies ahead of it. */
export function useBank(state: OutingState, lookMs?: number): Bank {
  const water = useWaters().find(({ id }) => id === state.waterId);
  const swims = useSwims();
  const swim = swims.find(({ id }) => id === state.swims.at(-1)?.swimId);
  const ways = useSettings();
  const kit = useStandingKit();
  const rigs = useStandingRigs();
  const nowMs = useMinute();
  const look = useLooking();
  const own = useOwnRecords();
  const zeroedAt = useDevicePreference('zeroedAt');
  const zeroedMs = zeroedAt ? Date.parse(zeroedAt) : null;
  // At a check nothing ahead changes: what takes its time is worked out again only when something else did.
  const { checked, ...rest } = state;
  const unchecked = useSame({ ...rest, checked: [], runsDropped: 0, lastEvent: null });
  const ahead = useMemo(
    () =>
      water && look
        ? look.assessAhead({
            state: unchecked,
            water,
            swim: swim ?? null,
            ways,
            kit,
            rigs,
            nowMs,
            own,
            zeroedMs,
            lookMs,
            calendar,
            clock: clockBetween(unchecked.fromMs, unchecked.toMs),
          })
        : null,
    [look, unchecked, water, swim, ways, kit, rigs, nowMs, own, zeroedMs, lookMs],
  );
  const whole = useMemo(
    () => (ahead && look ? { ...ahead, readiness: look.readiness(ahead.items, checked) } : null),
    [look, ahead, checked],
  );
  return { water, swim, assessment: whole };
}
