import { anatomyOf, type PaintedKind } from '../../domain/fish/anatomy.js';
import { LANDMARKS, type LandmarksPx } from '../../domain/fish/landmarks.js';
import { createRng } from '../../statistics/rng.js';
import { pointsFit } from './pointsFit.js';

/** Six points of a kind in a picture: turned, seen askew, tapped a little off. */
function pointsOf(kind: PaintedKind, seed: string): LandmarksPx {
  const luck = createRng(seed);
  const built = anatomyOf(kind, 1).landmarks;
  const [turn, mirror] = [luck.between(-3, 3), luck.next() < 0.5 ? -1 : 1];
  const askew = luck.between(-0.12, 0.12);
  const entries = LANDMARKS.map((name) => {
    const { u, v } = built[name];
    // Nearer at one end: what lies there is larger.
    const x = (u * (1 + askew)) / (1 + askew * u) + 0.012 * luck.normal();
    const y = mirror * v + 0.012 * luck.normal();
    return [
      name,
      {
        x: 500 + 400 * (x * Math.cos(turn) - y * Math.sin(turn)),
        y: 300 + 400 * (x * Math.sin(turn) + y * Math.cos(turn)),
      },
    ];
  });
  return Object.fromEntries(entries) as Record<(typeof LANDMARKS)[number], { x: number; y: number }>;
}

const SEEDS = Array.from({ length: 60 }, (_, i) => `seen ${i}`);

test.each(['carp-mirror', 'pike', 'barbel', 'wels'] as const)('%s askew, bent and mirrored fits its kind', (kind) => {
  expect(SEEDS.filter((seed) => !pointsFit(pointsOf(kind, seed), kind).fits)).toEqual([]);
});

test('a pike noted as a carp, and a wels noted as a pike, do not fit; a build that fits is named', () => {
  for (const [is, noted] of [
    ['pike', 'carp-common'],
    ['wels', 'pike'],
  ] as const) {
    const found = SEEDS.map((seed) => pointsFit(pointsOf(is, seed), noted));
    expect(found.filter(({ fits }) => fits)).toEqual([]);
    expect(found.filter((fit) => !fit.fits && fit.likelier === is).length).toBeGreaterThan(30);
    expect(found.filter((fit) => !fit.fits && fit.likelier !== is && fit.likelier !== undefined)).toEqual([]);
  }
});

test('points in the wrong order, or with the back below, lie as on no fish', () => {
  const right = pointsOf('carp-common', 'seen 1');
  const wrong = [
    { ...right, eye: right.anal, anal: right.eye },
    { ...right, snout: right.fork, fork: right.snout },
    { ...right, dorsal: right.pelvic, pelvic: right.dorsal },
  ];
  expect(wrong.map((points) => pointsFit(points, 'carp-common'))).toEqual(
    wrong.map(() => ({ fits: false, likelier: undefined })),
  );
});
