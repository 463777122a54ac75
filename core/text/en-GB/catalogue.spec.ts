import { expectedMessage } from '../../bank/readiness.js';
import { bankMessage } from '../../bank/bankMessages.js';
import { runMessage } from '../../care/run/runMessages.js';
import { careMessage } from '../../care/careMessages.js';
import { speciesName } from '../../domain/fish/species.js';
import { woundPlace } from '../../domain/fish/wound.js';
import { waterMessage } from '../../domain/water/waterMessages.js';
import { weighingMessage } from '../../weighing/weighingMessages.js';
import { sayIn } from '../texts.js';
import { enGB } from './catalogue.js';

const say = sayIn(enGB);

test('what is expected is said as one says it', () => {
  expect([[], ['pike'], ['pike', 'carp', 'wels']].map((each) => say(expectedMessage(each as ['pike'])))).toEqual([
    ...['Whatever comes', 'Pike', 'Pike, carp and wels catfish'],
  ]);
});

test('a fish is called by its form, its kind or its own name', () => {
  expect([speciesName('carp', 'mirror'), speciesName('wels'), speciesName('other', null, 'Grayling')].map(say)).toEqual(
    [...['Mirror carp', 'Wels catfish', 'Grayling']],
  );
  expect(say(speciesName(null))).toBe('Species not noted');
});

test('a wound is placed along and across the body; at head, tail and mouth the place is enough', () => {
  const at = (side: 'left' | 'mouth', u: number, v: number) => say(woundPlace({ side, at: { u, v } }));
  expect([at('left', 0.3, -0.1), at('left', 0.5, 0.1), at('left', 0.7, 0), at('left', 0.1, 0.1)]).toEqual([
    'left flank, behind the head, back',
    'left flank, middle of the body, belly',
    'left flank, before the tail',
    'left flank, head',
  ]);
  expect(at('mouth', 0.5, 0.5)).toBe('mouth');
});

test('the rules of a water read as on the board at the gate', () => {
  const closed = { from: { month: 12, day: 1 }, to: { month: 1, day: 31 } };
  expect(say(waterMessage('ruleClosed', { ...closed, species: [] }))).toBe(
    'Closed from 1 December to 31 January: all fishing.',
  );
  expect(say(waterMessage('ruleClosed', { ...closed, species: ['pike', 'perch'] }))).toMatch(/: pike, perch\.$/);
  expect(say(waterMessage('ruleStop', { species: 'barbel', tempC: 21, tempHabit: 'C' }))).toBe(
    'No fishing for barbel from 21.0 °C.',
  );
});

test('what stands within a sentence only sometimes', () => {
  const usual = { step: 'pictured', tookMs: 15_000, medianMs: 5000 } as const;
  expect(say(careMessage('reviewSlow', usual))).toMatch(/^“Picture” took 15 s, against your usual 5 s\. Fram/);
  expect(say(careMessage('reviewAir', { longestAirMs: 50_000, spellMs: 30_000, most: undefined }))).toBe(
    '50 s out of the water at one time; the limit was 30 s.',
  );
  expect(say(bankMessage('carry', { carryM: 0.6, strides: 1 }))).toBe('0.6 m from net to mat, one step.');
  expect(say(bankMessage('carry', { carryM: 2.4, strides: 3 }))).toBe('2.4 m from net to mat, 3 steps.');
  expect(say(runMessage('budgetBecause', { spellMs: 15_000, reasons: [careMessage('budgetBleeding')] }))).toBe(
    '15 seconds at a time: it is bleeding.',
  );
  const tare = { minutes: 0.4, error: 3, bound: false };
  expect(say(weighingMessage('zeroFresh', tare))).toBe('The zero was fresh; the sling drains by 3 g in that time.');
  expect(say(weighingMessage('zeroFresh', { ...tare, bound: true }))).toMatch(/may have become lighter\.$/);
});

test('a choice is named within its sentence', () => {
  const name = careMessage('stopPerSpecies');
  expect(say(careMessage('basisChoice', { name, water: null }))).toBe('your choice: a limit for each species');
  expect(say(careMessage('basisChoice', { name, water: 'The Mere' }))).toBe(
    'your choice for The Mere: a limit for each species',
  );
});

test('spells follow one another with an and', () => {
  const spells = [1, 2, 3].map((hour) => bankMessage('spellAt', { first: `${hour}:00` }));
  expect(say(bankMessage('spells', { spells }))).toBe('at 1:00, at 2:00 and at 3:00');
});

test('a code that has no words is said as it stands', () => expect(say({ code: 'bank.nothing' })).toBe('bank.nothing'));

test('every text is a whole sentence, a name or a part: none is empty or begins with a space', () => {
  for (const [room, texts] of Object.entries(enGB))
    for (const [key, text] of Object.entries(texts))
      if (typeof text === 'string') expect([room, key, text.trim() === text && text !== '']).toEqual([room, key, true]);
});
