import type { Facts } from '@keeper/core/domain/capture/event';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { useOutings } from '../../data/useOuting.js';
import { TextField } from '../../parts/TextField.js';
import { whenText } from '../../parts/when.js';
import { outingOf } from './outingOf.js';
import type { ReadTaken, TypedTaken } from './readTaken.js';
import { captureText } from './text.en-GB.js';

interface TakenFieldsProps {
  readonly state: CaptureState;
  readonly typed: TypedTaken;
  readonly read: ReadTaken;
  readonly tried: boolean;
  readonly onChange: (change: Partial<TypedTaken>) => void;
}

/** When a fish was taken, written anew: the day, and the time by the clocks of the place. */
export function TakenFields({ state, typed, read, tried, onChange }: TakenFieldsProps) {
  const outings = useOutings();
  const outingId = read.taken ? outingOf(state, read.taken, outings) : state.outingId;
  const outing = outings.find((each) => each.outingId === outingId);
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-3">
        <TextField
          className="w-64"
          label={captureText.theDay}
          value={typed.day}
          problem={tried && read.field === 'day' ? read.problem : undefined}
          onChange={(day) => onChange({ day })}
        />
        <TextField
          className="w-40"
          label={captureText.theTimeThere}
          value={typed.time}
          problem={tried && read.field === 'time' ? read.problem : undefined}
          onChange={(time) => onChange({ time })}
        />
      </div>
      {read.taken && outingId !== state.outingId && (
        <p className="text-soft">
          {outing
            ? captureText.thenOfTheOuting({ when: whenText(new Date(outing.fromMs).toISOString()) })
            : captureText.thenOfNoOuting}
        </p>
      )}
    </div>
  );
}

/** What is written down once a day was put right: when it was, and the outing that it then was of. */
export function takenFacts(
  state: CaptureState,
  { taken }: ReadTaken,
  outings: ReturnType<typeof useOutings>,
): Facts | undefined {
  if (!taken) return undefined;
  const outingId = outingOf(state, taken, outings);
  return { taken, ...(outingId !== state.outingId && { outingId }) };
}
