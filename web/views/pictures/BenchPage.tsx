import { FishPart } from './FishPart.js';
import { MarksPart } from './MarksPart.js';
import { boardLines, boardPoints, guessed, landmarkPoints, markPoints } from './stagePoints.js';
import { useLook } from './useLook.js';
import { paths } from '../../app/paths.js';
import { picturesText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useRecord } from '../../data/useRecord.js';
import { Redo2, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { PictureRole } from '@keeper/core/domain/capture/event';
import { PICTURE_ROLES } from '@keeper/core/domain/capture/event';
import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { paintedKind } from '@keeper/core/domain/fish/anatomy';
import { speciesName } from '@keeper/core/domain/fish/species';
import type { Pixel } from '@keeper/core/geometry/pixel';
import { straightened, wholePicture } from '@keeper/core/pictures/pictureView';
import { NotHere } from '../../app/NotHere.js';
import { makeEvent, record } from '../../data/record.js';
import { addressOf, usePictureBytes } from '../../data/pictureBytes.js';
import { useSettings } from '../../data/queries.js';
import { usePracticesAt } from '../../data/usePractices.js';
import { useCapture } from '../../data/useCapture.js';
import { ROLE_WORDS } from '../../parts/BookPicture.js';
import { Choice } from '../../parts/Choice.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { Picker } from '../../parts/Picker.js';
import { takenText } from '../../parts/when.js';
import { BesideAny } from './BesideAny.js';
import { BoardPanel } from './BoardPanel.js';
import { draftOf, hasSameTaps, lengthOn, moved, readDraft, tapped, type BoardDraft } from './boardDraft.js';
import { roundedDown } from './boardMarks.js';
import { PictureAway } from './PictureAway.js';
import { Series } from './Series.js';
import { PictureStage } from './PictureStage.js';
import { useBench } from './useBench.js';
import { ViewPart } from './ViewPart.js';

/** One picture laid out: its fish found, laid straight, judged and measured. The original stays as it was taken. */
export function BenchPage() {
  const { captureId = '', sha256 = '' } = useParams();
  const { state, loading } = useCapture(captureId);
  if (loading) return <p>{picturesText.openingThePicture}</p>;
  const picture = state.pictures.find((each) => each.sha256 === sha256);
  if (!picture) return <NotHere />;
  return <BenchOf key={sha256} state={state} picture={picture} />;
}

type Work = 'fish' | 'board' | 'marks';

function BenchOf({ state, picture }: { state: CaptureState; picture: PictureOfCapture }) {
  const { bytes, gone } = usePictureBytes(picture.sha256);
  const { lengthHabit } = useSettings();
  const { lengthOf } = usePracticesAt(state.facts.waterId);
  const inches = lengthHabit === 'in';
  const bench = useBench(state, picture);
  const { reading, role } = picture;
  const kind = state.facts.species ? paintedKind(state.facts.species, state.facts.form) : undefined;
  const { looked, unreadable } = useLook(bytes, kind, reading?.landmarks);
  const [work, setWork] = useState<Work>(role === 'board' ? 'board' : 'fish');
  // Until something is tapped the board is as it was left, in the keeper's own unit where it never was.
  const [onBoard, setDraft] = useState<BoardDraft>();
  const draft = onBoard ?? draftOf(reading?.length, inches);
  const landmarks = reading?.landmarks ?? looked?.fish?.landmarks;

  const recording = useRecord();
  // A step is taken back where it can be seen.
  const here = { back: () => setWork(work), forth: () => setWork(work) };
  const keep = (made: Parameters<typeof bench.keep>[0]) => void bench.keep(made, here);
  const layStraight = () => {
    if (!landmarks || !looked) return;
    const side = role === 'left-flank' ? 'left' : role === 'right-flank' || looked.fish?.headRight ? 'right' : 'left';
    const stops = Math.max(0, Math.min(1.5, -(looked.fish?.measures.stops ?? 0)));
    keep({
      landmarks,
      by: reading?.by ?? 'proposed',
      view: straightened(landmarks, side, looked, stops),
      ...((role === null || role === 'portrait') && { role: side === 'left' ? 'left-flank' : 'right-flank' }),
    });
  };
  const keepBoard = async (next: BoardDraft) => {
    setDraft(next);
    if (hasSameTaps(draft, next)) return;
    const show = (as: BoardDraft) => () => {
      setWork('board');
      setDraft(as);
    };
    const kept = await bench.keep(lengthOn(next, looked?.widthPx), { back: show(draft), forth: show(next) });
    if (!kept) setDraft(draft);
  };
  const noteLength = (mm: number) =>
    void recording.keep(() =>
      record([
        makeEvent(state.captureId, state.begunAt, 'described', {
          facts: { length: { ...roundedDown(mm, inches), of: lengthOf } },
        }),
      ]),
    );

  const marks = reading?.marks ?? [];
  const keepMarks = (next: readonly Pixel[]) => keep({ marks: next });
  const points = { fish: landmarkPoints(landmarks), board: boardPoints(draft), marks: markPoints(marks) }[work];
  return (
    <article className="grid gap-5">
      <div>
        <p className="text-soft">
          <Link to={paths.capture(state.captureId)} className="quiet-link">
            {say(speciesName(state.facts.species, state.facts.form))}
          </Link>
          , {takenText(state)}
        </p>
        <h1 className="text-3xl font-semibold">{role ? ROLE_WORDS[role] : picturesText.aPicture}</h1>
      </div>
      <div className="grid items-start gap-x-8 gap-y-6 lg:grid-cols-[1fr_22rem]">
        <div className="grid gap-3">
          {gone && <Notice>{picturesText.thePictureIsOn}</Notice>}
          {bytes && looked && (
            <PictureStage
              href={addressOf(bytes)}
              widthPx={looked.widthPx}
              heightPx={looked.heightPx}
              points={points}
              lines={work === 'board' ? boardLines(draft) : landmarks ? [[landmarks.snout, landmarks.fork]] : []}
              label={STAGE_WORDS[work]}
              onMoved={(id, to) => {
                if (work === 'board') void keepBoard(moved(draft, id, to));
                else if (work === 'marks') keepMarks(marks.map((mark, i) => (String(i) === id ? to : mark)));
                else if (landmarks) keep({ landmarks: { ...landmarks, [id]: to }, by: 'hand' });
              }}
              onTapped={
                work === 'board'
                  ? (at) => void keepBoard(tapped(draft, at))
                  : work === 'marks'
                    ? (at) => keepMarks([...marks, at])
                    : undefined
              }
              onRemoved={work === 'marks' ? (id) => keepMarks(marks.filter((_, i) => String(i) !== id)) : undefined}
            />
          )}
          {unreadable && <Notice role="alert">{picturesText.thisBrowserCannotRead}</Notice>}
          {bytes && !looked && !unreadable && (
            <div className="relative">
              <img src={addressOf(bytes)} alt="" className="w-full rounded-lg bg-waterfill" />
              <p role="status" className="absolute inset-x-0 bottom-0 bg-paper/85 px-4 py-2">
                {picturesText.lookingForTheFish}
              </p>
            </div>
          )}
          <div className="flex flex-wrap items-center gap-3">
            <Choice<Work>
              label={picturesText.pointsFor}
              value={work}
              onChange={setWork}
              options={[
                { value: 'fish', label: picturesText.theFish },
                { value: 'board', label: picturesText.theBoard },
                { value: 'marks', label: picturesText.itsMarks },
              ]}
            />
            <span className="flex-1" />
            <button
              type="button"
              className="button px-4"
              aria-label={picturesText.undo}
              title={picturesText.undo}
              disabled={!bench.undo}
              onClick={bench.undo}
            >
              <Undo2 size={20} aria-hidden />
            </button>
            <button
              type="button"
              className="button px-4"
              aria-label={picturesText.redo}
              title={picturesText.redo}
              disabled={!bench.redo}
              onClick={bench.redo}
            >
              <Redo2 size={20} aria-hidden />
            </button>
          </div>
          {(bench.notKept || recording.notKept) && <Notice role="alert">{picturesText.itCouldNotBe}</Notice>}
        </div>
        <div className="grid gap-6">
          {work === 'board' ? (
            <Section title={picturesText.boardLength}>
              <BoardPanel
                state={state}
                draft={draft}
                reading={looked && readDraft(draft, looked.widthPx)}
                onChange={(next) => void keepBoard(next)}
                onNote={noteLength}
              />
            </Section>
          ) : work === 'marks' ? (
            <MarksPart count={marks.length} landmarks={landmarks !== undefined} />
          ) : (
            <FishPart
              looked={looked}
              proposed={!reading?.landmarks}
              onAsk={() => looked && keep({ landmarks: guessed(looked), by: 'hand' })}
            />
          )}
          {work === 'fish' && landmarks && (
            <button type="button" className="button button-main min-h-14 text-lg" onClick={layStraight}>
              {picturesText.straightenIt}
            </button>
          )}
          {work !== 'board' && landmarks && kind && (
            <Link to={paths.who(state.captureId, picture.sha256)} className="button min-h-14">
              {picturesText.whoIsThis}
            </Link>
          )}
          {reading?.view ? (
            <ViewPart sha256={picture.sha256} view={reading.view} onChange={(view) => keep({ view })} />
          ) : (
            looked && (
              <button
                type="button"
                className="button justify-self-start font-normal"
                onClick={() => keep({ view: wholePicture(looked) })}
              >
                {picturesText.cutAndTurnIt}
              </button>
            )
          )}
          <Picker
            label={picturesText.whatItShows}
            value={role ?? ''}
            onChange={(next) => keep({ role: next as PictureRole })}
            options={PICTURE_ROLES.map((value) => ({ value, label: ROLE_WORDS[value] }))}
          />
        </div>
      </div>
      <div className="flex flex-wrap gap-3">
        <BesideAny state={state} picture={picture} />
        <PictureAway state={state} sha256={picture.sha256} />
      </div>
      <Series state={state} shown={picture} kind={kind} mayLook={looked !== undefined || unreadable} />
    </article>
  );
}

const STAGE_WORDS: Readonly<Record<Work, string>> = {
  fish: picturesText.thePictureWithThe,
  board: picturesText.thePictureWithWhat,
  marks: picturesText.thePictureWithTheMarks,
};
