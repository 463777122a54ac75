import { LEARNED } from '../../spec/learned.js';
import { flankPicture, pattern } from '../../spec/flankPicture.js';
import { prepareDescriptor } from '../descriptor/compareDescriptors.js';
import { describeFlank } from '../descriptor/flankDescriptor.js';
import { posterior, logLikelihoodRatio, NEW_BEFORE } from './likelihoodRatio.js';
import { whoIsThis } from './whoIsThis.js';

const KIND = 'carp-mirror';
function flank(name: string, taken: Parameters<typeof flankPicture>[2] = {}, side: 'left' | 'right' = 'left') {
  const { raster, landmarks } = flankPicture(pattern(name), KIND, taken);
  return prepareDescriptor(describeFlank(raster, landmarks, side, KIND, LEARNED));
}
const names = ['ada', 'bea', 'cleo', 'dora', 'edda', 'fay', 'gus', 'hal'];
const register = names.map((fishId) => ({ fishId, ready: flank(fishId) }));
const asked = flank('cleo', { turnRad: 0.2, miss: 0.008, gain: 0.7 });

test('the fish that it is comes first, far likelier than a stranger', () => {
  const { candidates, stranger } = whoIsThis(asked, register);
  expect(candidates[0]).toMatchObject({ fishId: 'cleo' });
  expect(candidates[0]?.probability).toBeGreaterThan(0.9);
  expect(stranger).toBeLessThan(0.1);
});

test('a fish that is not in the book is said to be none of them', () => {
  const { candidates, stranger } = whoIsThis(flank('nobody'), register);
  expect(stranger).toBeGreaterThan(0.8);
  expect(candidates.reduce((sum, { probability }) => sum + probability, stranger)).toBeCloseTo(1, 6);
});

test('an empty register has no candidates; a register of one has one', () => {
  expect(whoIsThis(asked, [])).toEqual({ candidates: [], stranger: 1 });
  const [first] = register;
  expect(whoIsThis(asked, first ? [first] : []).candidates).toHaveLength(1);
});

test('a fish with many pictures is one candidate, by the picture that is most alike', () => {
  const more = [{ fishId: 'cleo', ready: asked }, ...register, { fishId: 'cleo', ready: flank('cleo', { gain: 1.3 }) }];
  const { candidates } = whoIsThis(asked, more);
  expect(candidates.filter(({ fishId }) => fishId === 'cleo')).toHaveLength(1);
  expect(candidates[0]?.flank).toBe(more[0]);
});

test('captures of one fish that nobody has linked share its chance instead of halving it', () => {
  const again = { fishId: 'cleo again', ready: flank('cleo', { gain: 1.2, turnRad: -0.1 }) };
  const { candidates, stranger } = whoIsThis(asked, [...register, again]);
  expect(
    candidates
      .slice(0, 2)
      .map(({ fishId }) => fishId)
      .toSorted(),
  ).toEqual(['cleo', 'cleo again']);
  for (const { probability } of candidates.slice(0, 2)) expect(probability).toBeGreaterThan(0.9);
  expect(stranger).toBeLessThan(0.1);
});

test('the other flank is never asked', () => {
  expect(whoIsThis(flank('cleo', { mirrored: true }, 'right'), register)).toEqual({ candidates: [], stranger: 1 });
});

test('chances follow Bayes: without evidence they are what was thought before', () => {
  const { known, stranger } = posterior([0, 0, 0]);
  expect(stranger).toBeCloseTo(NEW_BEFORE, 9);
  expect(known[1]).toBeCloseTo((1 - NEW_BEFORE) / 3, 9);
  // Worked by hand: odds before 0.3 to 0.4, evidence of ten to one for the first.
  const told = posterior([Math.log(10), 0]);
  expect(told.known[0]).toBeCloseTo(3 / (3 + 0.3 + 0.4), 9);
  expect(posterior([1e3, 0]).known[0]).toBeCloseTo(1, 9);
});

