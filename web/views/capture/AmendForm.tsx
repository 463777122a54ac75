import { captureText } from './text.en-GB.js';
import { useState } from 'react';
import { AmendedDto } from '@keeper/contract/payloads';
import { problemsIn } from '@keeper/contract/validation';
import type { Angler } from '@keeper/core/domain/capture/angler';
import type { Facts } from '@keeper/core/domain/capture/event';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import type { LengthOf } from '@keeper/core/domain/fish/bodyLength';
import type { FormId, SpeciesId } from '@keeper/core/domain/fish/species';
import { clockText } from '@keeper/core/measure/duration';
import { massSystemOf } from '@keeper/core/measure/mass';
import { parseMass } from '@keeper/core/measure/parseMass';
import { makeEvent, record } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { useSettings } from '../../data/queries.js';
import { useSwims } from '../../data/rows.js';
import { useOutings } from '../../data/useOuting.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { usePracticesAt } from '../../data/usePractices.js';
import { LengthField, readLengthText } from '../../parts/LengthField.js';
import { LengthOfChoice } from '../../parts/LengthOfChoice.js';
import { FieldSentence, Notice } from '../../parts/Notice.js';
import { Picker } from '../../parts/Picker.js';
import { TextField } from '../../parts/TextField.js';
import { readTaken, typedTaken } from './readTaken.js';
import { TakenFields, takenFacts } from './TakenFields.js';
import { readElapsed, tapName } from './timeText.js';
import { localInput } from '../../parts/when.js';
import { written } from '../../text/language.js';
import { SpeciesChoice } from '../../parts/SpeciesChoice.js';
import { WhoCaught } from '../../parts/WhoCaught.js';
import { WaterPicker } from '../../parts/WaterPicker.js';
import { readWeight, type TypedWeight } from '../../parts/weight/readWeight.js';
import { WeightFields } from '../../parts/weight/WeightFields.js';

type Subject =
  'time' | 'taken' | 'weight' | 'overScale' | 'species' | 'waterId' | 'swimId' | 'length' | 'girth' | 'angler' | 'note';

const SUBJECTS: readonly { readonly value: Subject; readonly label: string }[] = [
  { value: 'weight', label: captureText.theWeight },
  { value: 'overScale', label: captureText.theScaleEnded },
  { value: 'species', label: captureText.theSpecies },
  { value: 'taken', label: captureText.dayAndTime },
  { value: 'waterId', label: captureText.theWater },
  { value: 'swimId', label: captureText.theSwim },
  { value: 'length', label: captureText.theLength },
  { value: 'girth', label: captureText.theGirth },
  { value: 'angler', label: captureText.whoCaughtIt },
  { value: 'note', label: captureText.theNote },
  { value: 'time', label: captureText.aTime },
];

