import { runText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { wordsOfWay } from '@keeper/core/domain/practice/bankPractices';
import { basisMessage } from '@keeper/core/care/counsel';
import { runStateOf, type RunState } from '@keeper/core/care/run/runState';
import { clockText } from '@keeper/core/measure/duration';
import { Waterline } from '../../parts/Waterline.js';
import { LargeClock } from './LargeClock.js';
import { PHASE_WORDS, phaseClock } from './phaseClock.js';
import type { RunDesk } from './runDesk.js';
import { useRunningClock } from './useRunningClock.js';

const GONE: Readonly<Record<string, string>> = {
  lost: runText.theFishGotOff,
  died: runText.itDidNotRecover2,
  merged: runText.movedToTheOther,
};

/**
 * The clock that matters now is the largest thing there is; the others stand below it, and the waterline shows them
 * all.
 */
export function RunningClocks({ desk }: { desk: RunDesk }) {
  const { state } = desk;
  const nowMs = useRunningClock(desk);
  const run = runStateOf(state, desk.context, nowMs);
  const { phase } = run;
  const { spellMs } = run.budget;
  const { stage } = run.use;
  const inAir = phase === 'air';
  const large = phaseClock(run);
  // Drawn once a second: finer nobody sees it, and a tap need not wait for it.
  const drawnMs = Math.max(Math.floor(nowMs / 1000) * 1000, state.marks.at(-1)?.atMs ?? 0);
  const liftedMs = state.spells.at(-1)?.fromMs ?? 0;
  return (
    <>
      <LargeClock
        status={phase === 'gone' ? (GONE[state.outcome] ?? runText.theFishHasGone) : PHASE_WORDS[phase]}
        ms={large.ms}
        stage={inAir ? stage : undefined}
      />
      {inAir ? (
        <details className="mb-2 text-lg">
          <summary className="min-h-9 cursor-pointer list-none">
            {large.words} <span className="text-sm text-soft underline underline-offset-4">{runText.why}</span>
          </summary>
          <p className="max-w-prose text-base text-soft">{roomReason(run)}</p>
        </details>
      ) : (
        <p className="mb-2 text-lg">
          {large.words}
          {!state.airComplete && runText.atLeastNotEvery}
        </p>
      )}
      {inAir && desk.context.schools.air === 'own-breath' && <Breath share={run.use.share} />}
      <Waterline
        spells={state.spells}
        marks={state.marks}
        untilMs={state.endMs ?? drawnMs}
        size="live"
        {...(inAir && { roomFromMs: liftedMs, roomMs: spellMs, roomStage: stage })}
      />
      <dl className="mt-1 flex flex-wrap gap-x-7 gap-y-1">
        {smallClocks(run).map(({ name, ms, testId }) => (
          <div key={name}>
            <dt className="text-sm text-soft">{name}</dt>
            <dd data-testid={testId} className="text-lg font-semibold tabular-nums">
              {clockText(ms)}
            </dd>
          </div>
        ))}
      </dl>
    </>
  );
}

/** Why a fish may be out for so long and no longer. */
function roomReason({ budget, context }: RunState): string {
  const { name, why } = wordsOfWay('air', context.schools.air);
  const here = context.practicesHere.has('air') ? context.waterName : null;
  const school = runText.yourChoice({ name: say(name), why: say(why), water: here });
  const shorter = budget.reasons.map(({ text, basis }) => `${say(text)} (${say(basisMessage(basis))})`).join(' ');
  return shorter === '' ? school : runText.shortened({ school, shorter });
}

function smallClocks({ phase, clocks, dryMs, retention }: RunState) {
  return [
    { name: runText.fight, ms: clocks.fightMs, testId: undefined, shown: phase !== 'playing' },
    {
      name: runText.inTheAirIn,
      ms: clocks.airMs,
      testId: 'air-total',
      // In its first spell the large clock says the same.
      shown: phase !== 'gone' && phase !== 'playing' && clocks.airMs !== clocks.airNowMs,
    },
    { name: runText.sinceItWasWet, ms: dryMs, testId: undefined, shown: phase === 'air' },
    { name: runText.inNetAndSling2, ms: retention.ms, testId: undefined, shown: phase === 'holding' },
    { name: runText.sinceTheTake2, ms: clocks.elapsedMs, testId: 'elapsed', shown: true },
  ].filter(({ shown }) => shown);
}

/** For those who go by their own breath: held as long as the bar runs. */
function Breath({ share }: { share: number }) {
  return (
    <div className="mb-2">
      <p className="font-semibold">{runText.holdYourBreathBreathe({ share })}</p>
      <div aria-hidden className="h-3 overflow-hidden rounded-full border border-edge">
        <div className="h-full bg-air" style={{ width: `${Math.min(100, share * 100)}%` }} />
      </div>
    </div>
  );
}
