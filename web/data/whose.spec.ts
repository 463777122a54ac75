import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { setDevicePreference } from './devicePreferences.js';
import { heldAs, myKeeperId, setMyKeeper } from './whose.js';

const BEN = '0190a000-0000-7000-8000-00000000000b';
beforeEach(() => localStorage.clear());

test('a device is the first keeper’s until it is said whose it is', () => {
  expect(myKeeperId()).toBe(FIRST_KEEPER);
  setMyKeeper(BEN);
  expect(myKeeperId()).toBe(BEN);
});

test('light, hand and alert go with the keeper who holds it; scale and sling stay with the device', () => {
  setDevicePreference('hand', 'left');
  setDevicePreference('scalesId', 'the large one');
  localStorage.setItem('keeper.light', 'night');
  setMyKeeper(BEN);
  expect(localStorage.getItem('keeper.hand')).toBeNull();
  expect(localStorage.getItem('keeper.light')).toBeNull();
  expect(localStorage.getItem('keeper.scales')).toBe('the large one');
  localStorage.setItem('keeper.light', 'glare');
  setMyKeeper(FIRST_KEEPER);
  expect(localStorage.getItem('keeper.hand')).toBe('left');
  expect(localStorage.getItem('keeper.light')).toBe('night');
  setMyKeeper(BEN);
  expect(localStorage.getItem('keeper.light')).toBe('glare');
});

test('said again who holds it, nothing changes', () => {
  localStorage.setItem('keeper.light', 'night');
  setMyKeeper(FIRST_KEEPER);
  expect(localStorage.getItem('keeper.light')).toBe('night');
});

test('a paired device is its keeper’s; on the machine that is not said by the server', () => {
  const access = {
    isHere: false,
    isAskedHere: false,
    onMachine: false,
    role: 'keeper',
    deviceRowId: 'd',
    putOut: false,
    hasPassphrase: true,
  } as const;
  heldAs({ ...access, keeperId: BEN });
  expect(myKeeperId()).toBe(BEN);
  heldAs({ ...access, onMachine: true, keeperId: null });
  expect(myKeeperId()).toBe(BEN);
});
