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
  [{ at: { u: 0.1, v: 0 } }, 'left', 'head', null],
  [{ side: 'right' as const, at: { u: 0.3, v: -0.1 } }, 'right', 'behind-head', 'back'],
  [{ at: { u: 0.5, v: 0.1 } }, 'left', 'middle', 'belly'],
  [{ at: { u: 0.7, v: 0 } }, 'left', 'before-tail', null],
  [{ at: { u: 1.05, v: 0.1 } }, 'left', 'tail', null],
  [{ side: 'mouth' as const }, 'mouth', 'before-tail', null],
])('%j lies on %s, %s, %s', (change, side, along, across) =>
  expect(woundPlace(wound(change)).values).toEqual({ side, along, across }),
);

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
