import { useMemo } from 'react';
import type { KeptKitItem } from '@keeper/contract/kit';
import type { WeightReading } from '@keeper/core/domain/capture/weightReading';
import { plainDivision } from '@keeper/core/weighing/resultOf';
import type { ScaleSpec } from '@keeper/core/domain/kit/scaleSpec';
import { slingDrain, wetTareGrams, type SlingDrain } from '@keeper/core/weighing/slingDrain';
import { useDevicePreference } from './devicePreferences.js';
import { useSettings } from './queries.js';
import { useStandingKit } from './rows.js';

/** What fish are weighed with on this bank. */
export interface WeighingKit {
  readonly scales: KeptKitItem | undefined;
  readonly sling: KeptKitItem | undefined;
  readonly nature: ScaleSpec;
  readonly drain: SlingDrain;
  /** What the sling weighs wet through, as far as is known. */
  readonly slingGrams: number;
  readonly zeroedAt: string | undefined;
}

/** Scales and sling as they were chosen on this device, else the first of each in the kit. */
export function useWeighingKit(): WeighingKit {
  const kit = useStandingKit();
  const { massUnit } = useSettings();
  const scalesId = useDevicePreference('scalesId');
  const slingId = useDevicePreference('slingId');
  const zeroedAt = useDevicePreference('zeroedAt');
  return useMemo(() => {
    const of = (kind: 'scales' | 'sling', id: string) =>
      kit.find((item) => item.id === id) ?? kit.find((item) => item.kind === kind);
    const scales = of('scales', scalesId);
    const sling = of('sling', slingId);
    const drain = slingDrain(sling?.tares ?? []);
    return {
      scales,
      sling,
      nature: scales?.scale ?? { division: plainDivision(massUnit), scaleClass: 'III', checks: [] },
      drain,
      slingGrams: wetTareGrams(drain, 0),
      zeroedAt: zeroedAt || undefined,
    };
  }, [kit, massUnit, scalesId, slingId, zeroedAt]);
}

/** What every reading of this bank carries: with what it was weighed, and when that was zeroed. */
export function useWeighedWith(): Pick<WeightReading, 'scalesId' | 'slingId' | 'zeroedAt'> {
  const { scales, sling, zeroedAt } = useWeighingKit();
  return {
    ...(scales && { scalesId: scales.id }),
    ...(sling && { slingId: sling.id }),
    ...(zeroedAt && { zeroedAt }),
  };
}
