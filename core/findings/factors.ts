import { getMoonIllumination } from 'suncalc';
import { HOUR_MS } from '../measure/timeSpan.js';
import { memoize } from '../statistics/memoize.js';
import { foldWord } from '../domain/outing/foldWord.js';
import type { OutingEffort, RodHour } from './effort.js';
import { lightAt } from './light.js';

/** What a catch may hang on. */
export const FACTORS = [
  'light',
  'swim',
  'bait',
  'rig',
  'range',
  'month',
  'waterTemp',
  'waterTrend',
  'pressure',
  'pressureTrend',
  'wind',
  'cloud',
  'moon',
] as const;
export type Factor = (typeof FACTORS)[number];

/**
 * Whether it changes within a day, so that one outing is compared with itself. What holds for a day or longer is
 * compared between outings.
 */
export const IS_WITHIN: Readonly<Record<Factor, boolean>> = {
  light: true,
  swim: false,
  bait: false,
  rig: false,
  range: false,
  month: false,
  waterTemp: false,
  waterTrend: false,
  pressure: false,
  pressureTrend: false,
  wind: false,
  cloud: false,
  moon: false,
};

/**
 * The level of each factor in one rod-hour: a code, or an id or a word of the keeper's; null where it is not known.
 * Bands are common practice, no source. Example: half an hour before sunrise the light is `first`.
 */
export function levelOf(factor: Factor, rodHour: RodHour, { outing, position }: OutingEffort): string | null {
  const { stretch, how, before } = rodHour;
  const middleMs = rodHour.atMs + (rodHour.hours * HOUR_MS) / 2;
  switch (factor) {
    case 'light':
      return position ? lightAt(middleMs, position) : null;
    case 'swim':
      return stretch.swimId;
    case 'bait':
      return stretch.bait === null ? null : fold(stretch.bait) || null;
    case 'rig':
      return stretch.rig === null ? null : fold(stretch.rig) || null;
    case 'range':
      return bandOf(stretch.distanceM, [20, 40, 70]);
    case 'month':
      return String(new Date(outing.fromMs).getUTCMonth() + 1);
    case 'waterTemp':
      return bandOf(how?.waterC, [8, 12, 16, 20]);
    case 'waterTrend':
      return trendOf(how?.waterC, before?.waterC, 0.3);
    case 'pressure':
      return bandOf(how?.pressureHpa, [1005, 1020]);
    case 'pressureTrend':
      return trendOf(how?.pressureHpa, before?.pressureHpa, 1);
    case 'wind':
      return bandOf(how?.windMs, [3, 7]);
    case 'cloud':
      return bandOf(how?.cloudOctas, [3, 6]);
    case 'moon':
      return moonAt(middleMs);
  }
}

/** A band by the bounds beneath and above it: `under 8`, `8 to 12`, `from 20` as `|8`, `8|12`, `20|`. */
function bandOf(value: number | null | undefined, bounds: readonly number[]): string | null {
  if (value === null || value === undefined || !Number.isFinite(value)) return null;
  const above = bounds.findIndex((bound) => value < bound);
  if (above < 0) return `${bounds.at(-1)}|`;
  return `${above === 0 ? '' : bounds[above - 1]}|${bounds[above]}`;
}

function trendOf(now: number | null | undefined, then: number | null | undefined, steady: number): string | null {
  if (now === null || now === undefined || then === null || then === undefined) return null;
  const change = now - then;
  return Math.abs(change) < steady ? 'steady' : change > 0 ? 'rising' : 'falling';
}

// A book asks for the same few again and again.
const fold = memoize(1000, foldWord);

/**
 * The quarter that is nearest, by the phase of the suncalc library (after Meeus 1998); it is that of a quarter of a
 * day.
 */
function moonAt(atMs: number): string {
  return moonInQuarter(Math.floor(atMs / QUARTER_MS));
}

const QUARTER_MS = 6 * HOUR_MS;

const moonInQuarter = memoize(20_000, (quarter: number) => {
  const { phase } = getMoonIllumination(new Date((quarter + 0.5) * QUARTER_MS));
  return ['new', 'first-quarter', 'full', 'last-quarter'][Math.round(phase * 4) % 4] ?? 'new';
});
