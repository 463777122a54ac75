import { LEARNED } from '../../spec/learned.js';
import { flankPicture, pattern } from '../../spec/flankPicture.js';
import { compareDescriptors, eitherWay, prepareDescriptor, THOROUGH } from './compareDescriptors.js';
import { flankFrame } from '../landmarks/flankFrame.js';
import { describeFlank, UNKNOWN, type FlankDescriptor } from './flankDescriptor.js';

const KIND = 'carp-mirror';
type Taken = Parameters<typeof flankPicture>[2];
const made = new Map<string, FlankDescriptor>();
function print(name: string, taken: Taken = {}, side: 'left' | 'right' = 'left'): FlankDescriptor {
  const key = JSON.stringify([name, taken, side]);
  const known = made.get(key) ?? printOf(name, taken, side);
  made.set(key, known);
  return known;
}

function printOf(name: string, taken: Taken, side: 'left' | 'right'): FlankDescriptor {
  const { raster, landmarks } = flankPicture(pattern(name), KIND, taken);
  return describeFlank(raster, landmarks, side, KIND, LEARNED);
}
const match = (a: FlankDescriptor, b: FlankDescriptor) =>
  compareDescriptors(prepareDescriptor(a), prepareDescriptor(b));
const likeness = (a: FlankDescriptor, b: FlankDescriptor) => match(a, b).score;
const body = () => flankFrame(KIND).body.reduce((sum, is) => sum + is, 0);
const unknownShare = ({ cells }: FlankDescriptor) => 1 - cells.filter((cell) => cell !== UNKNOWN).length / body();

test('a print is small, and alike with itself where it lies', () => {
  const one = print('a');
  expect(one.cells.length).toBeLessThan(8192);
  const { score, shift, seen } = match(one, one);
  expect(score).toBeGreaterThan(0.99);
  expect(Math.max(...shift.map(Math.abs))).toBeLessThan(0.05);
  expect(seen).toBeGreaterThan(0.9);
});

test.each<[string, Taken]>([
  ['turned', { turnRad: 0.5 }],
  ['upside down', { turnRad: Math.PI }],
  ['smaller', { lengthPx: 170 }],
  ['darker', { gain: 0.5 }],
  ['tapped a hundredth and a half off', { miss: 0.0106 }],
  ['all of it', { turnRad: -0.3, lengthPx: 190, gain: 1.4, miss: 0.008 }],
])('the same flank is alike, %s, and another is not', (_, taken) => {
  const seen = print('a', taken);
  expect(likeness(print('a'), seen)).toBeGreaterThan(0.65);
  expect(likeness(print('b'), seen)).toBeLessThan(0.5);
});

test('a right flank is laid from its own head', () => {
  expect(likeness(print('a', {}, 'right'), print('a', { mirrored: true }, 'right'))).toBeGreaterThan(0.9);
});

test('left and right are never alike, and kinds have frames of their own', () => {
  expect(match(print('a'), print('a', {}, 'right'))).toMatchObject({ score: 0, parts: [] });
  expect(match(print('a'), { ...print('a'), kind: 'carp-linear' })).toMatchObject({ score: 0, parts: [] });
});

test('what is burnt out or beyond the picture is not known, and the rest still speaks', () => {
  const of = pattern('a');
  const glare = (u: number, v: number) => (u > 0.4 && u < 0.55 ? 255 : of(u, v));
  const { raster, landmarks } = flankPicture(glare, KIND);
  const burnt = describeFlank(raster, landmarks, 'left', KIND, LEARNED);
  expect(unknownShare(burnt)).toBeGreaterThan(0.2);
  expect(unknownShare(burnt)).toBeLessThan(0.4);
  expect(likeness(print('a'), burnt)).toBeGreaterThan(0.8);
  const cut = print('a', { lengthPx: 500 });
  expect(unknownShare(cut)).toBeGreaterThan(0.1);
  expect(likeness(print('a'), cut)).toBeGreaterThan(0.6);
});

test('a hand over the flank is left out by its colour; a fish that is so all over is not', () => {
  const { raster, landmarks } = flankPicture(pattern('a'), KIND);
  const coloured = (hand: (x: number) => boolean) => ({
    ...raster,
    data: raster.data.map((value, i) => {
      const [x, channel] = [Math.floor(i / 3) % raster.widthPx, i % 3];
      return value * ((hand(x) ? [1.25, 0.8, 0.6] : [1, 0.85, 0.4])[channel] ?? 1);
    }),
  });
  const held = describeFlank(
    coloured((x) => x > 170 && x < 200),
    landmarks,
    'left',
    KIND,
    LEARNED,
  );
  expect(unknownShare(held)).toBeGreaterThan(0.12);
  expect(unknownShare(held)).toBeLessThan(0.35);
  expect(
    unknownShare(
      describeFlank(
        coloured(() => true),
        landmarks,
        'left',
        KIND,
        LEARNED,
      ),
    ),
  ).toBeLessThan(0.02);
});

test('points on one another give a print of nothing rather than an error', () => {
  const { raster, landmarks } = flankPicture(pattern('a'), KIND);
  const { snout } = landmarks;
  const one = { snout, eye: snout, dorsal: snout, pelvic: snout, anal: snout, fork: snout };
  expect(likeness(print('a'), describeFlank(raster, one, 'left', KIND, LEARNED))).toBeLessThan(0.3);
});

test('what is found only the other way round counts, and is shown as it lies this way', () => {
  const [a, b] = [prepareDescriptor(print('a')), prepareDescriptor(print('a', { miss: 0.0106 }))];
  const one = compareDescriptors(a, b, THOROUGH);
  // As if this way it had been laid beside.
  const beside = { ...one, score: 0.1, parts: [], shift: one.shift.map((term, i) => (i === 0 ? term + 9 : term)) };
  const found = eitherWay(a, b, beside);
  expect(found.score).toBeGreaterThan(0.65);
  for (const [i, term] of found.shift.entries()) expect(Math.abs(term - (one.shift[i] ?? NaN))).toBeLessThan(0.8);
  expect(found.parts.length).toBeGreaterThan(20);
  expect(eitherWay(a, b, { ...one, score: 2 }).score).toBe(2);
});

test('with more care it is found where points are off by more than a hand is', () => {
  const off = prepareDescriptor(print('a', { miss: 0.02 }));
  const quick = compareDescriptors(prepareDescriptor(print('a')), off).score;
  expect(compareDescriptors(prepareDescriptor(print('a')), off, THOROUGH).score).toBeGreaterThanOrEqual(quick - 0.02);
});
