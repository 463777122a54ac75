import { useState } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { formatMass } from '@keeper/core/measure/formatMass';
import { gramsOf, type Mass } from '@keeper/core/measure/mass';
import type { ReadingWay } from '@keeper/core/domain/capture/weightReading';
import { wasZeroed } from '@keeper/core/weighing/wasZeroed';
import { massFromParts, massParts } from '@keeper/core/measure/massParts';
import { useDevicePreference } from '../../data/devicePreferences.js';
import { scaleOf } from '../../data/scale.js';
import { useWeighingKit } from '../../data/useWeighingKit.js';
import { Choice } from '../Choice.js';
import { useWheels } from '../useWheels.js';
import { Keypad, keypadKeys, Wheels } from '../Wheels.js';
import { LiveScaleReading } from './LiveScaleReading.js';
import { useLiveScale } from './useLiveScale.js';

interface SlingAfterProps {
  readonly state: CaptureState;
  readonly onShown: (shown: Mass, way: ReadingWay) => void;
}

/** The empty wet sling on the scale once more: the two tares bracket the truth. */
export function SlingAfter({ state, onShown }: SlingAfterProps) {
  const way = useDevicePreference('scale');
  const [open, setOpen] = useState<'no' | 'live' | 'hand'>('no');
  if (open === 'live') return <LiveSling state={state} onShown={onShown} onByHand={() => setOpen('hand')} />;
  if (open === 'hand') return <SlingByHand state={state} onShown={onShown} />;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <button type="button" className="button min-h-14" onClick={() => setOpen(way === 'none' ? 'hand' : 'live')}>
        Hang the empty sling again
      </button>
      <p className="min-w-40 flex-1 text-sm text-soft">
        A sling holds more or less water than when it was zeroed. Wet, empty, now: then the weight is bracketed.
      </p>
    </div>
  );
}

function LiveSling({ state, onShown, onByHand }: SlingAfterProps & { onByHand: () => void }) {
  const way = useDevicePreference('scale');
  const { nature, slingGrams, zeroedAt } = useWeighingKit();
  const { state: scale, listen, stop } = useLiveScale(gramsOf(nature.division));
  const begin = () => {
    // A fish leaves some water in the sling.
    const hung = { what: 'sling' as const, slingGrams: slingGrams * 1.04, division: nature.division };
    void listen(scaleOf(way, { ...hung, zeroGrams: wasZeroed(state, zeroedAt) ? slingGrams : 0 }));
  };
  const shown =
    scale.is === 'reading' && scale.settling.steadiness === 'empty' ? scale.samples.at(-1)?.grams : undefined;
  return (
    <div role="group" aria-label="Empty sling" className="grid gap-3">
      {scale.is === 'off' && (
        <button type="button" className="button button-main min-h-14" onClick={begin}>
          It hangs there, wet and empty
        </button>
      )}
      <LiveScaleReading
        state={scale}
        division={nature.division}
        rounding="as-read"
        what="sling"
        onTaken={({ sent }) => onShown(sent, 'live')}
      />
      {shown !== undefined && scale.is === 'reading' && (
        <button
          type="button"
          className="button min-h-14"
          onClick={() => {
            stop();
            onShown({ unit: scale.unit, count: Math.round(shown / gramsOf({ unit: scale.unit, count: 1 })) }, 'live');
          }}
        >
          Record as zero
        </button>
      )}
      <button type="button" className="button" onClick={onByHand}>
        Set it by hand
      </button>
    </div>
  );
}

function SlingByHand({ state, onShown }: SlingAfterProps) {
  const asRead = state.facts.weight?.asRead;
  const unit = asRead?.unit ?? 'oz';
  const parts = massParts(unit);
  const wheels = useWheels<'sling'>(parts, { sling: [] }, 'sling');
  const [below, setBelow] = useState<'above' | 'below'>('above');
  const shown = massFromParts(unit, wheels.values.sling);
  const signed = { unit, count: below === 'below' ? -shown.count : shown.count };
  return (
    <div role="group" aria-label="Empty sling" className="grid gap-3" onKeyDown={keypadKeys(wheels)}>
      {state.facts.weight?.method === 'zeroed' && (
        <Choice
          label="Above or below zero"
          value={below}
          onChange={setBelow}
          options={[
            { value: 'above', label: 'Above zero' },
            { value: 'below', label: 'Below zero' },
          ]}
        />
      )}
      <Wheels state={wheels} row="sling" name="Empty sling" named={false} wheels={parts} />
      <Keypad {...wheels} />
      <button type="button" className="button button-main min-h-14" onClick={() => onShown(signed, 'set')}>
        The empty sling shows {below === 'below' && shown.count > 0 ? '− ' : ''}
        {formatMass(shown)}
      </button>
    </div>
  );
}
