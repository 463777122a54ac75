import { poundsOunces } from '../measure/mass.js';
import { slipEvidence } from './slipEvidence.js';
import type { Entry } from './entry.js';
import { SLIPS } from './slip.js';

const entry: Entry = {
  reading: { asRead: poundsOunces(22, 0), method: 'zeroed', slingAfter: { unit: 'oz', count: 27 } },
  species: 'carp',
  lengthMm: 800,
  girthMm: null,
  own: [],
  zeroSeen: false,
  division: { unit: 'oz', count: 1 },
};

test('a slip is told with what was seen for it', () => {
  expect(slipEvidence('sling-left-on', entry)).toEqual([
    { code: 'weighing.zeroNotTapped' },
    { code: 'weighing.slingNotAtZero', values: { after: '1 lb 11 oz' } },
  ]);
  expect(slipEvidence('kilograms-for-pounds', entry)).toEqual([{ code: 'weighing.scaleInPounds' }]);
  expect(slipEvidence('dotted-ounces', { ...entry, reading: { ...entry.reading, written: '22.11' } })).toHaveLength(2);
});

test('where only the fish suggests it, nothing is made up', () => {
  const bare: Entry = {
    species: null,
    lengthMm: null,
    girthMm: null,
    own: [],
    reading: { asRead: poundsOunces(9, 0), method: 'zeroed' },
  };
  for (const kind of SLIPS) expect(slipEvidence(kind, bare)).toEqual([]);
});
