import { sideOf, useAskedFlank } from './useAskedFlank.js';
import { useAnswer } from './useAnswer.js';
import { paths } from '../../app/paths.js';
import { whoText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Identified } from '@keeper/core/domain/capture/event';
import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { LEAST_SEEN } from '@keeper/core/recognition/descriptor/compareDescriptors';
import { speciesName, type FormId, type SpeciesId } from '@keeper/core/domain/fish/species';
import { NotHere } from '../../app/NotHere.js';
import { newId } from '../../data/device.js';
import { useFlanks } from '../../data/flanks.js';
import { makeEvent, record, writeRow } from '../../data/record.js';
import { saySameFish } from '../../data/identity.js';
import { useRegister } from '../../data/known.js';
import { useCapture } from '../../data/useCapture.js';
import { Notice } from '../../parts/Notice.js';
import { SpeciesChoice } from '../../parts/SpeciesChoice.js';
import { dayText, whenText } from '../../parts/when.js';
import { useFriendFlanks } from '../../data/friendRegisters.js';
import type { PossibleMatch } from '../../workers/whoIsThis.js';
import { isFriendFlank, type FriendFlank } from '../../workers/friendFlank.js';
import { answerSentence } from './chanceWords.js';
import { Beside } from './Beside.js';
import { Candidates, keyOf } from './Candidates.js';
import { Evidence } from './Evidence.js';

/** Who is this? The fish of the book that a flank may show, each with what suggests it. The keeper decides. */
export function WhoPage() {
  const { captureId = '', sha256 = '' } = useParams();
  const { state, loading } = useCapture(captureId);
  if (loading) return <p>{whoText.openingThePicture}</p>;
  const picture = state.pictures.find((each) => each.sha256 === sha256);
  if (!picture) return <NotHere />;
  return (
    <article className="grid gap-6">
      <div>
        <p className="text-soft">
          <Link
            to={state.outcome === 'open' ? paths.run(captureId) : paths.picture(captureId, sha256)}
            className="quiet-link"
          >
            {whoText.backToTheRun({ outcome: state.outcome })}
          </Link>
          , {say(speciesName(state.facts.species, state.facts.form))}, {whenText(state.startedAt ?? '')}
        </p>
        <h1 className="text-3xl font-semibold">{whoText.whoIsThis}</h1>
      </div>
      <WhoOf key={sha256} state={state} picture={picture} />
    </article>
  );
}

function WhoOf({ state, picture }: { state: CaptureState; picture: PictureOfCapture }) {
  const asked = useAskedFlank(state, picture);
  const register = useFlanks();
  const theirs = useFriendFlanks();
  const answer = useAnswer(typeof asked === 'string' ? undefined : asked, register?.flanks, theirs);
  const [chosen, setChosen] = useState(0);
  const known = useRegister();
  const nameOf = ({ flank }: PossibleMatch) => {
    if (isFriendFlank(flank)) return whoText.aFishOf({ name: flank.name, from: flank.from });
    const fishId = known.fishOf(flank.captureId) ?? flank.fishId;
    return fishId ? known.nameOf(fishId) : whenText(flank.startedAt, undefined, flank.zone);
  };
  if (!state.facts.species) return <WhichKind state={state} />;
  if (typeof asked === 'string') return <Notice>{asked}</Notice>;
  if (!asked || !answer) return <p role="status">{whoText.comparingItWithThe}</p>;
  if (answer.seen < LEAST_SEEN) return <Notice>{whoText.tooLittleOfThe}</Notice>;
  const shown = answer.mayBe[chosen];
  const [first] = answer.mayBe;
  return (
    <>
      <p className="max-w-prose text-xl">{answerSentence(answer.known, first?.probability ?? 0, answer.stranger)}</p>
      {sideOf(picture.role) && sideOf(picture.role) !== asked.side && (
        <p className="max-w-prose border-l-4 border-air pl-3">
          {whoText.itWasTakenFor} {sideOf(picture.role)} {whoText.flankAndItsHead({ side: asked.side })}
        </p>
      )}
      {(register?.coming ?? 0) > 0 && (
        <p role="status" className="text-soft">
          {register?.coming} {whoText.picturesOfTheBook}
        </p>
      )}
      <div className="grid items-start gap-x-8 gap-y-6 lg:grid-cols-[1fr_20rem]">
        {shown ? <Evidence key={keyOf(shown)} asked={asked} mayBe={shown} /> : <div />}
        <div className="grid gap-4">
          <Candidates answer={answer} nameOf={nameOf} chosen={chosen} onChoose={setChosen} />
          {shown && <Beside asked={asked} mayBe={shown} />}
          <Decision state={state} sha256={picture.sha256} mayBe={shown} />
        </div>
      </div>
    </>
  );
}

