import { isOpenWound, treatmentWanted, woundPlace, woundsAtSamePlace, type Wound } from './wound.js';

const wound = (change: Partial<Wound>): Wound => ({
  kind: 'ulcer',
  side: 'left',
  at: { u: 0.62, v: 0.02 },
  sizeMm: 20,
  ...change,
});

test('the same wound is found again near where it was, on the same side, the nearest first', () => {
  const near = wound({ at: { u: 0.66, v: 0.02 } });
  const nearer = wound({ kind: 'healed', at: { u: 0.63, v: 0.02 } });
  const others = [wound({ side: 'right' }), wound({ at: { u: 0.4, v: 0.02 } })];
  expect(woundsAtSamePlace([near, ...others, nearer], wound({}))).toEqual([nearer, near]);
});

test.each([
  [{ at: { u: 0.1, v: 0 } }, 'left flank, head'],
  [{ side: 'right' as const, at: { u: 0.3, v: -0.1 } }, 'right flank, behind the head, back'],
  [{ at: { u: 0.5, v: 0.1 } }, 'left flank, middle of the body, belly'],
  [{ at: { u: 0.7, v: 0 } }, 'left flank, before the tail'],
  [{ at: { u: 1.05, v: 0.1 } }, 'left flank, tail'],
  [{ side: 'mouth' as const }, 'mouth'],
])('%j lies at %s', (change, place) => expect(woundPlace(wound(change))).toBe(place));

test('what is healed or rides along is noted and not treated', () => {
  expect(isOpenWound({ kind: 'torn-fin' })).toBe(true);
  expect(isOpenWound({ kind: 'healed' })).toBe(false);
  expect(isOpenWound({ kind: 'parasite' })).toBe(false);
});

test('a wound is cleaned before it is sealed, and what is sealed or old wants nothing', () => {
  const open = { kind: 'ulcer', treatedWith: [] } as const;
  const cleaned = { kind: 'torn-fin', treatedWith: ['antiseptic'] } as const;
  const sealed = { kind: 'ulcer', treatedWith: ['antiseptic', 'sealant'] } as const;
  expect(treatmentWanted([open, cleaned, sealed])).toBe('antiseptic');
  expect(treatmentWanted([cleaned, sealed])).toBe('sealant');
  expect(treatmentWanted([sealed, { kind: 'healed', treatedWith: [] }])).toBeNull();
});
