import { useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Identified } from '@keeper/core/capture/event';
import type { CaptureStory, PictureInStory } from '@keeper/core/capture/story';
import { paintedKind } from '@keeper/core/fish/anatomy';
import { speciesName } from '@keeper/core/fish/species';
import { NotHere } from '../../app/NotHere.js';
import { newId } from '../../data/device.js';
import { useFlanks, whoWorker } from '../../data/flanks.js';
import { makeEvent, record } from '../../data/keeper.js';
import { usePictureBytes } from '../../data/pictureBytes.js';
import { lookAtPicture } from '../../data/pictureLooker.js';
import { useCapture } from '../../data/useCapture.js';
import { Notice } from '../../parts/Notice.js';
import { dayText, whenText } from '../../parts/when.js';
import type { Answer, AskedFlank, MayBe } from '../../workers/whoIsThis.js';
import { answerSentence, chanceWords } from './chanceWords.js';
import { Evidence } from './Evidence.js';

/** Who is this? The fish of the book that a flank may show, each with what speaks for it. The keeper decides. */
export function WhoPage() {
  const { captureId = '', sha256 = '' } = useParams();
  const { story, loading } = useCapture(captureId);
  if (loading) return <p>Opening the picture…</p>;
  const picture = story.pictures.find((each) => each.sha256 === sha256);
  if (!picture) return <NotHere />;
  return (
    <article className="grid gap-6">
      <div>
        <p className="text-soft">
          <Link to={`/pictures/${captureId}/${sha256}`} className="quiet-link">
            Back to the picture
          </Link>
          , {speciesName(story.facts.species, story.facts.form)}, {whenText(story.startedAt ?? '')}
        </p>
        <h1 className="text-3xl font-semibold">Who is this?</h1>
      </div>
      <WhoOf key={sha256} story={story} picture={picture} />
    </article>
  );
}

function WhoOf({ story, picture }: { story: CaptureStory; picture: PictureInStory }) {
  const asked = useAsked(story, picture);
  const register = useFlanks();
  const answer = useAnswer(typeof asked === 'string' ? undefined : asked, register?.flanks);
  const [chosen, setChosen] = useState(0);
  if (typeof asked === 'string') return <Notice>{asked}</Notice>;
  if (!asked || !answer) return <p role="status">Holding it against the book…</p>;
  const shown = answer.mayBe[chosen];
  const [first] = answer.mayBe;
  return (
    <>
      <p className="max-w-prose text-xl">{answerSentence(answer.known, first?.probability ?? 0, answer.stranger)}</p>
      {(register?.coming ?? 0) > 0 && (
        <p role="status" className="text-soft">
          {register?.coming} pictures of the book are still being looked at.
        </p>
      )}
      <div className="grid items-start gap-x-8 gap-y-6 lg:grid-cols-[1fr_20rem]">
        {shown ? <Evidence key={shown.flank.sha256} asked={asked} mayBe={shown} /> : <div />}
        <div className="grid gap-4">
          {answer.mayBe.length > 0 && (
            <ul className="grid">
              {answer.mayBe.slice(0, 5).map((each, i) => (
                <li key={each.flank.sha256} className="border-t border-rule">
                  <button
                    type="button"
                    aria-pressed={i === chosen}
                    className={`grid min-h-14 w-full py-2 pl-3 text-left ${i === chosen ? 'border-l-4 border-water' : 'border-l-4 border-transparent'}`}
                    onClick={() => setChosen(i)}
                  >
                    <b className="font-semibold">{whenText(each.flank.startedAt)}</b>
                    <span className="text-soft">{chanceWords(each.probability)}</span>
                  </button>
                </li>
              ))}
              <li className="border-y border-rule py-2 pl-4">
                None of them
                <span className="block text-soft">{chanceWords(answer.stranger)}</span>
              </li>
            </ul>
          )}
          <Decision story={story} sha256={picture.sha256} mayBe={shown} />
        </div>
      </div>
    </>
  );
}

