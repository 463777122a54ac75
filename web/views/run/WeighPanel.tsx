import { useState } from 'react';
import { formatMass } from '@keeper/core/measure/formatMass';
import type { Mass, MassUnit } from '@keeper/core/measure/mass';
import { massFromParts, massParts, partsFromMass } from '@keeper/core/measure/massParts';
import { netWeight, type WeighMethod, type WeightReading } from '@keeper/core/weighing/reading';
import { useSettings } from '../../data/queries.js';
import { Choice } from '../../parts/Choice.js';
import { useWheels } from '../../parts/useWheels.js';
import { Keypad, keypadKeys, Wheels } from '../../parts/Wheels.js';

interface WeighPanelProps {
  readonly current: WeightReading | undefined;
  readonly onSet: (reading: WeightReading) => void;
  readonly onLater: () => void;
}

type Row = 'asRead' | 'tare';

/** Sets the weight by steppers or keypad, with wet thumbs and without typing. "Later" is always an answer. */
export function WeighPanel({ current, onSet, onLater }: WeighPanelProps) {
  const settings = useSettings();
  const unit = current?.asRead.unit ?? settings.massUnit;
  const [method, setMethod] = useState<WeighMethod>(current?.method ?? settings.weighMethod);
  const parts = massParts(unit);
  const wheels = useWheels<Row>(
    parts,
    { asRead: current ? partsFromMass(current.asRead) : [], tare: partsOr(current?.tare ?? lastTare(unit)) },
    'asRead',
  );
  const { values } = wheels;
  const asRead = massFromParts(unit, values.asRead);
  const tare = massFromParts(unit, values.tare);
  const reading: WeightReading =
    method === 'zeroed' || tare.count === 0 ? { asRead, method } : { asRead, method, tare };
  const net = netWeight(reading);
  return (
    <div role="group" aria-label="Weight" className="grid gap-3" onKeyDown={keypadKeys(wheels)}>
      <Choice<WeighMethod>
        label="How it is weighed"
        value={method}
        onChange={setMethod}
        options={[
          { value: 'zeroed', label: 'Sling zeroed' },
          { value: 'gross-minus-tare', label: 'Gross minus tare' },
        ]}
      />
      {(method === 'zeroed' ? (['asRead'] as const) : (['asRead', 'tare'] as const)).map((row) => (
        <Wheels
          key={row}
          state={wheels}
          row={row}
          name={row === 'tare' ? 'Tare' : method === 'zeroed' ? 'Weight' : 'Gross'}
          named={method !== 'zeroed'}
          wheels={parts}
        />
      ))}
      <Keypad {...wheels} />
      {method === 'gross-minus-tare' && net && !net.ok && <p className="text-rust">{net.reason}</p>}
      <div className="grid grid-cols-[1fr_2fr] gap-3">
        <button type="button" className="button min-h-20 text-xl" onClick={onLater}>
          Later
        </button>
        <button
          type="button"
          className="button button-main min-h-20 flex-col gap-0 text-2xl"
          disabled={asRead.count === 0 || (net !== undefined && !net.ok)}
          onClick={() => {
            if (reading.tare) localStorage.setItem(`keeper.tare.${unit}`, JSON.stringify(reading.tare));
            onSet(reading);
          }}
        >
          {asRead.count === 0 ? 'Set it above' : net?.ok ? formatMass(net.value) : formatMass(asRead)}
          <span className="text-base font-normal">
            {asRead.count === 0
              ? 'or leave it for later'
              : method === 'zeroed'
                ? 'take this weight'
                : net
                  ? 'net: take this weight'
                  : 'gross: the tare comes later'}
          </span>
        </button>
      </div>
    </div>
  );
}

function partsOr(mass: Mass | undefined): readonly number[] {
  return mass ? partsFromMass(mass) : [];
}

/** The tare that was last taken off on this device: the sling is mostly the same, and as wet. */
function lastTare(unit: MassUnit): Mass | undefined {
  const kept = localStorage.getItem(`keeper.tare.${unit}`);
  return kept ? (JSON.parse(kept) as Mass) : undefined;
}
