import { aroundNow } from './aroundNow.js';

const position = { latitudeDeg: 52, longitudeDeg: 0 };
const now = { waterC: 17.5, airC: null, oxygenMgL: 8.1, weather: null };

test('what was measured goes with the fish, and what was not is left out', () => {
  const noon = { now, position, thunder: false, momentMs: Date.UTC(2026, 6, 15, 12) };
  expect(aroundNow(noon, { companions: 1 })).toEqual({ waterC: 17.5, oxygenMgL: 8.1, companions: 1 });
});

test('the dark is known from place and hour', () => {
  const midnight = { now, position, thunder: false, momentMs: Date.UTC(2026, 6, 15, 0) };
  expect(aroundNow(midnight, { companions: 0 }).dark).toBe(true);
  expect(aroundNow({ ...midnight, position: null }, { companions: 0 }).dark).toBeUndefined();
  expect(aroundNow(midnight, { companions: 0 }).thunder).toBeUndefined();
  expect(aroundNow({ ...midnight, thunder: true }, { companions: 0 }).thunder).toBe(true);
});