/** What the keeper says; the last word stands, and each can be taken back. */
function Decision({ story, sha256, mayBe }: { story: CaptureStory; sha256: string; mayBe: MayBe | undefined }) {
  const { captureId, startedAt, identity } = story;
  const by = mayBe && {
    ...{ sha256, captureId: mayBe.flank.captureId, otherSha: mayBe.flank.sha256 },
    ...{ score: mayBe.score, probability: mayBe.probability },
  };
  const say = (says: Identified['says'], fishId: string | null) =>
    makeEvent(captureId, startedAt, 'identified', { says, fishId, ...(by && { by }) });
  const same = (other: MayBe) => {
    const { flank } = other;
    const fishId = flank.fishId ?? newId();
    const begins = makeEvent(flank.captureId, flank.startedAt, 'identified', { says: 'new', fishId });
    void record([...(flank.fishId ? [] : [begins]), say('same', fishId)]);
  };
  if (identity) {
    return (
      <div className="grid gap-3">
        <p role="status" className="border-l-4 border-water pl-3">
          {SAID[identity.says]} What spoke for it is kept.
        </p>
        <button
          type="button"
          className="button"
          onClick={() => void record([makeEvent(captureId, startedAt, 'undone', { eventId: identity.eventId })])}
        >
          Take it back
        </button>
      </div>
    );
  }
  return (
    <div className="grid gap-2" role="group" aria-label="Who you say it is">
      {mayBe && (
        <button type="button" className="button button-main min-h-14" onClick={() => same(mayBe)}>
          The same as on {dayText(mayBe.flank.startedAt)}
        </button>
      )}
      <button type="button" className="button min-h-14" onClick={() => void record([say('new', newId())])}>
        A new fish
      </button>
      <button type="button" className="button min-h-14" onClick={() => void record([say('unsure', null)])}>
        Not sure yet
      </button>
    </div>
  );
}

const SAID: Readonly<Record<Identified['says'], string>> = {
  same: 'You said that it is a fish you had before.',
  new: 'You said that it is a new fish.',
  unsure: 'You left it open.',
};

/** The flank that is asked about, a sentence that says why it cannot be, or nothing while it is looked for. */
function useAsked(story: CaptureStory, { sha256, role, reading }: PictureInStory): AskedFlank | string | undefined {
  const { captureId, facts } = story;
  const { bytes, gone } = usePictureBytes(sha256);
  const kind = facts.species ? paintedKind(facts.species, facts.form) : undefined;
  const told = reading?.landmarks;
  const [found, setFound] = useState<Pick<AskedFlank, 'landmarks' | 'side'> | string>();
  useEffect(() => {
    if (!bytes || !kind) return undefined;
    let past = false;
    lookAtPicture(bytes, kind, told).then(
      ({ fish }) => {
        if (past) return;
        const side = role === 'left-flank' || (role !== 'right-flank' && !fish?.headRight) ? 'left' : 'right';
        setFound(!fish ? NO_FLANK : fish.doubtful ? DOUBTFUL : { landmarks: fish.landmarks, side });
      },
      () => past || setFound('This browser cannot read the picture.'),
    );
    return () => {
      past = true;
    };
  }, [bytes, kind, told, role]);
  const asked = useMemo(
    () => (bytes && kind && typeof found === 'object' ? { bytes, ...found, kind, captureId } : undefined),
    [bytes, found, kind, captureId],
  );
  if (!facts.species) return 'Note the species first: fish are held against their own kind.';
  if (!kind) return 'Fish of this kind cannot be told apart by their flanks here yet.';
  if (gone) return 'The picture is on another device that has not sent it yet, or the server is away.';
  return typeof found === 'string' ? found : asked;
}

const NO_FLANK = 'No flank stands out in this picture. Set the six points on it by hand, and ask again.';
const DOUBTFUL =
  'Where the fish lies is a guess in this picture. Look at the six points, lay it straight, and ask again.';

function useAnswer(
  asked: AskedFlank | undefined,
  register: Parameters<ReturnType<typeof whoWorker>['ask']>[1] | undefined,
) {
  const [answer, setAnswer] = useState<Answer>();
  useEffect(() => {
    if (!asked || !register) return undefined;
    let past = false;
    void whoWorker()
      .ask(asked, register)
      .then((now) => past || setAnswer(now));
    return () => {
      past = true;
    };
  }, [asked, register]);
  return answer;
}
