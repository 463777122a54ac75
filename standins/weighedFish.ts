import type { Rng } from '@keeper/core/statistics/rng';
import { gramsOf, massSystemOf, type Mass } from '@keeper/core/measure/mass';
import { liveReading } from '@keeper/core/weighing/liveReading';
import { permissibleError } from '@keeper/core/weighing/permissibleError';
import type { ScaleSupport, WeightReading } from '@keeper/core/domain/capture/weightReading';
import type { WeighMethod } from '@keeper/core/domain/practice/weighMethod';
import type { WeighedWith } from '@keeper/core/weighing/result';
import { checkInForce } from '@keeper/core/weighing/scaleCheck';
import type { ScaleCheck } from '@keeper/core/domain/kit/scaleSpec';
import { settle, type ScaleSample, type Settling } from '@keeper/core/weighing/settle';
import { slingDrain, zeroErrorGrams } from '@keeper/core/weighing/slingDrain';
import { packetStepGrams } from '@keeper/core/weighing/weightMeasurement';
import { drawLoad, hangingForce, type Support } from './hangingLoad.js';
import { drawSensor, readForce } from './scaleSensor.js';
import { DAY_MS } from '@keeper/core/measure/timeSpan';

/** How a simulated fish is weighed. */
export interface WeighedHow {
  readonly method: WeighMethod;
  readonly support: Support;
  /** Whether the keeper says afterwards where the hand was; else the book knows only that it hung from one. */
  readonly handNoted: boolean;
  readonly division: Mass;
  readonly checked: boolean;
  readonly bracketed: boolean;
}

/** A simulated weighing with its truth. */
export interface WeighedFish {
  readonly truthGrams: number;
  readonly reading: WeightReading;
  readonly around: WeighedWith;
}

const PATIENCE_MS = 30_000;
const READ_AT = Date.UTC(2026, 5, 1, 6);
const SLING_GRAMS = 800;
/** Scales of the trade have no more steps than this. */
export const MOST_STEPS = 3000;

/**
 * Weighs an invented fish on an invented scale: a gain that wandered since its check, a zero and a tare cut to steps, a
 * sling that drained or was dipped again, a load that swings and kicks, packets cut once more. Undefined when the scale
 * says nothing in half a minute.
 */
export function weighFish(luck: Rng, truthGrams: number, how: WeighedHow): WeighedFish | undefined {
  const { division, checked, support, method } = how;
  const divisionGrams = gramsOf(division);
  const drain = slingDrain([{ at: iso(READ_AT - DAY_MS), wet: true, mass: { unit: 'g', count: SLING_GRAMS } }]);
  const ageMin = luck.between(1, 40);
  const sling = drawSling(luck, zeroErrorGrams(drain, ageMin), how.bracketed);
  const limit = permissibleError(truthGrams, divisionGrams, 'III')?.grams ?? 0;
  const { check, gain } = checked
    ? drawCheck(luck, division)
    : { check: undefined, gain: 1 + luck.between(-limit, limit) / truthGrams };
  const around: WeighedWith = {
    division,
    scaleClass: 'III',
    check: check && checkInForce({ division, scaleClass: 'III', checks: [check] }, iso(READ_AT)),
    drain,
    rounding: 'down',
  };
  const zeroed = method === 'zeroed';
  const zeroError = zeroed ? luck.between(-0.25, 0.25) * divisionGrams : 0;
  const zeroGrams = zeroed ? gain * SLING_GRAMS - zeroError : 0;
  const hung = hang(luck, gain * (truthGrams + sling.withFish), support, divisionGrams, zeroGrams, division);
  const live = liveReading(hung, { unit: unitOf(division), division, rounding: 'down' });
  if (!live) return undefined;
  const shownEmpty = (sling_: number) => Math.round((gain * sling_ - zeroGrams) / divisionGrams) * division.count;
  const after = shownEmpty(sling.after);
  return {
    truthGrams,
    around,
    reading: {
      ...live,
      method,
      way: 'live',
      support: noted(how, hung),
      ...(!zeroed && { tare: { unit: division.unit, count: shownEmpty(SLING_GRAMS) } }),
      zeroedAt: iso(READ_AT - ageMin * 60_000),
      readAt: iso(READ_AT),
      ...(how.bracketed && {
        slingAfter: { unit: division.unit, count: zeroed ? Math.max(0, after) : after },
        slingAfterWay: 'live',
      }),
    },
  };
}

