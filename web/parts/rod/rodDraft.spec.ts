import { rodDraftOf, rodSetupOf } from './rodDraft.js';

const EMPTY = rodDraftOf({}, 'cm');

test('yards and feet are kept as metres, and shown as they were typed', () => {
  const setup = rodSetupOf({ ...EMPTY, distance: '40', depth: '6,5' }, 'in');
  expect(setup).toEqual({ distanceM: 36.576, depthM: 1.981 });
  expect(rodDraftOf(setup ?? {}, 'in')).toMatchObject({ distance: '40', depth: '6.5' });
  expect(rodSetupOf({ ...EMPTY, distance: '40' }, 'cm')).toEqual({ distanceM: 40 });
});

test('what is left empty is left out, and spaces are no word', () => {
  expect(rodSetupOf({ ...EMPTY, bait: '  ', rig: ' Hair rig ' }, 'cm')).toEqual({ rig: 'Hair rig' });
});

test.each([
  [{ distance: 'far' }, false],
  [{ distance: '-1' }, false],
  [{ distance: '0' }, true],
  [{ distance: '1000' }, true],
  [{ distance: '1001' }, false],
  [{ depth: 'deep' }, false],
  [{ depth: '200' }, true],
  [{ depth: '200.1' }, false],
])('%o can be: %s', (typed, can) => {
  expect(rodSetupOf({ ...EMPTY, ...typed }, 'cm') !== undefined).toBe(can);
});
