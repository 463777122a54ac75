import { say } from '../../text/say.js';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { formatLength, lengthMm } from '@keeper/core/measure/length';
import type { BoardReading } from '@keeper/core/pictures/boardLength';
import { tapeAgainstPicture } from '@keeper/core/pictures/tapeAgainstPicture';
import { useSettings } from '../../data/queries.js';
import { Choice } from '../../parts/Choice.js';
import { TextField } from '../../parts/TextField.js';
import { markOf, roundedDown } from './boardMarks.js';
import { inUnit, longThing, scaledBy, type BoardDraft, type BoardTarget, type ScaleBy } from './boardDraft.js';

interface BoardPanelProps {
  readonly state: CaptureState;
  readonly draft: BoardDraft;
  readonly reading: BoardReading | undefined;
  readonly onChange: (draft: BoardDraft) => void;
  readonly onNote: (mm: number) => void;
}

/**
 * Reading a length off the board in a picture: what is tapped next, what it comes to, and whether it is what was
 * written down.
 */
export function BoardPanel({ state, draft, reading, onChange, onNote }: BoardPanelProps) {
  const { lengthHabit } = useSettings();
  const inches = lengthHabit === 'in';
  const thing = draft.by === 'thing';
  const mark = markOf(draft.nextMark, draft.inches);
  const written = state.facts.length;
  const match =
    reading?.ok && written ? tapeAgainstPicture(reading.value, lengthMm(written), inches ? 6.35 : 5) : undefined;
  return (
    <div className="grid gap-4">
      <Choice<ScaleBy>
        label="Scale from"
        value={draft.by}
        onChange={(by) => onChange(scaledBy(draft, by))}
        options={[
          { value: 'board', label: 'A board' },
          { value: 'thing', label: 'An object I know' },
        ]}
      />
      <Choice
        label={thing ? 'What its length is in' : 'What stands on the board'}
        value={draft.inches ? 'in' : 'cm'}
        onChange={(unit) => onChange(inUnit(draft, unit === 'in'))}
        options={[
          { value: 'in', label: 'Inches' },
          { value: 'cm', label: 'Centimetres' },
        ]}
      />
      <Choice<BoardTarget>
        label="What you tap next"
        value={draft.target}
        onChange={(target) => onChange({ ...draft, target })}
        options={[
          { value: 'mark', label: thing ? 'Its ends' : 'A mark' },
          { value: 'nose', label: 'The nose' },
          { value: 'tail', label: 'The tail' },
        ]}
      />
      {(draft.target === 'mark' || thing) && (
        <TextField
          className="max-w-56"
          label={thing ? 'Its length' : 'Number at the mark'}
          numeric
          value={draft.nextMark}
          problem={
            mark !== undefined || draft.nextMark === ''
              ? undefined
              : thing
                ? 'Its length as a number.'
                : 'A number that stands on the board.'
          }
          onChange={(nextMark) => onChange(thing ? longThing(draft, nextMark) : { ...draft, nextMark })}
        />
      )}
      <p>
        {thing
          ? `A reel, a rod butt, the mat: beside the fish and as far from the camera. Type how long it is, then tap its two ends, nose and tail. ${draft.marks.length} of 2 ends so far.`
          : draft.marks.length < 3
            ? `Tap three marks or more, far apart, then nose and tail where they meet the ruled line. ${draft.marks.length} so far.`
            : `${draft.marks.length} marks.`}
      </p>
      {draft.marks.length > 0 && (
        <button
          type="button"
          className="button justify-self-start font-normal"
          onClick={() => onChange({ ...draft, marks: draft.marks.slice(0, -1) })}
        >
          Remove the last {thing ? 'end' : 'mark'}
        </button>
      )}
      {reading && !reading.ok && (
        <p role="alert" className="border-l-4 border-rust pl-3">
          {say(reading.message)}
        </p>
      )}
      {reading?.ok && (
        <div className="grid gap-2" role="status">
          <p className="text-2xl font-semibold tabular-nums">
            {spoken(reading.value.lengthMm, inches)}
            <span className="text-lg font-normal"> give or take {spoken(2 * reading.value.uMm, inches)}</span>
          </p>
          <p className="text-soft">
            Down to the mark: {formatLength(roundedDown(reading.value.lengthMm, inches))}.{' '}
            {thing
              ? 'The tilt of the camera is not known; up to 15 degrees are allowed for. What is nearer the camera reads long.'
              : 'Where the fish stands higher than the ruled line it reads long: about one part in a hundred for each centimetre, seen from a metre.'}
          </p>
          {match && (
            <p className={match.agrees ? '' : 'border-l-4 border-air pl-3'}>
              <b>{say(match.says)}</b> {match.reasons.slice(0, 2).map(say).join(' Or: ')}
            </p>
          )}
          {!written && (
            <button type="button" className="button justify-self-start" onClick={() => onNote(reading.value.lengthMm)}>
              Write {formatLength(roundedDown(reading.value.lengthMm, inches))} into the book
            </button>
          )}
          {written && <p>In the book: {formatLength(written)}.</p>}
        </div>
      )}
    </div>
  );
}

function spoken(mm: number, inches: boolean): string {
  return inches ? `${(mm / 25.4).toFixed(mm < 100 ? 2 : 1)} in` : `${(mm / 10).toFixed(1)} cm`;
}