function iso(ms: number): string {
  return new Date(ms).toISOString();
}

function unitOf(division: Mass) {
  return massSystemOf(division.unit) === 'kg' ? ('g' as const) : ('lb/100' as const);
}

/**
 * What the sling weighs with the fish in it and afterwards: somewhere about what was zeroed, by as much as such a sling
 * changes.
 */
function drawSling(luck: Rng, changeGrams: number, bracketed: boolean) {
  if (!bracketed) return { withFish: SLING_GRAMS + luck.between(-changeGrams, changeGrams), after: SLING_GRAMS };
  const change = luck.between(-1.7 * changeGrams, 1.7 * changeGrams);
  return { withFish: SLING_GRAMS + luck.next() * change, after: SLING_GRAMS + change };
}

/** A check of three to six masses some time ago, and the gain as it has wandered since. */
function drawCheck(luck: Rng, division: Mass): { readonly check: ScaleCheck; readonly gain: number } {
  const gainThen = 1 + 0.004 * luck.normal();
  const years = luck.between(0, 1.5);
  const divisionGrams = gramsOf(division);
  const points = Array.from({ length: 3 + Math.floor(luck.next() * 4) }, (_, i) => {
    const trueGrams = Math.round(
      (0.15 + 0.2 * i) * Math.min(27_000, MOST_STEPS * divisionGrams) * luck.between(0.8, 1.2),
    );
    const uGrams = Math.max(1, 0.0005 * trueGrams);
    const shown = Math.round((gainThen * (trueGrams + uGrams * luck.normal())) / divisionGrams) * division.count;
    return { how: 'known-mass' as const, trueGrams, uGrams, shown: { unit: division.unit, count: shown } };
  });
  // Scales differ in how far they wander: four degrees of freedom about a thousandth in a year.
  const chiSquared = [1, 2, 3, 4].reduce((sum) => sum + luck.normal() ** 2, 0);
  const wander = 0.001 * Math.sqrt(4 / Math.max(0.05, chiSquared)) * Math.sqrt(years) * luck.normal();
  return { check: { at: iso(READ_AT - years * 365.25 * DAY_MS), points }, gain: gainThen + wander };
}

/** Listens until the scale has settled; what hangs from a hand is taken when it is said to, or at the end. */
function hang(
  luck: Rng,
  grams: number,
  support: Support,
  divisionGrams: number,
  zeroGrams: number,
  division: Mass,
): Settling {
  const load = drawLoad(luck, grams, support, luck.next());
  const sensor = drawSensor(luck, divisionGrams);
  const read = readForce({ ...sensor, driftPerMin: 0, gainPerC: 0 }, hangingForce(load, luck), luck, zeroGrams);
  const packet = packetStepGrams(unitOf(division));
  const samples: ScaleSample[] = [];
  for (;;) {
    const { atMs, grams: shown } = read();
    samples.push({ atMs, grams: Math.round(shown / packet) * packet });
    const said = settle(samples, divisionGrams);
    if (said.steadiness === 'settled' || said.steadiness === 'held' || atMs > PATIENCE_MS) return said;
  }
}

function noted({ support, handNoted }: WeighedHow, { steadiness }: Settling): ScaleSupport {
  if (handNoted && support === 'hand') return 'loop';
  if (handNoted && support === 'cupped') return 'cupped';
  return steadiness === 'held' ? 'held' : 'hung';
}
