import { runText } from './text.en-GB.js';
import type { LengthHabit } from '@keeper/contract/preferences';
import type { BodyLength, LengthOf } from '@keeper/core/domain/fish/bodyLength';
import { formatLength, type Length } from '@keeper/core/measure/length';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { useSettings } from '../../data/queries.js';
import { usePracticesAt } from '../../data/usePractices.js';
import { useWheels, type Wheel } from '../../parts/useWheels.js';
import { SetOrLater } from './SetOrLater.js';
import { Keypad, keypadKeys, Wheels } from '../../parts/Wheels.js';

interface LengthPanelProps {
  readonly state: CaptureState;
  /** To where a meeting that is on reads it; null: as the keeper does. */
  readonly meetingReads?: LengthOf | null | undefined;
  /** Round its thickest part, before the back fin, instead of its length. */
  readonly girth?: boolean;
  readonly onSet: (length: BodyLength) => void;
  readonly onLater: () => void;
}

/** The marks of each board: a quarter inch, or half a centimetre. */
const BOARDS: Readonly<Record<LengthHabit, { unit: Length['unit']; perWhole: number; wheels: readonly Wheel[] }>> = {
  in: {
    unit: 'quarter-in',
    perWhole: 4,
    wheels: [
      { name: 'in', label: runText.partInches, most: 157, step: 1 },
      { name: '¼ in', label: runText.partQuarters, most: 3, step: 1 },
    ],
  },
  cm: {
    unit: 'half-cm',
    perWhole: 2,
    wheels: [
      { name: 'cm', label: runText.partCentimetres, most: 399, step: 1 },
      { name: '½ cm', label: runText.partHalves, most: 1, step: 1 },
    ],
  },
};

const OF_WORDS: Readonly<Record<LengthOf, string>> = {
  tip: runText.tailLaidFlatRead,
  pinched: runText.tailPinchedTogetherRead,
  fork: runText.readDownToThe,
};

/** Sets the length as it is read off the board, down to its mark, without typing. */
export function LengthPanel({ state: { facts }, meetingReads, girth = false, onSet, onLater }: LengthPanelProps) {
  const { lengthHabit } = useSettings();
  const own = usePracticesAt(facts.waterId).lengthOf;
  const lengthOf = meetingReads ?? own;
  const { unit, perWhole, wheels } = BOARDS[lengthHabit];
  const state = useWheels<'length'>(wheels, { length: [] }, 'length');
  const [whole = 0, part = 0] = state.values.length;
  const length: BodyLength = { unit, count: whole * perWhole + part, of: lengthOf };
  return (
    <div
      role="group"
      aria-label={girth ? runText.girth : runText.length}
      className="grid gap-3"
      onKeyDown={keypadKeys(state)}
    >
      <p>{girth ? runText.roundItsThickest : runText.noseToTheStop({ lengthOf: OF_WORDS[lengthOf] })}</p>
      <Wheels state={state} row="length" name={girth ? runText.girth : runText.length} named={false} wheels={wheels} />
      <Keypad {...state} />
      <SetOrLater
        said={length.count === 0 ? undefined : formatLength(length)}
        onSet={() => onSet(length)}
        onLater={onLater}
      />
    </div>
  );
}
