import { paths } from '../../app/paths.js';
import { writeUpText } from './text.en-GB.js';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { DescribedDto } from '@keeper/contract/payloads';
import { problemsIn } from '@keeper/contract/validation';
import type { Facts } from '@keeper/core/domain/capture/event';
import { missingThings } from '@keeper/core/domain/capture/missing';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { withSetup } from '@keeper/core/domain/capture/rodFacts';
import type { LengthOf } from '@keeper/core/domain/fish/bodyLength';
import { SPECIES, type FormId, type SpeciesId } from '@keeper/core/domain/fish/species';
import { formatBodyLength } from '@keeper/core/domain/fish/bodyLength';
import { formatMass } from '@keeper/core/measure/formatMass';
import { massSystemOf } from '@keeper/core/measure/mass';
import { NotHere } from '../../app/NotHere.js';
import { makeEvent, record } from '../../data/record.js';
import { useSettings } from '../../data/queries.js';
import { usePracticesAt } from '../../data/usePractices.js';
import { useWaters } from '../../data/rows.js';
import { useCapture } from '../../data/useCapture.js';
import { useWeighedWith } from '../../data/useWeighingKit.js';
import { WhoLink } from '../../parts/WhoLink.js';
import { AddPictures } from '../../parts/AddPictures.js';
import { LengthField, readLengthText } from '../../parts/LengthField.js';
import { Notice } from '../../parts/Notice.js';
import { LengthOfChoice } from '../../parts/LengthOfChoice.js';
import { NoteField } from '../../parts/NoteField.js';
import { Section } from '../../parts/Section.js';
import { SpeciesChoice } from '../../parts/SpeciesChoice.js';
import { WaterPicker } from '../../parts/WaterPicker.js';
import { Waterline } from '../../parts/Waterline.js';
import { readWeight, type TypedWeight } from '../../parts/weight/readWeight.js';
import { WeightFields } from '../../parts/weight/WeightFields.js';
import { WeightOfFish } from '../../parts/weight/WeightOfFish.js';
import { whenText } from '../../parts/when.js';
import type { Angler } from '@keeper/core/domain/capture/angler';
import { WhoCaught } from '../../parts/WhoCaught.js';
import { RodFields } from '../../parts/rod/RodFields.js';
import { rodDraftOf, rodSetupOf, type RodDraft } from '../../parts/rod/rodDraft.js';
import { partsText } from '../../parts/text.en-GB.js';
import { useDraft } from '../../parts/useDraft.js';

interface Draft extends TypedWeight {
  readonly species?: SpeciesId;
  readonly form?: FormId;
  readonly kindName?: string;
  readonly waterId?: string;
  readonly length: string;
  readonly lengthOf?: LengthOf;
  readonly girth: string;
  readonly note: string;
  /** Whose fish it is, once that was said here. */
  readonly angler?: Angler | null;
  /** What it took on, once something of it was changed. */
  readonly rod?: RodDraft;
}

/** The paperwork after the release: what is missing is asked once, and may stay missing. */
export function WriteUp() {
  const { state, loading, missing } = useCapture(useParams()['captureId'] ?? '');
  if (missing) return <NotHere />;
  if (loading) return <p>{writeUpText.openingThePage}</p>;
  return <WriteUpOf key={state.captureId} state={state} />;
}

