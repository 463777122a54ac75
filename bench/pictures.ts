import { createRng } from '@keeper/core/statistics/rng';
import { measurePicture, PICTURE_LIMITS, type PictureMeasures } from '@keeper/core/pictures/verdict';
import { anyPicture } from '@keeper/painter/anyPicture';
import type { Nuisance } from '@keeper/painter/nuisance';
import { paintPicture } from '@keeper/painter/paint';
import type { PictureOrder } from '@keeper/painter/pictureOrder';
import { report } from './figures.js';

const PICTURES = 160;
const SIZE = { widthPx: 960, heightPx: 720 };

interface Tried {
  readonly measures: PictureMeasures;
  readonly truth: Nuisance;
  readonly exposure: number;
  readonly wetness: number;
}

interface Question {
  readonly name: string;
  readonly aim?: number;
  /** True where it is wrong with the picture, false where it is not, undefined where it is in between. */
  readonly wrong: (tried: Tried) => boolean | undefined;
  readonly score: (measures: PictureMeasures) => number;
  readonly limit: number;
}

const between = (value: number, good: number, bad: number) => (value >= bad ? true : value <= good ? false : undefined);

const QUESTIONS: readonly Question[] = [
  {
    name: 'blurred or shaken',
    aim: 0.95,
    wrong: ({ truth }) => between(Math.max(truth.blur / 0.0035, truth.shake / 0.014), 0.35, 1),
    score: ({ blur }) => blur ?? 1,
    limit: PICTURE_LIMITS.blur,
  },
  {
    name: 'too dark',
    aim: 0.95,
    wrong: ({ exposure }) => between(-Math.log2(exposure), 0.4, 1.4),
    score: ({ stops }) => -stops,
    limit: -PICTURE_LIMITS.dark,
  },
  {
    name: 'too bright',
    aim: 0.95,
    wrong: ({ exposure }) => between(Math.log2(exposure), 0.4, 1.1),
    score: ({ stops, lost }) => Math.max(stops / PICTURE_LIMITS.bright, lost / PICTURE_LIMITS.lost),
    limit: 1,
  },
  {
    name: 'glare over the flank',
    aim: 0.95,
    wrong: ({ truth, wetness }) => (truth.glare === 0 && wetness > 1.2 ? undefined : between(truth.glare, 0, 0.1)),
    score: ({ glare }) => glare,
    limit: PICTURE_LIMITS.glare,
  },
  {
    name: 'hand over gill or pattern',
    wrong: ({ truth }) => truth.handOver !== null,
    score: ({ handOnGill, handOnFlank }) => Math.max(handOnGill, handOnFlank),
    limit: PICTURE_LIMITS.hand,
  },
  {
    name: 'shadow across the nose',
    wrong: ({ truth }) => truth.noseShadow,
    score: (measures) => measures.noseShadowStops,
    limit: PICTURE_LIMITS.shadowStops,
  },
  {
    name: 'clutter behind',
    wrong: ({ truth }) => between(truth.clutter, 0, 0.5),
    score: ({ clutter }) => clutter,
    limit: PICTURE_LIMITS.clutter,
  },
];

/**
 * How well each verdict agrees with what the painter knows to be wrong: area under the curve, and right at the limit
 * that is used.
 */
export function picturesBench(): void {
  const luck = createRng('pictures of the bench');
  const tried = Array.from({ length: PICTURES }, (_, i): Tried => {
    const order = spoilt(
      anyPicture(luck, `bench ${i}`, { ...SIZE, mostRollRad: 0.15, mostTurnRad: 0.3 }),
      i,
      luck.next(),
    );
    const { rgb, landmarksPx, nuisance, ...size } = paintPicture(order);
    const raster = { widthPx: size.widthPx, heightPx: size.heightPx, channels: 3, data: rgb } as const;
    return {
      measures: measurePicture(raster, landmarksPx, order.kind),
      truth: nuisance,
      exposure: order.exposure,
      wetness: order.wetness,
    };
  });
  process.stdout.write(`${PICTURES} painted pictures of ${SIZE.widthPx} x ${SIZE.heightPx}, landmarks given\n`);
  for (const question of QUESTIONS) process.stdout.write(`${answer(question, tried)}\n`);
}

/** Every fifth picture is far too dark or too bright: on the bank that is rarer. */
function spoilt(order: PictureOrder, i: number, how: number): PictureOrder {
  if (i % 5 !== 0) return { ...order, exposure: 0.9 + 0.25 * how };
  return { ...order, exposure: how < 0.5 ? 0.2 + 0.3 * how : 1.9 + 1.2 * how };
}

function answer({ name, aim, wrong, score, limit }: Question, tried: readonly Tried[]): string {
  const scores = (is: boolean) => tried.filter((each) => wrong(each) === is).map(({ measures }) => score(measures));
  const [bad, good] = [scores(true), scores(false)];
  let above = 0;
  for (const b of bad) for (const g of good) above += b > g ? 1 : b === g ? 0.5 : 0;
  const auc = above / (bad.length * good.length);
  const share = (of: readonly number[]) =>
    `${((100 * of.filter((value) => value > limit).length) / of.length).toFixed(0)} %`;
  report(name, auc, 'AUC', aim, 'more');
  return `  said of ${share(bad)} of ${bad.length} that are, of ${share(good)} of ${good.length} that are not`;
}
