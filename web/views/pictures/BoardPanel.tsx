import { picturesText } from './text.en-GB.js';
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
        label={picturesText.scaleFrom}
        value={draft.by}
        onChange={(by) => onChange(scaledBy(draft, by))}
        options={[
          { value: 'board', label: picturesText.aBoard },
          { value: 'thing', label: picturesText.anObjectIKnow },
        ]}
      />
      <Choice
        label={thing ? picturesText.whatItsLengthIs : picturesText.whatStandsOnThe}
        value={draft.inches ? 'in' : 'cm'}
        onChange={(unit) => onChange(inUnit(draft, unit === 'in'))}
        options={[
          { value: 'in', label: picturesText.inches },
          { value: 'cm', label: picturesText.centimetres },
        ]}
      />
      <Choice<BoardTarget>
        label={picturesText.whatYouTapNext}
        value={draft.target}
        onChange={(target) => onChange({ ...draft, target })}
        options={[
          { value: 'mark', label: thing ? picturesText.itsEnds : picturesText.aMark },
          { value: 'nose', label: picturesText.theNose },
          { value: 'tail', label: picturesText.theTail },
        ]}
      />
      {(draft.target === 'mark' || thing) && (
        <TextField
          className="max-w-56"
          label={thing ? picturesText.itsLength : picturesText.numberAtTheMark}
          numeric
          value={draft.nextMark}
          problem={
            mark !== undefined || draft.nextMark === ''
              ? undefined
              : thing
                ? picturesText.itsLengthAsA
                : picturesText.aNumberThatStands
          }
          onChange={(nextMark) => onChange(thing ? longThing(draft, nextMark) : { ...draft, nextMark })}
        />
      )}
      <p>
        {thing
          ? picturesText.aReelARod({ marksCount: draft.marks.length })
          : draft.marks.length < 3
            ? picturesText.tapThreeMarksOr({ marksCount: draft.marks.length })
            : picturesText.marks({ marksCount: draft.marks.length })}
      </p>
      {draft.marks.length > 0 && (
        <button
          type="button"
          className="button justify-self-start font-normal"
          onClick={() => onChange({ ...draft, marks: draft.marks.slice(0, -1) })}
        >
          {picturesText.removeTheLast({ thing })}
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
            <span className="text-lg font-normal">
              {' '}
              {picturesText.giveOrTake({ uMm: spoken(2 * reading.value.uMm, inches) })}
            </span>
          </p>
          <p className="text-soft">
            {picturesText.downToTheMark({ inches: formatLength(roundedDown(reading.value.lengthMm, inches)), thing })}
          </p>
          {match && (
            <p className={match.agrees ? '' : 'border-l-4 border-air pl-3'}>
              <b>{say(match.says)}</b> {match.reasons.slice(0, 2).map(say).join(' Or: ')}
            </p>
          )}
          {!written && (
            <button type="button" className="button justify-self-start" onClick={() => onNote(reading.value.lengthMm)}>
              {picturesText.writeIntoTheBook({ inches: formatLength(roundedDown(reading.value.lengthMm, inches)) })}
            </button>
          )}
          {written && <p>{picturesText.inTheBook({ written: formatLength(written) })}</p>}
        </div>
      )}
    </div>
  );
}

function spoken(mm: number, inches: boolean): string {
  return inches
    ? picturesText.inIt({ mm: (mm / 25.4).toFixed(mm < 100 ? 2 : 1) })
    : picturesText.cm({ mm: (mm / 10).toFixed(1) });
}