/** A correction is a further entry with its reason. What stood before stays in the book. */
export function AmendForm({ state, onDone }: { state: CaptureState; onDone: () => void }) {
  const settings = useSettings();
  const ways = usePracticesAt(state.facts.waterId);
  const [subject, setSubject] = useState<Subject>('weight');
  const [angler, setAngler] = useState<Angler | null>(state.facts.angler ?? null);
  const [over, setOver] = useState('');
  const [weight, setWeight] = useState<TypedWeight>({
    method: state.facts.weight?.method ?? ways.weighMethod,
    asRead: '',
    tare: '',
  });
  const [kind, setKind] = useState<{ species: SpeciesId; form: FormId | undefined }>();
  const [kindName, setKindName] = useState(state.facts.kindName ?? '');
  const [waterId, setWaterId] = useState<string>();
  const [swimId, setSwimId] = useState(state.swimId ?? NO_SWIM);
  const [typed, setTyped] = useState(() => typedTaken(state));
  const outings = useOutings();
  const nowMs = useMinute();
  const swims = useSwims().filter(({ waterId: of }) => of === state.facts.waterId);
  const [length, setLength] = useState('');
  const [lengthOf, setLengthOf] = useState<LengthOf>(state.facts.length?.of ?? ways.lengthOf);
  const [note, setNote] = useState(state.facts.note ?? '');
  const [tapId, setTapId] = useState('');
  const [time, setTime] = useState('');
  const [why, setWhy] = useState('');
  const [tried, setTried] = useState(false);
  const recording = useRecord();

  const readingUnit = state.facts.weight?.asRead.unit ?? settings.massUnit;
  const readOver = parseMass(over, massSystemOf(readingUnit));
  const overScale = readOver.kind === 'mass' ? readOver.mass : undefined;
  const read = readWeight(weight, massSystemOf(readingUnit));
  const readLength = readLengthText(length, settings.lengthHabit);
  const taken = readTaken(typed, state, {
    dayFirst: written.dates === 'day-first',
    today: localInput(nowMs).slice(0, 10),
    nowMs,
  });
  const facts: Record<Subject, Facts | undefined> = {
    weight: 'reading' in read && read.reading ? { weight: { ...read.reading, ...weighedWith(state) } } : undefined,
    species: kind && {
      species: kind.species,
      ...(kind.form && { form: kind.form }),
      kindName: kind.species === 'other' ? kindName.trim() || null : null,
    },
    taken: takenFacts(state, taken, outings),
    waterId: waterId ? { waterId, ...(state.swimId !== null && { swimId: null }) } : undefined,
    swimId: swimId === (state.swimId ?? NO_SWIM) ? undefined : { swimId: swimId === NO_SWIM ? null : swimId },
    length: readLength?.ok ? { length: { ...readLength.value, of: lengthOf } } : undefined,
    girth: readLength?.ok ? { girth: readLength.value } : undefined,
    note: { note: note.trim() || null },
    angler: { angler },
    overScale: overScale ? { overScale } : undefined,
    time: undefined,
  };
  const taps = state.marks.filter(({ type }) => type !== 'hooked');
  const tap = taps.find(({ eventId }) => eventId === tapId);
  // What is typed counts from the take, which was itself tapped a moment after the log began.
  const takeMs = state.marks.find(({ type }) => type === 'hooked')?.atMs ?? 0;
  const sinceTakeMs = readElapsed(time);
  const whyProblem = problemsIn(AmendedDto, { facts: {}, why: why.trim() })[0]?.sentence;

  const put = async () => {
    setTried(true);
    if (whyProblem) return;
    const keep = async <T extends 'amended' | 'time-amended'>(
      type: T,
      payload: Parameters<typeof makeEvent<T>>[3],
    ): Promise<void> => {
      const kept = await recording.keep(() => record([makeEvent(state.captureId, state.begunAt, type, payload)]));
      if (kept) onDone();
    };
    if (subject === 'time') {
      if (tap && sinceTakeMs !== undefined)
        await keep('time-amended', { eventId: tap.eventId, toMs: takeMs + sinceTakeMs, why: why.trim() });
      return;
    }
    const changed = facts[subject];
    if (changed) await keep('amended', { facts: changed, why: why.trim() });
  };

  return (
    <form
      className="grid gap-5"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void put();
      }}
    >
      <Picker
        label={captureText.whatToCorrect}
        value={subject}
        onChange={(value) => setSubject(value as Subject)}
        options={SUBJECTS}
      />
      {subject === 'weight' && (
        <WeightFields
          typed={weight}
          onChange={(change) => setWeight((standing) => ({ ...standing, ...change }))}
          question={'question' in read ? read.question : tried && !facts.weight ? NO_WEIGHT : undefined}
        />
      )}
      {subject === 'species' && (
        <SpeciesChoice
          species={kind?.species}
          form={kind?.form}
          onChange={(species, form) => setKind({ species, form })}
          kindName={kindName}
          onKindName={setKindName}
        />
      )}
      {subject === 'waterId' && <WaterPicker value={waterId} onChange={setWaterId} />}
      {subject === 'swimId' && (
        <Picker
          label={captureText.theSwim}
          value={swimId}
          onChange={setSwimId}
          options={[
            { value: NO_SWIM, label: captureText.notKnown },
            ...swims.map(({ id, name }) => ({ value: id, label: name })),
          ]}
        />
      )}
      {subject === 'taken' && (
        <TakenFields
          state={state}
          typed={typed}
          read={taken}
          tried={tried}
          onChange={(change) => setTyped((standing) => ({ ...standing, ...change }))}
        />
      )}
      {(subject === 'length' || subject === 'girth') && (
        <div>
          <LengthField
            label={subject === 'length' ? captureText.lengthAsRead : captureText.girthAsRead}
            text={length}
            onChange={setLength}
            tried={tried}
          />
          {subject === 'length' && <LengthOfChoice value={lengthOf} onChange={setLengthOf} />}
          {tried && !readLength && (
            <FieldSentence id="amend-length-problem">{captureText.noLengthWasGiven}</FieldSentence>
          )}
        </div>
      )}
      {subject === 'angler' && <WhoCaught value={angler} begunBy={state.begunBy} onChange={setAngler} />}
      {subject === 'overScale' && (
        <TextField
          className="max-w-sm"
          label={captureText.theScaleEnded}
          value={over}
          problem={tried && !overScale ? captureText.noWeightWasGiven : undefined}
          onChange={setOver}
        />
      )}
      {subject === 'note' && (
        <textarea
          aria-label={captureText.note}
          rows={4}
          maxLength={4000}
          className="field"
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
      )}
      {subject === 'time' && (
        <div className="grid gap-3">
          <Picker
            label={captureText.whichTap}
            value={tapId}
            onChange={setTapId}
            options={taps.map(({ eventId, type, atMs }) => ({
              value: eventId,
              label: captureText.afterTheTake({ type: tapName(type), takeMs: clockText(atMs - takeMs) }),
            }))}
          />
          <TextField
            className="w-56"
            label={captureText.minutesAndSecondsSince}
            placeholder={tap ? clockText(tap.atMs - takeMs) : '6:20'}
            value={time}
            problem={tried && sinceTakeMs === undefined ? captureText.writeItAsOr : undefined}
            onChange={setTime}
          />
          {tried && !tap && <FieldSentence id="amend-tap-problem">{captureText.noTapIsChosen}</FieldSentence>}
        </div>
      )}
      {tried && (subject === 'species' || subject === 'waterId' || subject === 'swimId') && !facts[subject] && (
        <FieldSentence id="amend-choice-problem">{captureText.nothingIsChosenYet}</FieldSentence>
      )}
      <div>
        <label htmlFor="why" className="mb-1 block font-semibold">
          {captureText.why}
        </label>
        <input
          id="why"
          className="field"
          autoComplete="off"
          maxLength={500}
          placeholder={subject === 'time' ? captureText.tappedTooLate : captureText.theSlingHadNot}
          value={why}
          aria-invalid={tried && whyProblem !== undefined}
          aria-describedby={tried && whyProblem ? 'why-problem' : undefined}
          onChange={(event) => setWhy(event.target.value)}
        />
        {tried && whyProblem && <FieldSentence id="why-problem">{whyProblem}</FieldSentence>}
      </div>
      {recording.notKept && <Notice role="alert">{captureText.itCouldNotBe}</Notice>}
      <button type="submit" className="button button-main min-h-16">
        {captureText.enterTheCorrection}
      </button>
      <p className="text-sm text-soft">{captureText.theEarlierValueStays}</p>
    </form>
  );
}

/** A number that was put right was read off the same scale, with the same sling. */
function weighedWith({ facts: { weight } }: CaptureState) {
  return {
    ...(weight?.scalesId && { scalesId: weight.scalesId }),
    ...(weight?.slingId && { slingId: weight.slingId }),
  };
}

/** The value of a choice that chooses none. */
const NO_SWIM = 'none';

const NO_WEIGHT = { field: 'asRead', sentence: captureText.noWeightWasGiven } as const;