function WriteUpOf({ state }: { state: CaptureState }) {
  const settings = useSettings();
  const ways = usePracticesAt(state.facts.waterId);
  const navigate = useNavigate();
  const { facts } = state;
  const standing = facts.weight ?? undefined;
  const [draft, change, clearDraft] = useDraft<Draft>(state.captureId, {
    method: standing?.method ?? ways.weighMethod,
    asRead: standing ? formatMass(standing.asRead) : '',
    tare: '',
    length: '',
    girth: '',
    note: '',
    ...(facts.species && { species: facts.species }),
  });
  const { zeroedAt: _zeroed, ...weighedWith } = useWeighedWith();
  const [tried, setTried] = useState(false);
  const [problem, setProblem] = useState<string>();
  const asked = new Set(missingThings(state));
  // A dial that was pictured on the bank is what the number is read from.
  const dial = state.pictures.some(({ role }) => role === 'scale');
  const lost = state.outcome === 'lost';
  // FindingItem on the bank in one tap; how it is scaled is for the desk.
  const formOpen = !facts.form && (SPECIES.find(({ id }) => id === facts.species)?.forms.length ?? 0) > 0;
  const water = useWaters().find(({ id }) => id === facts.waterId);

  const habit = massSystemOf(standing?.asRead.unit ?? settings.massUnit);
  const weight = readWeight(draft, habit);
  const question = 'question' in weight ? weight.question : undefined;
  const length = readLengthText(draft.length, settings.lengthHabit);
  const girth = readLengthText(draft.girth, settings.lengthHabit);
  const lengthOf = draft.lengthOf ?? ways.lengthOf;
  const rodDraft = draft.rod ?? rodDraftOf(state.rod ?? {}, settings.lengthHabit);
  const rod = rodSetupOf(rodDraft, settings.lengthHabit);
  const unread = !rod || (length && !length.ok) || (girth && !girth.ok);

  const put = async () => {
    setTried(true);
    if (question || unread) return;
    const typed = 'reading' in weight ? weight.reading : undefined;
    const reading = typed && { ...typed, way: dial ? ('dial' as const) : ('typed' as const), ...weighedWith };
    const noted: Facts = {
      ...(draft.species && { species: draft.species }),
      ...(draft.form && { form: draft.form }),
      ...(draft.species === 'other' && draft.kindName?.trim() && { kindName: draft.kindName.trim() }),
      ...(draft.waterId && { waterId: draft.waterId }),
      ...(reading && (asked.has('weight') || asked.has('tare')) && { weight: reading }),
      ...(length?.ok && { length: { ...length.value, of: lengthOf } }),
      ...(girth?.ok && { girth: girth.value }),
      ...(draft.angler !== undefined && { angler: draft.angler }),
      ...(draft.note.trim() && { note: draft.note.trim() }),
    };
    const [bad] = problemsIn(DescribedDto, { facts: noted });
    if (bad) {
      setProblem(writeUpText.whatYouTypedIs({ sentence: bad.sentence }));
      return;
    }
    const make = <T extends 'described' | 'written-up'>(type: T, payload: Parameters<typeof makeEvent<T>>[3]) =>
      makeEvent(state.captureId, state.begunAt, type, payload);
    const events = Object.keys(noted).length > 0 ? [make('described', { facts: noted })] : [];
    const ofRod = draft.rod ? [makeEvent(state.captureId, state.begunAt, 'rod-told', withSetup(state.rod, rod))] : [];
    await record([...events, ...ofRod, make('written-up', {})]);
    clearDraft();
    await navigate(paths.capture(state.captureId));
  };

  return (
    <form
      className="max-w-3xl"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void put();
      }}
    >
      <p className="text-soft">
        {whenText(state.startedAt ?? '', undefined, state.zone)}
        {water && `, ${water.name}`}
      </p>
      <h1 className="mb-4 text-3xl font-semibold">{writeUpText.aFishThatGot({ lost })}</h1>
      <Waterline spells={state.spells} marks={state.marks} untilMs={state.endMs ?? 0} size="page" />
      <div className="mt-6 grid gap-8">
        {(asked.has('species') || lost || formOpen || (facts.species === 'other' && !facts.kindName)) && (
          <Section title={writeUpText.whatWasIt}>
            <SpeciesChoice
              species={draft.species}
              form={draft.form}
              onChange={(species, form) => change({ species, ...(form ? { form } : { form: undefined }) })}
              kindName={draft.kindName ?? ''}
              onKindName={(kindName) => change({ kindName })}
            />
          </Section>
        )}
        {asked.has('water') && (
          <Section title={writeUpText.where}>
            <div className="max-w-sm">
              <WaterPicker value={draft.waterId} onChange={(waterId) => change({ waterId })} />
            </div>
          </Section>
        )}
        {!lost && (
          <Section title={writeUpText.howHeavy}>
            {asked.has('weight') || asked.has('tare') ? (
              <WeightFields
                typed={draft}
                onChange={change}
                question={tried || question?.meanings ? question : undefined}
              />
            ) : (
              <WeightRead state={state} />
            )}
          </Section>
        )}
        {asked.has('length') && (
          <Section title={writeUpText.howLong}>
            <div className="grid max-w-lg gap-3 sm:grid-cols-2">
              <LengthField
                label={writeUpText.readDownToThe}
                text={draft.length}
                onChange={(text) => change({ length: text })}
                tried={tried}
              />
              <LengthField
                label={writeUpText.girthBeforeTheBack}
                example={false}
                text={draft.girth}
                onChange={(text) => change({ girth: text })}
                tried={tried}
              />
            </div>
            {draft.length.trim() !== '' && (
              <LengthOfChoice value={lengthOf} onChange={(of) => change({ lengthOf: of })} />
            )}
          </Section>
        )}
        <Section title={partsText.whoCaughtIt}>
          <WhoCaught
            value={draft.angler === undefined ? (facts.angler ?? null) : draft.angler}
            begunBy={state.begunBy}
            onChange={(angler) => change({ angler })}
          />
        </Section>
        <Section title={writeUpText.onWhat}>
          <div className="max-w-lg">
            <RodFields
              draft={rodDraft}
              waterId={draft.waterId ?? facts.waterId ?? null}
              units={settings.lengthHabit}
              onChange={(rod) => change({ rod: { ...rodDraft, ...rod } })}
            />
          </div>
          {tried && !rod && <Notice role="alert">{partsText.distanceOrDepthIs}</Notice>}
        </Section>
        <Section title={writeUpText.pictures}>
          <AddPictures state={state} />
          <WhoLink state={state} className="button mt-3" />
        </Section>
        <Section title={writeUpText.anythingElse}>
          <NoteField label={writeUpText.onWhatHowIt} value={draft.note} onChange={(note) => change({ note })} />
        </Section>
      </div>
      {problem && <Notice role="alert">{problem}</Notice>}
      <div className="mt-8 flex flex-wrap items-center gap-4">
        <button type="submit" className="button button-main min-h-16 px-8 text-lg">
          {writeUpText.putItInThe}
        </button>
        <p className="text-sm text-soft">{writeUpText.emptyFieldsAreFine}</p>
      </div>
    </form>
  );
}

/** A weight that was taken on the bank stands as it was read; it is corrected with a reason, not typed over. */
function WeightRead({ state }: { state: CaptureState }) {
  const { massUnit } = useSettings();
  const { length } = state.facts;
  return (
    <p className="text-lg">
      <span className="block text-2xl font-semibold tabular-nums">
        <WeightOfFish state={state} unit={massUnit} />
      </span>
      {writeUpText.readOnTheBank}
      {length && writeUpText.long({ length: formatBodyLength(length) })}.{' '}
      <Link to={paths.capture(state.captureId)} className="quiet-link">
        {writeUpText.correctItOnIts}
      </Link>
    </p>
  );
}
