import type { WriteSwimDto } from '@keeper/contract/swims';

/** A swim of which only the name is known: grass, looking north, with nothing on it. */
export function blankSwim(waterId: string): Omit<WriteSwimDto, 'name' | 'revision'> {
  return {
    waterId,
    position: null,
    note: null,
    facingDeg: 0,
    bank: 'grass',
    hazards: [],
    fixtures: [],
    retired: false,
  };
}
