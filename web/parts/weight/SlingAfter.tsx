import { massWheels } from '../massWheels.js';
import { weightWords } from './text.en-GB.js';
import { useState } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { formatMass } from '@keeper/core/measure/formatMass';
import { gramsOf, type Mass } from '@keeper/core/measure/mass';
import type { ReadingWay } from '@keeper/core/domain/capture/weightReading';
import { wasZeroed } from '@keeper/core/weighing/wasZeroed';
import { massFromParts } from '@keeper/core/measure/massParts';
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
        {weightWords.hangTheEmptySling}
      </button>
      <p className="min-w-40 flex-1 text-sm text-soft">{weightWords.aSlingHoldsMore}</p>
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
    <div role="group" aria-label={weightWords.emptySling} className="grid gap-3">
      {scale.is === 'off' && (
        <button type="button" className="button button-main min-h-14" onClick={begin}>
          {weightWords.itHangsThereWet}
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
          {weightWords.recordAsZero}
        </button>
      )}
      <button type="button" className="button" onClick={onByHand}>
        {weightWords.setItByHand2}
      </button>
    </div>
  );
}

function SlingByHand({ state, onShown }: SlingAfterProps) {
  const asRead = state.facts.weight?.asRead;
  const unit = asRead?.unit ?? 'oz';
  const parts = massWheels(unit);
  const wheels = useWheels<'sling'>(parts, { sling: [] }, 'sling');
  const [below, setBelow] = useState<'above' | 'below'>('above');
  const shown = massFromParts(unit, wheels.values.sling);
  const signed = { unit, count: below === 'below' ? -shown.count : shown.count };
  return (
    <div role="group" aria-label={weightWords.emptySling} className="grid gap-3" onKeyDown={keypadKeys(wheels)}>
      {state.facts.weight?.method === 'zeroed' && (
        <Choice
          label={weightWords.aboveOrBelowZero}
          value={below}
          onChange={setBelow}
          options={[
            { value: 'above', label: weightWords.aboveZero },
            { value: 'below', label: weightWords.belowZero },
          ]}
        />
      )}
      <Wheels state={wheels} row="sling" name={weightWords.emptySling} named={false} wheels={parts} />
      <Keypad {...wheels} />
      <button type="button" className="button button-main min-h-14" onClick={() => onShown(signed, 'set')}>
        {weightWords.theEmptySlingShows({
          count: below === 'below' && shown.count > 0 ? '− ' : '',
          shown: formatMass(shown),
        })}
      </button>
    </div>
  );
}
