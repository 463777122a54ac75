import { paths } from '../../app/paths.js';
import { picturesText } from './text.en-GB.js';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { FlankInBook } from '@keeper/contract/flanks';
import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { straightened } from '@keeper/core/pictures/pictureView';
import { type PictureView } from '@keeper/core/domain/capture/pictureReading';
import { NotHere } from '../../app/NotHere.js';
import { useFlanks } from '../../data/flanks.js';
import { useCapture } from '../../data/useCapture.js';
import { shownInBook } from '@keeper/core/domain/capture/summary';
import { BookPicture } from '../../parts/BookPicture.js';
import { Choice } from '../../parts/Choice.js';
import { Section } from '../../parts/Section.js';
import { PictureInView } from '../../parts/PictureInView.js';
import { Wipe } from '../../parts/Wipe.js';
import { takenText } from '../../parts/when.js';
import { flankOf, WoundCloseUps, type LaidPicture } from '../../parts/WoundCloseUps.js';
import { woundText } from '../../parts/woundText.js';
import { Evidence } from '../who/Evidence.js';
import { useFlankPair } from '../who/useFlankPair.js';

type Way = 'beside' | 'wipe';

/** Two pictures of one flank laid over each other by their points, and each wound at the same place on both. */
export function ComparePage() {
  const { captureId = '', sha256 = '', otherId = '', otherSha = '' } = useParams();
  const first = useCapture(captureId);
  const second = useCapture(otherId);
  if (first.loading || second.loading) return <p>{picturesText.openingThePictures}</p>;
  const a = first.state.pictures.find((picture) => picture.sha256 === sha256);
  const b = second.state.pictures.find((picture) => picture.sha256 === otherSha);
  if (!a || !b) return <NotHere />;
  return <CompareOf a={{ state: first.state, picture: a }} b={{ state: second.state, picture: b }} />;
}

interface Laid extends LaidPicture {
  readonly state: CaptureState;
}

function CompareOf({ a, b }: { a: Laid; b: Laid }) {
  const [way, setWay] = useState<Way>('beside');
  const [va, vb] = [viewOf(a.picture), viewOf(b.picture)];
  if (!va || !vb) return <ByPrints a={a} b={b} notLaid={va ? b : a} />;
  const sides = flankOf(a.picture) === flankOf(b.picture);
  return (
    <article className="grid gap-6">
      <div>
        <p>
          <Link to={paths.picture(a.state.captureId, a.picture.sha256)} className="quiet-link">
            {picturesText.backToThePicture}
          </Link>
        </p>
        <h1 className="text-3xl font-semibold">{picturesText.sideBySide}</h1>
        {!sides && <p className="mt-2 border-l-4 border-air pl-3">{picturesText.oneShowsTheLeft}</p>}
      </div>
      <Choice<Way>
        label={picturesText.howTheyAreLaid}
        value={way}
        onChange={setWay}
        options={[
          { value: 'beside', label: picturesText.besideEachOther },
          { value: 'wipe', label: picturesText.wipedAcross },
        ]}
      />
      {way === 'beside' ? (
        <div className="grid gap-4 md:grid-cols-2">
          <Shown laid={a} view={va} />
          <Shown laid={b} view={vb} />
        </div>
      ) : (
        <div className="grid max-w-[min(56rem,max(20rem,calc((100vh-21rem)*4/3)))] gap-3">
          <Wipe
            under={
              <PictureInView
                sha256={a.picture.sha256}
                size="view"
                view={va}
                alt={picturesText.theFirstPicture}
                className="aspect-4/3 w-full rounded-lg"
              />
            }
            over={
              <PictureInView
                sha256={b.picture.sha256}
                size="view"
                view={vb}
                alt={picturesText.theSecondPicture}
                className="aspect-4/3 w-full rounded-lg"
              />
            }
          />
        </div>
      )}
      {sides && <Wounds a={a} b={b} />}
    </article>
  );
}

