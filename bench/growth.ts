import { createRng, type Rng } from '@keeper/core/statistics/rng';
import { expectedWeight } from '@keeper/core/biometry/expectedWeight';
import { fabensGrowth } from '@keeper/core/biometry/fabens';
import { growthFit, type Measure } from '@keeper/core/biometry/growth';
import { LENGTH_WEIGHT, weightOfLength } from '@keeper/core/biometry/lengthWeight';
import type { OwnFish } from '@keeper/core/biometry/ownRelation';
import { YEAR_MS } from '@keeper/core/measure/timeSpan';

const START_MS = Date.UTC(2020, 0, 1);

/**
 * How often what is said about growth and expected weight holds the truth: invented fish whose truth is known. 95 % is
 * what each claims.
 */
export function growthBench(): void {
  const luck = createRng('growth of the bench');
  for (const scatter of [0.05, 0.1])
    for (const n of [3, 4, 5, 8, 12, 20, 50, 200])
      say(`gain of weight a year: scatter ${100 * scatter} %, ${n} weighings`, weightGrowth(luck, n, scatter));
  for (const n of [3, 5, 8, 20, 60])
    say(`gain of length a year: a tape that errs by 8 mm, ${n} times`, lengthGrowth(luck, n));
  for (const n of [6, 8, 12, 25, 60, 200])
    say(`rate of growth of a water: ${n} fish measured twice`, waterGrowth(luck, n));
  for (const n of [0, 1, 3, 5, 10, 50, 200])
    say(`expected weight of the next fish: ${n} own, of five waters`, nextFish(luck, n));
}

interface Held {
  readonly held: number;
  readonly of: number;
  /** The same for the next single fish or weighing, where that is said too. */
  readonly next?: number;
}

function say(name: string, { held, of, next }: Held): void {
  const share = (part: number) => `${((100 * part) / of).toFixed(1)} %`;
  process.stdout.write(
    `${name.padEnd(66)}${share(held)} of ${of}${next === undefined ? '' : `; the band holds the next ${share(next)}`}\n`,
  );
}

function grown(luck: Rng, n: number, kind: 'weight' | 'length', u: number, trueAt: (years: number) => number) {
  const years = luck.between(1.5, 6);
  const measured: Measure[] = Array.from({ length: n }, () => {
    const at = luck.between(0, years);
    return { atMs: START_MS + at * YEAR_MS, value: trueAt(at) + u * luck.normal(), u };
  });
  return { fit: growthFit(measured, kind), at: luck.between(0, years) };
}

/** One fish of 9 kg that gains a steady weight and scatters with season and spawn; the scale errs by 60 g. */
function weightGrowth(luck: Rng, n: number, scatter: number): Held {
  return grow(luck, n, 'weight', () => {
    const gain = luck.between(100, 900);
    return { gain, u: 60, trueAt: (years) => (9000 + gain * years) * (1 + scatter * luck.normal()) };
  });
}

/** One fish of 70 cm, laid a little otherwise each time. */
function lengthGrowth(luck: Rng, n: number): Held {
  return grow(luck, n, 'length', () => {
    const gain = luck.between(2, 30);
    return { gain, u: 8, trueAt: (years) => (700 + gain * years) * (1 + 0.006 * luck.normal()) };
  });
}

interface Truth {
  readonly gain: number;
  readonly u: number;
  readonly trueAt: (years: number) => number;
}

function grow(luck: Rng, n: number, kind: 'weight' | 'length', draw: () => Truth): Held {
  const runs = n > 50 ? 300 : 1000;
  let [held, next, of] = [0, 0, 0];
  for (let i = 0; i < runs; i += 1) {
    const { gain, u, trueAt } = draw();
    const { fit, at } = grown(luck, n, kind, u, trueAt);
    if (!fit) continue;
    of += 1;
    if (Math.abs(fit.perYear.value - gain) <= fit.perYear.expanded) held += 1;
    const band = fit.at(START_MS + at * YEAR_MS);
    if (Math.abs(trueAt(at) - band.value) <= band.expanded) next += 1;
  }
  return { held, next, of };
}

/**
 * Fish that grow towards 900 mm at 0.2 a year, met again after some months or years and measured with a tape each time.
 */
function waterGrowth(luck: Rng, n: number): Held {
  const [most, rate] = [900, 0.2];
  let [held, of] = [0, 0];
  for (let i = 0; i < 500; i += 1) {
    const fit = fabensGrowth(
      Array.from({ length: n }, () => {
        const [firstMm, years] = [luck.between(450, 820), luck.between(0.3, 3)];
        const secondMm = firstMm + (most - firstMm) * (1 - Math.exp(-rate * years)) + 9 * luck.normal();
        return { firstMm, secondMm, years };
      }),
    );
    if (!fit) continue;
    of += 1;
    if (fit.rateFrom <= rate && rate <= fit.rateTo) held += 1;
  }
  return { held, of };
}

/** Carp of a keeper whose five waters differ among themselves; every third of them is a fish that was met before. */
function nextFish(luck: Rng, n: number): Held {
  const scatter = LENGTH_WEIGHT.carp?.scatter ?? 0;
  const runs = 1000;
  let held = 0;
  for (let i = 0; i < runs; i += 1) {
    const keeper = 0.08 * luck.normal();
    const waters = Array.from({ length: 5 }, () => keeper + 0.09 * luck.normal());
    const own: OwnFish[] = [];
    const drawOne = (): OwnFish & { readonly lengthMm: number } => {
      const [water, lengthMm] = [Math.floor(luck.next() * waters.length), luck.between(600, 950)];
      const grams = (weightOfLength('carp', lengthMm) ?? 0) * Math.exp((waters[water] ?? 0) + scatter * luck.normal());
      return { species: 'carp', lengthMm, grams, waterId: `water ${water}`, fishId: `fish ${own.length}` };
    };
    while (own.length < n) own.push(luck.next() < 1 / 3 && own.length > 0 ? luck.pick(own) : drawOne());
    const one = drawOne();
    const said = expectedWeight({
      species: 'carp',
      girthMm: null,
      own,
      lengthMm: one.lengthMm,
      waterId: one.waterId ?? null,
    });
    if (Math.abs(Math.log(one.grams) - said.lnGrams) <= 2 * said.sd) held += 1;
  }
  return { held, of: runs };
}
