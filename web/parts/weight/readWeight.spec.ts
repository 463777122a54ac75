import { poundsOunces } from '@keeper/core/measure/mass';
import { readWeight, type TypedWeight } from './readWeight.js';

const typed = (more: Partial<TypedWeight>): TypedWeight => ({ method: 'zeroed', asRead: '', tare: '', ...more });
const read = (more: Partial<TypedWeight>) => readWeight(typed(more), 'lb-oz');

test('nothing typed is no weight, and no question', () => {
  expect(read({})).toEqual({ reading: undefined });
});

test('what was typed is kept beside what was understood', () => {
  expect(read({ asRead: ' 23-11' })).toEqual({
    reading: { asRead: poundsOunces(23, 11), method: 'zeroed', written: '23-11' },
  });
});

test('a dotted weight is asked about until a meaning is chosen', () => {
  expect(read({ asRead: '23.11' })).toMatchObject({ question: { field: 'asRead', meanings: [{}, {}] } });
  expect(read({ asRead: '23.11', asReadMeant: poundsOunces(23, 11) })).toMatchObject({
    reading: { asRead: poundsOunces(23, 11) },
  });
  // A meaning that was chosen for another number counts no more.
  expect(read({ asRead: '24.11', asReadMeant: poundsOunces(23, 11) })).toHaveProperty('question');
});

test('gross minus tare may wait for its tare, and refuses one that is heavier', () => {
  const gross = { method: 'gross-minus-tare' as const, asRead: '25lb 3oz' };
  expect(read(gross)).toEqual({
    reading: { asRead: poundsOunces(25, 3), method: 'gross-minus-tare', written: '25lb 3oz' },
  });
  expect(read({ ...gross, tare: '1-8' })).toMatchObject({ reading: { tare: poundsOunces(1, 8) } });
  expect(read({ ...gross, tare: '26lb' })).toMatchObject({ question: { field: 'tare', sentence: /heavier/ } });
});
