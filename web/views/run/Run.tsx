import { paths } from '../../app/paths.js';
import { runText } from './text.en-GB.js';
import { ArrowLeft } from 'lucide-react';
import { Suspense, useDeferredValue, useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { NotHere } from '../../app/NotHere.js';
import { makeEvent, record, runClock } from '../../data/record.js';
import { useWaters } from '../../data/rows.js';
import { useCapture, type Capture } from '../../data/useCapture.js';
import { useOuting } from '../../data/useOuting.js';
import { Interruptions } from './Interruptions.js';
import { OtherFish } from './OtherFish.js';
import type { RunDesk, Tap } from './runDesk.js';
import { LargeClock } from './LargeClock.js';
import { RUN_HEADER, RUN_PAGE } from './runPage.js';
import { RunView } from './RunView.js';
import { Undo } from './Undo.js';
import { useOutingBound } from '../../data/useOutingBound.js';
import { outingEventsOf, useRodsAtTake } from '../../data/rodOfTake.js';
import { useRunContext } from '../../data/useRunContext.js';
import { lazyPart } from '../../parts/lazyPart.js';

const WhoLink = lazyPart(async () => (await import('../../parts/WhoLink.js')).WhoLink);

/** The run of one fish of the book. */
export function Run() {
  const captureId = useParams()['captureId'] ?? '';
  const capture = useCapture(captureId);
  if (capture.missing)
    return (
      <main>
        <NotHere />
      </main>
    );
  if (capture.loading || capture.state.startedAt === null) return <main className="p-6">{runText.openingTheRun}</main>;
  return <RunOf key={captureId} capture={capture} />;
}

/** At the take the clock is seen first; what is tapped next follows in the frames after it. */
function RunOf({ capture }: { capture: Capture }) {
  const { captureId, begunAt, marks } = capture.state;
  const isWhole = useDeferredValue(true, marks.length > 1);
  if (isWhole) return <WholeRun capture={capture} />;
  return (
    <main className={RUN_PAGE}>
      <div className={RUN_HEADER} />
      <LargeClock status={runText.beingPlayed} ms={runClock.elapsed(captureId, begunAt)} />
    </main>
  );
}

function WholeRun({ capture }: { capture: Capture }) {
  const { state, events } = capture;
  const { captureId, begunAt } = state;
  const water = useWaters().find(({ id }) => id === state.facts.waterId);
  const outing = useOuting(state.outingId).state;
  const rods = useRodsAtTake(state, outing);
  const context = useRunContext(state);
  useOutingBound(state);
  // A second run opens at its top, wherever the first one stood.
  useEffect(() => {
    scrollTo({ top: 0 });
  }, [captureId]);
  // Nothing on the screen changes before the tap is on the device.
  const tap: Tap = async (type, payload) => {
    try {
      const event = makeEvent(captureId, begunAt, type, payload);
      await record([event, ...outingEventsOf(state, outing, event)]);
      return true;
    } catch {
      return false;
    }
  };
  const desk: RunDesk = { state, events, context, tap, elapsed: () => runClock.elapsed(captureId, begunAt) };

  useEffect(() => {
    const renewing = setInterval(() => runClock.renew(captureId), 1000);
    return () => clearInterval(renewing);
  }, [captureId]);

  return (
    <RunView
      desk={desk}
      expected={outing.expected}
      rods={rods}
      header={
        <>
          <Link to={paths.today} aria-label={runText.leaveTheRunThe} className="grid size-14 place-items-center">
            <ArrowLeft aria-hidden />
          </Link>
          <h1 className="min-w-0 flex-1 truncate text-lg font-semibold lg:text-center">
            {water ? water.name : runText.fishOn}
          </h1>
          <Undo desk={desk} />
        </>
      }
      footer={
        <>
          {/* Whom it is, is asked while it is kept in the water, never while it lies in the air. */}
          {desk.state.spells.at(-1)?.medium === 'water' && (
            <Suspense>
              <WhoLink state={desk.state} />
            </Suspense>
          )}
          <Interruptions desk={desk} />
          <OtherFish desk={desk} />
        </>
      }
    />
  );
}