function Shown({ laid: { state, picture }, view }: { laid: Laid; view: PictureView }) {
  return (
    <figure className="grid gap-2">
      <PictureInView
        sha256={picture.sha256}
        size="view"
        view={view}
        alt={takenText(state)}
        className="aspect-4/3 w-full rounded-lg"
      />
      <figcaption className="text-soft">{takenText(state)}</figcaption>
    </figure>
  );
}

/** Every wound that was noted on either day, close up, at its place on both pictures. */
function Wounds({ a, b }: { a: Laid; b: Laid }) {
  const side = flankOf(a.picture);
  const wounds = [...a.state.wounds, ...(a.state.captureId === b.state.captureId ? [] : b.state.wounds)].filter(
    (wound) => wound.side === side,
  );
  if (wounds.length === 0) return null;
  return (
    <Section title={picturesText.woundsAtTheSame}>
      <ul className="grid gap-4">
        {wounds.map((wound) => (
          <li key={wound.woundId} className="grid gap-2 border-t border-rule pt-3">
            <p>{woundText(wound)}</p>
            <WoundCloseUps wound={wound} laid={[a, b]} />
          </li>
        ))}
      </ul>
    </Section>
  );
}

/**
 * Where nobody set points the two are laid by those that were found: the flanks as they were compared with each other.
 */
function ByPrints({ a, b, notLaid }: { a: Laid; b: Laid; notLaid: Laid }) {
  const register = useFlanks();
  const both = { sha256: a.picture.sha256, otherSha: b.picture.sha256 };
  const flanks = register?.flanks ?? NONE;
  const pair = useFlankPair(both, flanks);
  if (!register) return <p role="status">{picturesText.straighteningBoth}</p>;
  const printed = [both.sha256, both.otherSha].every((sha) => flanks.some(({ sha256 }) => sha256 === sha));
  if (!printed || pair === 'gone') return <AsTaken a={a} b={b} notLaid={notLaid} />;
  return (
    <article className="grid max-w-3xl gap-6">
      <h1 className="text-3xl font-semibold">{picturesText.bothFlanks}</h1>
      {pair ? (
        <Evidence asked={pair.asked} mayBe={pair.mayBe} says={takenText(a.state)} />
      ) : (
        <p role="status">{picturesText.straighteningBoth}</p>
      )}
    </article>
  );
}

const NONE: readonly FlankInBook[] = [];

/** As they were taken, beside each other: enough to see with one's own eyes, too little to lay one over the other. */
function AsTaken({ a, b, notLaid: { state, picture } }: { a: Laid; b: Laid; notLaid: Laid }) {
  return (
    <article className="grid gap-6">
      <h1 className="text-3xl font-semibold">{picturesText.sideBySide}</h1>
      <div className="grid gap-4 md:grid-cols-2">
        {[a, b].map((each) => (
          <figure key={`${each.state.captureId} ${each.picture.sha256}`} className="grid content-start gap-2">
            <BookPicture
              picture={shownInBook(each.picture)}
              size="view"
              className="aspect-4/3 w-full rounded-lg object-contain"
            />
            <figcaption className="text-soft">{takenText(each.state)}</figcaption>
          </figure>
        ))}
      </div>
      <p>{picturesText.oneOfThemHas}</p>
      <Link to={paths.picture(state.captureId, picture.sha256)} className="button justify-self-start">
        {picturesText.openItOnThe}
      </Link>
    </article>
  );
}

/** Both are laid by their points alone, so that they lie on each other whatever was cut off for the book. */
function viewOf(picture: PictureOfCapture): PictureView | undefined {
  const { landmarks, view } = picture.reading ?? {};
  return landmarks && view
    ? { ...straightened(landmarks, flankOf(picture), view.of, view.stops), widthPx: widthOf(landmarks) }
    : undefined;
}

function widthOf({ snout, fork }: NonNullable<NonNullable<PictureOfCapture['reading']>['landmarks']>): number {
  return 1.3 * Math.hypot(fork.x - snout.x, fork.y - snout.y);
}
