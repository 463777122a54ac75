import { Delete, Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { formatMass } from '@keeper/core/measure/formatMass';
import type { Mass, MassUnit } from '@keeper/core/measure/mass';
import { massFromParts, massParts, partsFromMass } from '@keeper/core/measure/massParts';
import { netWeight, type WeighMethod, type WeightReading } from '@keeper/core/weighing/reading';
import { useSettings } from '../../data/queries.js';
import { Choice } from '../../parts/Choice.js';

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
  const [values, setValues] = useState<Record<Row, readonly number[]>>({
    asRead: current ? partsFromMass(current.asRead) : [],
    tare: partsOr(current?.tare ?? lastTare(unit)),
  });
  const [active, setActive] = useState<{ row: Row; part: number }>({ row: 'asRead', part: 0 });
  // The first digit after choosing a wheel begins it anew.
  const [fresh, setFresh] = useState(true);

  const asRead = massFromParts(unit, values.asRead);
  const tare = massFromParts(unit, values.tare);
  const reading: WeightReading =
    method === 'zeroed' || tare.count === 0 ? { asRead, method } : { asRead, method, tare };
  const net = netWeight(reading);
  const parts = massParts(unit);

  const set = (row: Row, part: number, to: number) => {
    const most = parts[part]?.most ?? 0;
    const bounded = Math.min(Math.max(to, 0), most);
    setValues((all) => ({ ...all, [row]: parts.map((_, i) => (i === part ? bounded : (all[row][i] ?? 0))) }));
  };
  const choose = (row: Row, part: number) => {
    setActive({ row, part });
    setFresh(true);
  };
  const digit = (d: number) => {
    const standing = fresh ? 0 : (values[active.row][active.part] ?? 0);
    const grown = standing * 10 + d;
    set(active.row, active.part, grown > (parts[active.part]?.most ?? 0) ? d : grown);
    setFresh(false);
  };
  const erase = () => {
    set(active.row, active.part, Math.floor((values[active.row][active.part] ?? 0) / 10));
    setFresh(false);
  };

  return (
    <div
      role="group"
      aria-label="Weight"
      className="grid gap-3"
      onKeyDown={(event) => {
        if (/^\d$/.test(event.key)) digit(Number(event.key));
        else if (event.key === 'Backspace') erase();
      }}
    >
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
          name={row === 'tare' ? 'Tare' : method === 'zeroed' ? 'Weight' : 'Gross'}
          named={method !== 'zeroed'}
          unit={unit}
          values={values[row]}
          activePart={active.row === row ? active.part : -1}
          onChoose={(part) => choose(row, part)}
          onStep={(part, by) => set(row, part, (values[row][part] ?? 0) + by)}
        />
      ))}
      <div className="grid grid-cols-6 gap-2" aria-label="Digits">
        {[1, 2, 3, 4, 5, 6, 7, 8, 9, 0].map((d) => (
          <button key={d} type="button" className="button min-h-14 px-0 text-2xl" onClick={() => digit(d)}>
            {d}
          </button>
        ))}
        <button type="button" aria-label="Take back a digit" className="button col-span-2 min-h-14" onClick={erase}>
          <Delete aria-hidden />
        </button>
      </div>
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

interface WheelsProps {
  readonly name: string;
  /** Whether the row must be told from another. */
  readonly named: boolean;
  readonly unit: MassUnit;
  readonly values: readonly number[];
  readonly activePart: number;
  readonly onChoose: (part: number) => void;
  readonly onStep: (part: number, by: number) => void;
}

function Wheels({ name, named, unit, values, activePart, onChoose, onStep }: WheelsProps) {
  return (
    <div className="flex items-stretch gap-3">
      {massParts(unit).map((part, i) => (
        <div
          key={part.name}
          className="grid flex-1 grid-cols-[3.5rem_1fr_3.5rem] overflow-hidden rounded-md border-[1.5px] border-edge bg-leaf"
        >
          <button
            type="button"
            aria-label={`${name}: less ${part.label}`}
            className="grid min-h-16 place-items-center"
            onClick={() => onStep(i, -part.step)}
          >
            <Minus aria-hidden />
          </button>
          <button
            type="button"
            aria-label={`${name}, ${part.label}: ${values[i] ?? 0}`}
            aria-pressed={activePart === i}
            className="text-center aria-pressed:shadow-[inset_0_-4px_0_var(--water)]"
            onClick={() => onChoose(i)}
          >
            <span className="text-3xl font-bold tabular-nums">{values[i] ?? 0}</span>
            <span className="block text-sm text-soft">
              {i === 0 && named ? `${name}, ` : ''}
              {part.name}
            </span>
          </button>
          <button
            type="button"
            aria-label={`${name}: more ${part.label}`}
            className="grid min-h-16 place-items-center"
            onClick={() => onStep(i, part.step)}
          >
            <Plus aria-hidden />
          </button>
        </div>
      ))}
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
