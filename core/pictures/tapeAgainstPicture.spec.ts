import { tapeAgainstPicture } from './tapeAgainstPicture.js';

const pictured = { lengthMm: 640, uMm: 3 };
const match = (tapeMm: number) => tapeAgainstPicture(pictured, tapeMm, 5);

test('within what both may be off they agree', () => {
  expect(match(645).agrees).toBe(true);
  expect(match(632).agrees).toBe(true);
});

test.each([
  [690, 'more', 'theTipOfTheTail'],
  [659, 'more', 'theTailWasPinchedOn'],
  [690, 'more', 'theNextMarkWasRead'],
  [614, 'less', 'theNextMarkWasRead'],
  [626, 'less', 'theMouthIsOpenIn'],
  [612, 'less', 'theFishLiesNearerTo'],
  [900, 'more', 'itMayBeThePicture'],
  [400, 'less', 'itMayBeThePicture'],
  [252, 'less', 'theBoardIsInCentimetres'],
  [1626, 'more', 'theBoardIsInInches'],
])('%i mm written down: %s than the picture', (tapeMm, way, reason) => {
  const { agrees, says, reasons } = match(tapeMm);
  expect(agrees).toBe(false);
  expect(says.values).toMatchObject({ longer: way === 'more' });
  expect(reasons.map(({ code }) => code)).toContain(`pictures.${reason}`);
});
