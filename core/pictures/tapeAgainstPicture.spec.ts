import { tapeAgainstPicture } from './tapeAgainstPicture.js';

const pictured = { lengthMm: 640, uMm: 3 };
const match = (tapeMm: number) => tapeAgainstPicture(pictured, tapeMm, 5);

test('within what both may be off they agree', () => {
  expect(match(645).agrees).toBe(true);
  expect(match(632).agrees).toBe(true);
});

test.each([
  [690, 'more', /tip of the tail was measured/],
  [659, 'more', /pinched/],
  [690, 'more', /just 5 cm/],
  [614, 'less', /just an inch/],
  [626, 'less', /mouth is open/],
  [612, 'less', /nearer to the camera/],
  [900, 'more', /another fish/],
  [400, 'less', /another fish/],
  [252, 'less', /^The board is in centimetres/],
  [1626, 'more', /^The board is in inches/],
])('%i mm written down: %s than the picture', (tapeMm, way, reason) => {
  const { agrees, says, reasons } = match(tapeMm);
  expect(agrees).toBe(false);
  expect(says).toContain(way);
  expect(reasons.join(' ')).toMatch(reason);
});
