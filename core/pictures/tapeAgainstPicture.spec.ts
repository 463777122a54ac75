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