test('a higher score is never weaker evidence, and none is beyond doubt', () => {
  const scores = [0, 0.2, 0.4, 0.6, 0.8, 1];
  const evidence = scores.map((score) => logLikelihoodRatio(score, 'pike'));
  expect(evidence).toEqual(evidence.toSorted((a, b) => a - b));
  expect(Math.max(...evidence.map(Math.abs))).toBeLessThan(10);
});

test('with a hundred known fish the same evidence is worth less than with one', () => {
  const strong = logLikelihoodRatio(0.6, KIND);
  const among = (others: number) => posterior([strong, ...Array.from({ length: others }, () => 0)]).known[0] ?? NaN;
  expect(among(0)).toBeGreaterThan(among(20));
  expect(among(20)).toBeGreaterThan(among(100));
});

test('a keeper whose fish are nearly all new believes a likeness less', () => {
  const evidence = [logLikelihoodRatio(0.5, KIND)];
  expect(posterior(evidence, 0.95).stranger).toBeGreaterThan(posterior(evidence, 0.2).stranger);
});

test('a low score is no proof of another fish: hands and glare hide', () => {
  expect(logLikelihoodRatio(0, KIND)).toBeCloseTo(Math.log(0.04), 1);
  expect(logLikelihoodRatio(0, KIND)).toBeLessThan(-3);
});

test('evidence says nothing where it crosses', () => {
  for (const kind of ['carp-common', 'carp-mirror', 'carp-linear', 'pike', 'barbel', 'wels'] as const) {
    expect(logLikelihoodRatio(0.2, kind)).toBeLessThan(0);
    expect(logLikelihoodRatio(0.62, kind)).toBeGreaterThan(0);
  }
});

test('what speaks beside the flank moves the chance, both ways', () => {
  const against = whoIsThis(asked, register, {
    oneOfMany: true,
    beside: ({ fishId }) => (fishId === 'cleo' ? -8 : 0),
  });
  expect(against.candidates.find(({ fishId }) => fishId === 'cleo')?.probability).toBeLessThan(
    whoIsThis(asked, register).candidates[0]?.probability ?? 0,
  );
  const stranger = flank('nobody');
  const spoken = whoIsThis(stranger, register, { oneOfMany: true, beside: ({ fishId }) => (fishId === 'gus' ? 6 : 0) });
  expect(spoken.candidates[0]?.fishId).toBe('gus');
  expect(spoken.candidates[0]?.probability).toBeGreaterThan(0.5);
});

test('of very many the right one is still found, and marks bring a fish to the close look that its picture would not', () => {
  // Flanks that nobody has, made by shifting those of others.
  const others = register.filter(({ fishId }) => fishId !== 'cleo');
  const crowd = Array.from({ length: 160 }, (_, i) => {
    const { print } = others[i % others.length]?.ready ?? asked;
    const by = 31 * (i + 1);
    const cells = print.cells.map((_cell, at) => print.cells[(at + by) % print.cells.length] ?? 0);
    return { fishId: `crowd ${i}`, ready: prepareDescriptor({ ...print, cells }) };
  });
  const { candidates } = whoIsThis(asked, [...crowd, ...register]);
  expect(candidates[0]?.fishId).toBe('cleo');
  const last = { fishId: 'marked', ready: flank('somebody else') };
  const marked = whoIsThis(asked, [...crowd, last], {
    oneOfMany: true,
    beside: ({ fishId }) => (fishId === 'marked' ? 9 : 0),
  });
  expect(marked.candidates[0]?.fishId).toBe('marked');
});

test('one of many is asked with less care, and what is plain is found all the same', () => {
  const { candidates } = whoIsThis(asked, register, { oneOfMany: true });
  expect(candidates[0]?.fishId).toBe('cleo');
  const stranger = flank('nobody');
  const [quick, careful] = [true, false].map((oneOfMany) => whoIsThis(stranger, register, { oneOfMany }));
  expect(quick?.stranger).toBeGreaterThan(0.8);
  // More care finds more that is alike by chance, too: it is never less.
  expect(careful?.candidates[0]?.match.score).toBeGreaterThanOrEqual(quick?.candidates[0]?.match.score ?? 1);
});
