import { wantedShot } from './wantedShot.js';

const bare = { wounds: 0, onBoard: false };

test('both flanks once each, then what is hurt, then nothing', () => {
  expect(wantedShot([], bare)).toBe('left-flank');
  expect(wantedShot(['left-flank', null], bare)).toBe('right-flank');
  expect(wantedShot(['right-flank'], bare)).toBe('left-flank');
  expect(wantedShot(['left-flank', 'right-flank'], bare)).toBeNull();
  expect(wantedShot(['left-flank', 'right-flank', 'wound'], { ...bare, wounds: 2 })).toBe('wound');
  expect(wantedShot(['left-flank', 'right-flank', 'wound'], { ...bare, wounds: 1 })).toBeNull();
});

test('while it lies on the board the board comes first, once', () => {
  expect(wantedShot([], { ...bare, onBoard: true })).toBe('board');
  expect(wantedShot(['board'], { ...bare, onBoard: true })).toBe('left-flank');
});