/** Fish are compared with their own kind, and a carp against those that are scaled as it is. */
function WhichKind({ state }: { state: CaptureState }) {
  const { keep, notKept } = useRecord();
  const [kind, setKind] = useState<{ species?: SpeciesId; form?: FormId | undefined }>({});
  const { species, form } = kind;
  const told = species && (species !== 'carp' || form) ? { species, ...(form && { form }) } : undefined;
  return (
    <div className="grid max-w-xl gap-5">
      <p>{whoText.whichSpeciesIsIt}</p>
      <SpeciesChoice species={species} form={form} onChange={(to, as) => setKind({ species: to, form: as })} />
      <button
        type="button"
        className="button button-main min-h-14"
        disabled={!told}
        onClick={() =>
          told && void keep(() => record([makeEvent(state.captureId, state.begunAt, 'described', { facts: told })]))
        }
      >
        {whoText.askTheBook}
      </button>
      <NotKept when={notKept} />
    </div>
  );
}

/** What the keeper says; the last word stands, and each can be taken back. */
function Decision({ state, sha256, mayBe }: { state: CaptureState; sha256: string; mayBe: PossibleMatch | undefined }) {
  const register = useRegister();
  const { captureId, begunAt, identity } = state;
  const { keep, notKept } = useRecord();
  const own = mayBe && !isFriendFlank(mayBe.flank) ? mayBe.flank : undefined;
  const their = mayBe && isFriendFlank(mayBe.flank) ? mayBe.flank : undefined;
  const by = mayBe &&
    own && {
      sha256,
      captureId: own.captureId,
      otherSha: own.sha256,
      score: mayBe.score,
      probability: mayBe.probability,
    };
  const say = (says: Identified['says'], fishId: string | null) =>
    void keep(() => record([makeEvent(captureId, begunAt, 'identified', { says, fishId, ...(by && { by }) })]));
  const otherFish = own && (register.fishOf(own.captureId) ?? own.fishId);
  /** A fish of this book begins, by the name that a friend gave it. */
  const asTheirs = async ({ name, from }: FriendFlank) => {
    const fishId = newId();
    const why = whoText.knowsItAs({ from, name });
    await writeRow('fish', fishId, { name, note: `${why}.`, retired: false, revision: 0 } as { revision: number });
    await record([makeEvent(captureId, begunAt, 'identified', { says: 'new', fishId, why })]);
  };
  const linked = identity?.fishId !== undefined && identity.fishId !== null && identity.fishId === otherFish;
  return (
    <div className="grid gap-3" role="group" aria-label={whoText.yourDecision}>
      <NotKept when={notKept} />
      {identity && (
        <>
          <p role="status" className="border-l-4 border-water pl-3">
            {whoText.theEvidenceIsKept({ says: SAID[identity.says] })}{' '}
            {identity.fishId && (
              <Link to={paths.fish(identity.fishId)} className="quiet-link">
                {whoText.itsPage}
              </Link>
            )}
          </p>
          <button
            type="button"
            className="button"
            onClick={() =>
              void keep(() => record([makeEvent(captureId, begunAt, 'undone', { eventId: identity.eventId })]))
            }
          >
            {whoText.takeItBack}
          </button>
        </>
      )}
      {own && !linked && (
        <button
          type="button"
          className={`button min-h-14 ${identity ? '' : 'button-main'}`}
          onClick={() =>
            void keep(() =>
              saySameFish(
                { captureId, begunAt, fishId: identity?.fishId ?? null },
                { ...own, fishId: otherFish ?? null },
                register,
                by,
              ),
            )
          }
        >
          {whoText.theSameAs({
            startedAt: otherFish
              ? register.nameOf(otherFish)
              : whoText.on({ startedAt: dayText(own.startedAt, own.zone) }),
          })}
        </button>
      )}
      {their && !identity && (
        <button type="button" className="button button-main min-h-14" onClick={() => void keep(() => asTheirs(their))}>
          {whoText.itIsCaughtBy({ name: their.name, from: their.from })}
        </button>
      )}
      {!identity && (
        <>
          <button type="button" className="button min-h-14" onClick={() => say('new', newId())}>
            {whoText.aNewFish}
          </button>
          <button type="button" className="button min-h-14" onClick={() => say('unsure', null)}>
            {whoText.notSureYet}
          </button>
        </>
      )}
    </div>
  );
}

const SAID: Readonly<Record<Identified['says'], string>> = {
  same: whoText.youSaidThatIt,
  new: whoText.youSaidThatItIs,
  unsure: whoText.youLeftItOpen,
  different: whoText.youSaidThatItIsAnother,
};
