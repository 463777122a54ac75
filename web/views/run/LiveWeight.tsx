import { useEffect, useEffectEvent } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { gramsOf } from '@keeper/core/measure/mass';
import type { WeightReading } from '@keeper/core/domain/capture/weightReading';
import { wasZeroed } from '@keeper/core/weighing/wasZeroed';
import { useDevicePreference } from '../../data/devicePreferences.js';
import { useSettings } from '../../data/queries.js';
import { usePracticesAt } from '../../data/usePractices.js';
import { scaleOf } from '../../data/scale.js';
import { lastTare } from '../../data/tares.js';
import { useWeighedWith, useWeighingKit } from '../../data/useWeighingKit.js';
import { LiveScaleReading, type TakenLive } from '../../parts/weight/LiveScaleReading.js';
import { useLiveScale } from '../../parts/weight/useLiveScale.js';

interface LiveWeightProps {
  readonly state: CaptureState;
  readonly onSet: (reading: WeightReading) => void;
}

/** The connected scale beside a fish: its value goes into the book when it has settled. */
export function LiveWeight({ state, onSet }: LiveWeightProps) {
  const { rounding } = useSettings();
  const { weighMethod } = usePracticesAt(state.facts.waterId);
  const way = useDevicePreference('scale');
  const { nature, slingGrams, zeroedAt } = useWeighingKit();
  const around = useWeighedWith();
  const { state: scale, listen } = useLiveScale(gramsOf(nature.division));
  const zeroed = weighMethod === 'zeroed' && wasZeroed(state, zeroedAt);
  const begin = useEffectEvent(() => {
    const hung = { what: { fishOf: state.captureId }, slingGrams, division: nature.division };
    void listen(scaleOf(way, { ...hung, zeroGrams: zeroed ? slingGrams : 0 }));
  });
  useEffect(() => void begin(), []);
  const taken = (read: TakenLive) => {
    const tare = weighMethod === 'gross-minus-tare' ? lastTare(nature.division.unit) : undefined;
    const how = { method: weighMethod, way: 'live', ...(tare && { tare }) } as const;
    onSet({ ...read, ...how, ...around, readAt: new Date().toISOString() });
  };
  return <LiveScaleReading state={scale} division={nature.division} rounding={rounding} onTaken={taken} what="fish" />;
}
