import { dateFormat, readWays } from './language.js';
import { pseudo } from './pseudo.js';

const kept = (values: Record<string, string> = {}) => ({ getItem: (key: string) => values[key] ?? null });

test.each([
  ['en-GB', 'day-first', '24h'],
  ['en-US', 'month-first', '12h'],
  ['de-DE', 'day-first', '24h'],
  ['en-AU', 'day-first', '12h'],
])('a browser of %s suggests %s and %s', (language, dates, clock) => {
  expect(readWays(kept(), language)).toEqual({ language: 'en-GB', dates, clock });
});

test('what was set comes before what the browser suggests, and nonsense before neither', () => {
  expect(readWays(kept({ 'keeper.dates': 'day-first', 'keeper.clock': '24h' }), 'en-US')).toEqual({
    language: 'en-GB',
    dates: 'day-first',
    clock: '24h',
  });
  expect(readWays(kept({ 'keeper.clock': '36h', 'keeper.language': 'xx' }), 'en-US')).toMatchObject({
    language: 'en-GB',
    clock: '12h',
  });
});

test('dates and hours are written as the device has it', () => {
  const date = new Date(2026, 5, 6, 17, 5);
  const written = (dates: 'day-first' | 'month-first', clock: '12h' | '24h') => {
    const ways = { language: 'en-GB', dates, clock } as const;
    return [
      dateFormat({ day: 'numeric', month: 'long' }, ways).format(date),
      dateFormat({ hour: '2-digit', minute: '2-digit' }, ways).format(date),
    ];
  };
  expect(written('day-first', '24h')).toEqual(['6 June', '17:05']);
  expect(written('day-first', '12h')).toEqual(['6 June', '05:05 pm']);
  expect(written('month-first', '24h')).toEqual(['June 6', '17:05']);
  expect(written('month-first', '12h')[1]).toMatch(/^05:05\sPM$/);
});

test('another language takes the place of every word, and of what is made of figures', () => {
  const words = pseudo({
    add: 'Add kit',
    left: ({ count }: { count: number }) => `${count} left`,
    deep: { one: 'One' },
  });
  expect([words.add, words.left({ count: 2 }), words.deep.one]).toEqual([
    '⟦Ádd kít⟧',
    '⟦2 léft⟧',
    '⟦Óné⟧'.replace('Ó', 'O'),
  ]);
});
