import type { KeptKitItem } from '@keeper/contract/kit';
import type { KitKind } from '@keeper/core/domain/kit/kit';
import { gramsOf, GRAMS_PER_POUND, type Mass, type MassUnit } from '@keeper/core/measure/mass';
import { plainDivision } from '@keeper/core/weighing/resultOf';
import { parseTypedNumber } from '../../parts/typed.js';

/** What is typed of mesh, padding and load. */
export interface KitMeasuresDraft {
  readonly mesh: string;
  readonly padding: string;
  readonly bears: string;
  readonly goodFrom: string;
}

/** As it stands, in the keeper's units. */
export function kitMeasuresOf(item: KeptKitItem | undefined, pounds: boolean): KitMeasuresDraft {
  const load = (grams: number | null | undefined) =>
    grams ? String(Number((grams / (pounds ? GRAMS_PER_POUND : 1000)).toFixed(2))) : '';
  const capacity = item?.scale?.capacity;
  const leastLoad = item?.scale?.leastLoad;
  return {
    mesh: item?.meshMm ? String(item.meshMm) : '',
    padding: item?.paddingMm ? String(item.paddingMm) : '',
    bears: load(capacity ? gramsOf(capacity) : item?.capacityGrams),
    goodFrom: load(leastLoad ? gramsOf(leastLoad) : null),
  };
}

/** What is kept of it: of scales in the family of units that they show, of all else in grams. */
export function kitMeasuresBody(
  { mesh, padding, bears, goodFrom }: KitMeasuresDraft,
  { kind, scale, pounds, unit }: { kind: KitKind; scale: KeptKitItem['scale']; pounds: boolean; unit: MassUnit },
): Pick<KeptKitItem, 'meshMm' | 'paddingMm' | 'capacityGrams' | 'scale'> {
  const whole = (typed: string) => parseTypedNumber(typed) ?? null;
  const grams = (typed: string) => {
    const load = parseTypedNumber(typed);
    return load === undefined ? null : load * (pounds ? GRAMS_PER_POUND : 1000);
  };
  const mass = (typed: string): Mass | null => {
    const load = parseTypedNumber(typed);
    if (load === undefined) return null;
    return pounds ? { unit: 'oz', count: Math.round(load * 16) } : { unit: 'g', count: Math.round(load * 1000) };
  };
  const limits = { capacity: mass(bears), leastLoad: mass(goodFrom) };
  const says = limits.capacity !== null || limits.leastLoad !== null;
  const described = scale ?? (says ? { division: plainDivision(unit), scaleClass: 'III' as const, checks: [] } : null);
  return {
    meshMm: kind === 'net' ? whole(mesh) : null,
    paddingMm: kind === 'mat' ? whole(padding) : null,
    capacityGrams: kind === 'net' || kind === 'sling' ? grams(bears) : null,
    scale: kind === 'scales' && described ? { ...described, ...limits } : (scale ?? null),
  };
}
