import { paths } from '../../app/paths.js';
import { runText } from './text.en-GB.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { clocksAt } from '@keeper/core/domain/capture/clocks';
import { mergeCaptures } from '@keeper/core/domain/capture/merge';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { spanText } from '@keeper/core/measure/duration';
import { makeEvent, record, runClock } from '../../data/record.js';
import { useCapture } from '../../data/useCapture.js';
import { useRecentCaptures } from '../../data/useRecentCaptures.js';
import type { RunDesk } from './runDesk.js';

/** Begun this close to each other, two runs may be the same fish. */
const TWICE_MS = 15 * 60_000;

/** The other fish that are on: one tap to each. Where one was begun twice, the two become one. */
export function OtherFish({ desk }: { desk: RunDesk }) {
  const { captureId, startedAt } = desk.state;
  const others = useRecentCaptures().rows.filter((row) => row.outcome === 'open' && row.captureId !== captureId);
  return (
    <>
      {others.map((other) => (
        <OtherRow
          key={other.captureId}
          other={other}
          desk={desk}
          near={Math.abs(Date.parse(other.startedAt ?? '') - Date.parse(startedAt ?? '')) < TWICE_MS}
        />
      ))}
    </>
  );
}

function OtherRow({ other, desk, near }: { other: CaptureSummary; desk: RunDesk; near: boolean }) {
  const [asking, setAsking] = useState(false);
  const clocks = clocksAt({ ...other, endMs: null }, runClock.elapsed(other.captureId, other.begunAt));
  const inAir = clocks.medium === 'air';
  return (
    <div className="mb-2 flex items-stretch gap-2.5">
      <Link
        to={paths.run(other.captureId)}
        className={`button min-h-14 flex-1 justify-start leading-tight ${inAir ? 'border-rust' : ''}`}
      >
        {runText.theOtherFish({
          elapsedMs: inAir
            ? runText.inTheAirFor({ airNowMs: spanText(clocks.airNowMs) })
            : runText.inTheWaterOn({ elapsedMs: spanText(clocks.elapsedMs) }),
        })}
      </Link>
      {near && !asking && (
        <button type="button" className="button min-h-14 font-normal" onClick={() => setAsking(true)}>
          {runText.sameFish}
        </button>
      )}
      {near && asking && <Merging otherId={other.captureId} desk={desk} />}
    </div>
  );
}

/** Takes over what was tapped in the later one. */
function Merging({ otherId, desk }: { otherId: string; desk: RunDesk }) {
  const navigate = useNavigate();
  const other = useCapture(otherId);
  const { keep, notKept } = useRecord();
  const merge = async () => {
    const merged = mergeCaptures(desk.events, other.events);
    if (!merged) return;
    const fromStory = merged.fromId === otherId ? other.state : desk.state;
    const closing = makeEvent(merged.fromId, fromStory.begunAt, 'merged', { into: merged.captureId });
    if (await keep(() => record([...merged.copies, closing])))
      await navigate(paths.run(merged.captureId), { replace: true });
  };
  return (
    <>
      <NotKept when={notKept} />
      <button
        type="button"
        className="button button-main min-h-14"
        disabled={other.events.length === 0}
        onClick={() => void merge()}
      >
        {runText.makeOneOfBoth}
      </button>
    </>
  );
}
