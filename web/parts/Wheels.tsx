import { partsText } from './text.en-GB.js';
import { Delete, Minus, Plus } from 'lucide-react';
import type { Wheel, WheelsState } from './useWheels.js';

interface WheelsProps<Row extends string> {
  readonly state: WheelsState<Row>;
  readonly row: Row;
  readonly name: string;
  /** Whether the row must be told from another. */
  readonly named: boolean;
  readonly wheels: readonly Wheel[];
}

/** One row of wheels with steppers, for wet thumbs. */
export function Wheels<Row extends string>({ state, row, name, named, wheels }: WheelsProps<Row>) {
  const values = state.values[row];
  const activePart = state.active.row === row ? state.active.part : -1;
  return (
    <div className="flex items-stretch gap-3">
      {wheels.map((wheel, i) => (
        <div
          key={wheel.name}
          className="grid flex-1 grid-cols-[3.5rem_1fr_3.5rem] overflow-hidden rounded-md border-[1.5px] border-edge bg-leaf"
        >
          <button
            type="button"
            aria-label={partsText.less({ name, label: wheel.label })}
            className="grid min-h-16 place-items-center"
            onClick={() => state.set(row, i, (values[i] ?? 0) - wheel.step)}
          >
            <Minus aria-hidden />
          </button>
          <button
            type="button"
            aria-label={`${name}, ${wheel.label}: ${values[i] ?? 0}`}
            aria-pressed={activePart === i}
            className="text-center aria-pressed:shadow-[inset_0_-4px_0_var(--water)]"
            onClick={() => state.choose(row, i)}
          >
            <span className="text-3xl font-bold tabular-nums">{values[i] ?? 0}</span>
            <span className="block text-sm text-soft">
              {i === 0 && named ? `${name}, ` : ''}
              {wheel.name}
            </span>
          </button>
          <button
            type="button"
            aria-label={partsText.more({ name, label: wheel.label })}
            className="grid min-h-16 place-items-center"
            onClick={() => state.set(row, i, (values[i] ?? 0) + wheel.step)}
          >
            <Plus aria-hidden />
          </button>
        </div>
      ))}
    </div>
  );
}

interface KeypadProps {
  readonly digit: (d: number) => void;
  readonly erase: () => void;
}

export function Keypad({ digit, erase }: KeypadProps) {
  return (
    <div className="grid grid-cols-6 gap-2" aria-label={partsText.digits}>
      {[1, 2, 3, 4, 5, 6, 7, 8, 9, 0].map((d) => (
        <button key={d} type="button" className="button min-h-14 px-0 text-2xl" onClick={() => digit(d)}>
          {d}
        </button>
      ))}
      <button type="button" aria-label={partsText.deleteADigit} className="button col-span-2 min-h-14" onClick={erase}>
        <Delete aria-hidden />
      </button>
    </div>
  );
}

/** The same keypad on a keyboard. */
export function keypadKeys({ digit, erase }: KeypadProps) {
  return (event: { readonly key: string }) => {
    if (/^\d$/.test(event.key)) digit(Number(event.key));
    else if (event.key === 'Backspace') erase();
  };
}
