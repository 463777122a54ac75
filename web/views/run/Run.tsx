import { ArrowLeft, Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { clocksAt } from '@keeper/core/capture/clocks';
import type { EventPayloads, EventType } from '@keeper/core/capture/event';
import { lastTap } from '@keeper/core/capture/lastTap';
import { STEP_WORDS, timesDone, type RunStep } from '@keeper/core/capture/steps';
import { clockText, spanText } from '@keeper/core/measure/duration';
import { makeEvent, record, runClock } from '../../data/keeper.js';
import { useWaters } from '../../data/rows.js';
import { useCapture, type Capture } from '../../data/useCapture.js';
import { NotHere } from '../../app/NotHere.js';
import { Notice } from '../../parts/Notice.js';
import { Waterline } from '../../parts/Waterline.js';
import { Steps } from './Steps.js';
import { useRunningClock } from './useRunningClock.js';
import { WeighPanel } from './WeighPanel.js';

/** Beside the fish: the clocks, the waterline, and one tap for each thing that happens. */
export function Run() {
  const captureId = useParams()['captureId'] ?? '';
  const capture = useCapture(captureId);
  if (capture.missing) return <NotHere />;
  if (capture.loading || capture.story.startedAt === null) return <main className="p-6">Opening the run…</main>;
  return <RunOf key={captureId} capture={capture} />;
}

function RunOf({ capture }: { capture: Capture }) {
  const { story } = capture;
  const { captureId, startedAt } = story;
  const [weighing, setWeighing] = useState(false);
  const water = useWaters().find(({ id }) => id === story.facts.waterId);
  const over = story.outcome !== 'open';
  const [notKept, setNotKept] = useState(false);
  // Nothing on the screen changes before the tap is on the device.
  const tap: Tap = async (type, payload) => {
    try {
      await record([makeEvent(captureId, startedAt, type, payload)]);
      setNotKept(false);
      return true;
    } catch {
      setNotKept(true);
      return false;
    }
  };

  useEffect(() => {
    const renewing = setInterval(() => runClock.renew(captureId), 1000);
    return () => clearInterval(renewing);
  }, [captureId]);

  return (
    <main className="mx-auto flex min-h-dvh max-w-6xl flex-col px-4 pt-2 pb-5 lg:px-8">
      <header className="flex min-h-14 items-center justify-between gap-3">
        <Link to="/" aria-label="Leave the run; the clocks go on" className="grid size-14 place-items-center">
          <ArrowLeft aria-hidden />
        </Link>
        <h1 className="min-w-0 flex-1 truncate text-lg font-semibold lg:text-center">
          {water ? water.name : 'Fish on'}
        </h1>
        <Undo capture={capture} tap={tap} />
      </header>
      <div className="grid flex-1 content-start gap-x-12 gap-y-3 lg:grid-cols-[1fr_27rem] lg:content-center">
        <section aria-label="Clocks">
          <RunningClocks capture={capture} />
        </section>
        <section aria-label="What happens" className="grid content-start gap-3">
          {notKept && (
            <Notice role="alert">
              That tap could not be kept: this device may have no room left. The clocks go on; tap it again.
            </Notice>
          )}
          {over ? (
            <Over capture={capture} />
          ) : weighing ? (
            <WeighPanel
              current={story.facts.weight ?? undefined}
              onSet={(weight) => void tap('reading-taken', { weight }).then((kept) => setWeighing(!kept))}
              onLater={() => setWeighing(false)}
            />
          ) : (
            <Steps
              story={story}
              onStep={(step) => {
                void tap(step, {}).then((kept) => setWeighing(kept && step === 'weighed'));
              }}
              onSetWeight={() => setWeighing(true)}
              onLost={() => void tap('lost', {})}
            />
          )}
        </section>
      </div>
    </main>
  );
}

/** The clock of the air is the largest thing there is: in the air it counts this spell, in the water it shows them all. */
function RunningClocks({ capture }: { capture: Capture }) {
  const { story } = capture;
  const nowMs = useRunningClock(story);
  const clocks = clocksAt(story, nowMs);
  const inAir = clocks.medium === 'air';
  const spells = timesDone(story, 'lifted');
  const fighting = story.outcome === 'open' && !story.marks.some(({ type }) => type === 'netted' || type === 'lifted');
  return (
    <>
      <p role="status" className="font-book text-2xl font-semibold">
        {story.outcome === 'released'
          ? 'The fish has gone back'
          : story.outcome === 'lost'
            ? 'The fish got off'
            : inAir
              ? 'In the air'
              : fighting
                ? 'Being played'
                : 'In the water'}
      </p>
      <p className={`leading-none font-bold tabular-nums ${inAir ? 'text-airink' : 'text-ink'}`}>
        <span data-testid="air-clock" className="text-[clamp(6rem,31vw,13rem)] lg:text-[13rem]">
          {clockText(inAir ? clocks.airNowMs : clocks.airMs)}
        </span>
      </p>
      <p className="mb-3 text-lg">
        {inAir
          ? spells > 1
            ? `out of the water this time, ${spanText(clocks.airMs)} in all`
            : 'out of the water'
          : spells > 0
            ? `out of the water in all, ${spells === 1 ? 'once' : `${spells} times`}`
            : 'out of the water so far'}
        {!story.airComplete && ', at least: the lift was not tapped'}
      </p>
      <Waterline spells={story.spells} marks={story.marks} untilMs={story.endMs ?? nowMs} size="live" />
      <dl className="mt-1 flex gap-8 text-lg">
        <div>
          <dt className="text-sm text-soft">Fight</dt>
          <dd className="font-semibold tabular-nums">{clockText(clocks.fightMs)}</dd>
        </div>
        <div>
          <dt className="text-sm text-soft">Since the take</dt>
          <dd data-testid="elapsed" className="font-semibold tabular-nums">
            {clockText(clocks.elapsedMs)}
          </dd>
        </div>
      </dl>
    </>
  );
}

/** Keeps a tap; resolves to whether it is on the device. */
type Tap = <T extends EventType>(type: T, payload: EventPayloads[T]) => Promise<boolean>;

/** Takes back the last tap; with nothing but the take, takes back the start itself. */
function Undo({ capture, tap }: { capture: Capture; tap: Tap }) {
  const navigate = useNavigate();
  const last = lastTap(capture.events);
  const discard = () => void tap('discarded', {}).then((kept) => kept && navigate('/'));
  if (capture.story.writtenUp) return <span className="w-14" />;
  return (
    <button
      type="button"
      className="flex min-h-14 shrink-0 items-center gap-2 px-2 font-semibold whitespace-nowrap"
      onClick={() => (last ? void tap('undone', { eventId: last.id }) : discard())}
    >
      <Undo2 size={20} aria-hidden />
      {last ? `Undo “${tapWord(last.type)}”` : 'No fish'}
    </button>
  );
}

function tapWord(type: EventType): string {
  if (type === 'lost') return 'lost';
  if (type === 'reading-taken') return 'weight';
  return STEP_WORDS[type as RunStep].done;
}

function Over({ capture }: { capture: Capture }) {
  const { story } = capture;
  const clocks = clocksAt(story, 0);
  const lost = story.outcome === 'lost';
  return (
    <div className="rounded-xl bg-leaf p-6">
      <p className="mb-5 text-lg">
        {lost
          ? `${spanText(clocks.elapsedMs)} on the line. A lost fish belongs in the book too: it tells of rigs.`
          : `${spanText(clocks.elapsedMs)} from the take to the release. Rig out of the way, hands dried: the writing can wait.`}
      </p>
      <div className="grid gap-3">
        <Link to={`/write-up/${story.captureId}`} className="button button-main min-h-16 text-lg">
          Write it up
        </Link>
        <Link to="/" className="button min-h-16">
          Later
        </Link>
      </div>
    </div>
  );
}
