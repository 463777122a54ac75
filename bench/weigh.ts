import { GRAMS_PER_POUND } from '@keeper/core/measure/mass';
import { createRng } from '@keeper/core/statistics/rng';
import { settle, type ScaleSample, type Settling } from '@keeper/core/weighing/settle';
import { drawLoad, hangingForce, type Support } from '@keeper/standins/hangingLoad';
import { drawSensor, readForce } from '@keeper/standins/scaleSensor';
import { quantile, report } from './figures.js';

const WEIGHINGS = 2000;
/** Ranges so many times as wide as the simulated scale's own. */
const WIDER = 1.4;
/** 5, 10, 20 and 50 g, and an ounce. No scale of the trade is asked for more than 3000 steps. */
const DIVISIONS = [5, 10, 20, GRAMS_PER_POUND / 16, 50];
const MOST_STEPS = 3000;
const SUPPORTS: readonly Support[] = ['bar', 'tripod', 'hand', 'cupped'];
const PATIENCE_MS = 30_000;

/** What a way of reading takes, and when; undefined when it takes nothing in half a minute. */
interface Taken {
  readonly grams: number;
  readonly atMs: number;
  readonly held?: boolean;
}

type Way = (samples: readonly ScaleSample[], divisionGrams: number) => Taken | undefined;

function last(samples: readonly ScaleSample[]): ScaleSample {
  return samples.at(-1) ?? { atMs: 0, grams: 0 };
}

const ours: Way = (samples, divisionGrams) => {
  const { atMs } = last(samples);
  const said: Settling = settle(samples, divisionGrams);
  if (said.steadiness === 'held') return { grams: said.grams ?? 0, atMs, held: true };
  return said.steadiness === 'settled' ? { grams: said.grams ?? 0, atMs } : undefined;
};

/** A baseline takes what its last two seconds come to, once all of them lie within two steps. */
function plain(middle: (values: readonly number[]) => number): Way {
  return (samples, divisionGrams) => {
    const { atMs } = last(samples);
    const recent = samples.filter((sample) => sample.atMs > atMs - 2000).map(({ grams }) => grams);
    const spread = Math.max(...recent) - Math.min(...recent);
    const hangs = recent.every((grams) => grams > 3 * divisionGrams) && atMs > 2000;
    return hangs && spread <= 2 * divisionGrams ? { grams: middle(recent), atMs } : undefined;
  };
}

const WAYS: Readonly<Record<string, Way>> = {
  'this application': ours,
  'moving average of 2 s': plain((values) => values.reduce((sum, each) => sum + each, 0) / values.length),
  'median of 2 s': plain((values) => quantile(values, 0.5)),
};

interface Weighing {
  readonly support: Support;
  readonly grams: number;
  readonly divisionGrams: number;
  /** When the whole weight hung. */
  readonly hungMs: number;
  readonly taken: Readonly<Record<string, Taken | undefined>>;
}

function weigh(seed: string): Weighing {
  const luck = createRng(seed);
  const support = luck.pick(SUPPORTS);
  const load = drawLoad(luck, GRAMS_PER_POUND * luck.between(5, 60), support, luck.next(), WIDER);
  const sensor = drawSensor(luck, luck.pick(DIVISIONS.filter((step) => load.grams <= MOST_STEPS * step)), WIDER);
  const read = readForce(sensor, hangingForce(load, luck), luck);
  const samples: ScaleSample[] = [];
  const taken: Record<string, Taken | undefined> = {};
  const settled = () => Object.keys(WAYS).every((name) => taken[name] && !taken[name].held);
  while (last(samples).atMs < PATIENCE_MS && !settled()) {
    samples.push(read());
    for (const [name, way] of Object.entries(WAYS)) {
      // "Held" takes nothing: it is listened on, and what has been said last counts.
      const standing = taken[name];
      const now = standing && !standing.held ? standing : way(samples, sensor.divisionGrams);
      if (now) taken[name] = now;
    }
  }
  return { support, hungMs: 1000 * load.loadingS, grams: load.grams, divisionGrams: sensor.divisionGrams, taken };
}

/** How well the weight is taken off a scale that swings and kicks, beside two plain ways, in the same run. */
export function weighBench(): void {
  const all = Array.from({ length: WEIGHINGS }, (_, i) => weigh(`weighing of the bench ${i}`));
  const hung = all.filter(({ support }) => support === 'bar' || support === 'tripod');
  const byHand = all.filter(({ support }) => support === 'hand' || support === 'cupped');
  const say = (name: string, value: string) => process.stdout.write(`${name.padEnd(66)}${value}\n`);
  const share = (part: number, whole: number) => `${((100 * part) / whole).toFixed(2)} % (${part} of ${whole})`;
  say('weighings', `${WEIGHINGS}, of them hung ${hung.length}, by hand ${byHand.length}`);
  for (const name of Object.keys(WAYS)) {
    const errors = hung.flatMap(({ taken, grams, divisionGrams, hungMs }) => {
      const one = taken[name];
      return one && !one.held
        ? [{ steps: Math.abs(one.grams - grams) / divisionGrams, atMs: one.atMs, settledMs: one.atMs - hungMs }]
        : [];
    });
    // The aims are the application's; the plain ways are what it is compared with.
    const aim = (value: number) => (name === 'this application' ? value : undefined);
    const shareOf = (is: (steps: number) => boolean) =>
      (100 * errors.filter(({ steps }) => is(steps)).length) / hung.length;
    report(
      `${name}: hung, within one division`,
      shareOf((steps) => steps <= 1),
      '%',
      aim(97),
      'more',
    );
    report(
      `${name}: hung, off by more than two`,
      shareOf((steps) => steps > 2),
      '%',
      aim(0.5),
    );
    say(`${name}: hung, nothing taken in 30 s`, share(hung.length - errors.length, hung.length));
    const middleS = (of: (error: (typeof errors)[number]) => number) => quantile(errors.map(of), 0.5) / 1000;
    report(
      `${name}: median time from hanging free to the value`,
      middleS(({ settledMs }) => settledMs),
      's',
      aim(4),
    );
    report(
      `${name}: the same from the first lift`,
      middleS(({ atMs }) => atMs),
      's',
    );
    const believed = byHand.filter(({ taken }) => taken[name] && !taken[name].held).length;
    say(`${name}: by hand and believed all the same`, share(believed, byHand.length));
  }
  for (const [support, words] of [
    ['hand', 'by the loop'],
    ['cupped', 'hand round it'],
  ] as const) {
    const shares = byHand.flatMap(({ support: by, taken, grams }) => {
      const one = taken['this application'];
      return by === support && one?.held ? [one.grams / grams - 1] : [];
    });
    const percent = (value: number) => `${(100 * value).toFixed(2)} %`;
    const off = shares.map((each) => Math.abs(each));
    say(`${words}: adds, median`, percent(quantile(shares, 0.5)));
    say(`${words}: off by, median and 95 in 100`, `${percent(quantile(off, 0.5))}, ${percent(quantile(off, 0.95))}`);
  }
  const heldRight = byHand.filter(({ taken }) => taken['this application']?.held).length;
  const hungRight = hung.filter(({ taken }) => taken['this application'] && !taken['this application'].held).length;
  report('hand told from hung: right', (100 * (heldRight + hungRight)) / WEIGHINGS, '%', 95, 'more');
  say('  by hand and said to be held', share(heldRight, byHand.length));
  say('  hung and taken as hung', share(hungRight, hung.length));
}
