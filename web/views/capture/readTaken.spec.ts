import { readTaken, typedTaken } from './readTaken.js';

const habit = { dayFirst: true, today: '2026-06-10', nowMs: Date.parse('2026-06-10T12:00:00Z') };
const bank = { startedAt: '2026-06-06T04:12:00.000Z', zone: 'Europe/London', dated: null, origin: 'bank' } as const;
const memory = {
  ...bank,
  zone: null,
  dated: { as: 'month', from: '2019-06-01', to: '2019-06-30' },
  origin: 'memory',
} as const;

test('what stands is shown as one would type it, and typed again is the same moment', () => {
  const typed = typedTaken(bank);
  expect(typed).toEqual({ day: '6 June 2026', time: '05:12' });
  expect(readTaken(typed, bank, habit)).toEqual({ taken: { at: bank.startedAt } });
  expect(typedTaken(memory)).toEqual({ day: 'June 2019', time: '' });
  expect(readTaken(typedTaken(memory), memory, habit).taken?.dated).toEqual(memory.dated);
});

test.each([
  ['5/6/2026', '23:05', '2026-06-05T22:05:00.000Z'],
  ['5 January 2026', '7.30', '2026-01-05T07:30:00.000Z'],
  ['10 June 2026', '13:00', '2026-06-10T12:00:00.000Z'],
])('%s at %s', (day, time, at) => expect(readTaken({ day, time }, bank, habit)).toEqual({ taken: { at } }));

test.each([
  ['June 2026', '05:12', 'day'],
  ['31 June 2026', '05:12', 'day'],
  ['11 June 2026', '05:12', 'day'],
  ['6 June 2026', '', 'time'],
  ['6 June 2026', '24:00', 'time'],
  ['6 June 2026', '5:60', 'time'],
  ['10 June 2026', '13:01', 'time'],
])('of a fish of the bank %s at "%s" is refused at the %s', (day, time, field) => {
  expect(readTaken({ day, time }, bank, habit)).toMatchObject({ field, problem: expect.any(String) });
});

test('a remembered fish may get its time, and one of the bank keeps having one', () => {
  expect(readTaken({ day: '14 June 2019', time: '05:00' }, memory, habit)).toEqual({
    taken: { at: '2019-06-14T05:00:00.000Z' },
  });
  expect(readTaken({ day: 'summer 2019', time: '' }, memory, habit).taken?.dated?.as).toBe('quarter');
});
