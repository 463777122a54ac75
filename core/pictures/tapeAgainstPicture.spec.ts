import { tapeAgainstPicture } from './tapeAgainstPicture.js';

const pictured = { lengthMm: 640, uMm: 3 };
const match = (tapeMm: number) => tapeAgainstPicture(pictured, tapeMm, 5);

test('within what both may be off they agree', () => {
  expect(match(645).agrees).toBe(true);
  expect(match(632).agrees).toBe(true);
});

test.each([
  [690, 'more', 'tapeTipAndFork'],
  [659, 'more', 'tapeTailPinched'],
  [690, 'more', 'tapeNextMark'],
  [614, 'less', 'tapeNextMark'],
  [626, 'less', 'tapeMouthOpen'],
  [612, 'less', 'tapeNearer'],
  [900, 'more', 'tapeOtherFish'],
  [400, 'less', 'tapeOtherFish'],
  [252, 'less', 'tapeCentimetres'],
  [1626, 'more', 'tapeInches'],
])('%i mm written down: %s than the picture', (tapeMm, way, reason) => {
  const { agrees, says, reasons } = match(tapeMm);
  expect(agrees).toBe(false);
  expect(says.values).toMatchObject({ longer: way === 'more' });
  expect(reasons.map(({ code }) => code)).toContain(`pictures.${reason}`);
});

// A thousand millimetres seen to a hair: a millimetre of difference is a thousandth.
const fine = (tapeMm: number) =>
  tapeAgainstPicture({ lengthMm: 1000, uMm: 0.1 }, tapeMm, 1).reasons.map(({ code }) => code.split('.').at(-1));

test.each<[number, string, boolean]>([
  [1045, 'tapeTipAndFork', false],
  [1046, 'tapeTipAndFork', true],
  [1129, 'tapeTipAndFork', true],
  [1130, 'tapeTipAndFork', false],
  [1045, 'tapeTailPinched', true],
  [1046, 'tapeTailPinched', false],
  [955, 'tapeTailPinched', false],
  [971, 'tapeMouthOpen', true],
  [970, 'tapeMouthOpen', false],
  [1020, 'tapeMouthOpen', false],
  [941, 'tapeNearer', true],
  [940, 'tapeNearer', false],
  [1059, 'tapeNearer', false],
  [1130, 'tapeOtherFish', false],
  [1131, 'tapeOtherFish', true],
  [869, 'tapeOtherFish', true],
  [870, 'tapeOtherFish', false],
])('%i mm on the tape, 1000 in the picture: %s is %s', (tapeMm, reason, is) => {
  expect(fine(tapeMm).includes(reason)).toBe(is);
});

test('a difference that nothing explains asks for the taps', () => expect(fine(1200)).toEqual(['tapeOtherFish']));

test('they agree up to twice what both are off by', () => {
  // Half a mark of 1 mm, 4 mm of the tape and 0.1 mm of the picture: 2 x 4.012 mm.
  expect(tapeAgainstPicture({ lengthMm: 1000, uMm: 0.1 }, 1008, 1).agrees).toBe(true);
  expect(tapeAgainstPicture({ lengthMm: 1000, uMm: 0.1 }, 1008.1, 1).agrees).toBe(false);
});
