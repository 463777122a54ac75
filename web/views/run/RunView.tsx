import { runText } from './text.en-GB.js';
import { useState, type ReactNode } from 'react';
import type { EventType, Facts } from '@keeper/core/domain/capture/event';
import type { Finding } from '@keeper/core/care/counsel';
import { counselOfRun } from '@keeper/core/care/run/counselOfRun';
import { runStateOf, type RunState } from '@keeper/core/care/run/runState';
import { longGapSince } from '@keeper/core/domain/capture/longGap';
import { netOf, type CaptureState } from '@keeper/core/domain/capture/captureState';
import { HOOK_HOLDS, HOOK_HOLD_WORDS, type HookHold } from '@keeper/core/domain/capture/rodFacts';
import type { RodSpell } from '@keeper/core/domain/outing/rods';
import type { RunStep } from '@keeper/core/domain/capture/steps';
import { say } from '../../text/say.js';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import { formatMass } from '@keeper/core/measure/formatMass';
import { clockText } from '@keeper/core/measure/duration';
import { useDevicePreference } from '../../data/devicePreferences.js';
import { Notice } from '../../parts/Notice.js';
import { Counsel } from './Counsel.js';
import { KindTaps } from './KindTaps.js';
import { LongGap } from './LongGap.js';
import { Over } from './Over.js';
import { OneTapEach } from '../../parts/OneTapEach.js';
import { Recovery } from './Recovery.js';
import { WhichRod } from './WhichRod.js';
import type { RunDesk } from './runDesk.js';
import { RUN_HEADER, RUN_PAGE } from './runPage.js';
import { PHASE_WORDS, phaseClock } from './phaseClock.js';
import { RunningClocks } from './RunningClocks.js';
import { Steps } from './Steps.js';
import { useAlerts, useKeepingNag } from './useAlerts.js';
import { useRunningClock } from './useRunningClock.js';
import { useWakeLock } from './useWakeLock.js';
import { RunPanel, type Panel } from './RunPanel.js';
import { isWeightBegun } from './WeighPanel.js';

interface RunViewProps {
  readonly desk: RunDesk;
  readonly header: ReactNode;
  /** The rods that were out at the take. */
  readonly rods?: readonly RodSpell[];
  /** Species that it may be, while it was not said. */
  readonly expected: readonly SpeciesId[];
  /** What stands above the counsel while it goes on. */
  readonly told?: ReactNode;
  /** What stands below the controls while it goes on. */
  readonly footer?: ReactNode;
  /** What takes the place of the paperwork when it is over. */
  readonly over?: ReactNode;
}

const NO_RODS: readonly RodSpell[] = [];

/** Beside the fish: the clocks, the waterline, what matters now, and one tap for each thing that happens. */
export function RunView({ desk: given, header, rods = NO_RODS, expected, told, footer, over }: RunViewProps) {
  const [notKept, setNotKept] = useState(false);
  // A weight that was being set when the page was left is gone on with.
  const [panel, setPanelNow] = useState<Panel | undefined>(() => (isWeightBegun(given.state) ? 'weight' : undefined));
  const setPanel = (next: Panel | undefined) => {
    setPanelNow(next);
    // It is made for the whole screen: opened from farther down, it would begin above it.
    scrollTo({ top: 0 });
  };
  const desk = { ...given, tap: watched(given, setNotKept) };
  const { state, context, tap } = desk;
  // What matters now is looked at once a second; only the clocks run faster.
  const nowMs = useRunningClock(desk, 1000);
  const run = runStateOf(state, context, nowMs);
  const open = state.outcome === 'open';
  const leftHand = useDevicePreference('hand') === 'left';
  const counsel = counselOfRun(run);
  const gapMs = longGapSince(state, nowMs);
  const kicked = state.recovery.signs.some(({ sign }) => sign === 'kick');
  useAlerts(run.use.stage, run.phase === 'air');
  useKeepingNag(counsel.some(({ rule }) => rule === 'kept-too-long' || rule === 'overnight'));
  const wake = useWakeLock(open);
  return (
    <main
      // Upright, the foot of the screen belongs to the next step; a panel has a foot of its own.
      className={`${RUN_PAGE} ${open && panel ? 'pb-2' : 'pb-32'} short:pb-5 lg:pb-5`}
    >
      <header className={RUN_HEADER}>{header}</header>
      <div
        className={`grid flex-1 content-start gap-x-12 gap-y-3 short:gap-x-6 ${leftHand ? 'short:grid-cols-[24rem_1fr] lg:grid-cols-[27rem_1fr]' : 'short:grid-cols-[1fr_24rem] lg:grid-cols-[1fr_27rem]'}`}
      >
        <section
          aria-label={runText.clocks}
          // Upright, camera, scale and board need the room; the time in the air goes on above them.
          className={`${open && panel ? 'hidden short:block lg:block' : ''} short:sticky short:top-2 short:self-start lg:sticky lg:top-8 lg:self-start ${leftHand ? 'short:order-2 lg:order-2' : ''}`}
        >
          <RunningClocks desk={desk} />
          {wake === 'refused' && open && <p className="mt-3 text-sm text-soft">{runText.thisDeviceMayDim}</p>}
        </section>
        <section aria-label={runText.whatHappens} className="flex flex-col gap-2.5">
          <div
            // Upright, a panel stands at the foot of the screen, where the thumb is.
            className={`flex flex-col gap-2.5 ${open && panel ? 'min-h-[calc(100dvh-5.5rem)] short:min-h-0 lg:min-h-0' : ''}`}
          >
            {notKept && <Notice role="alert">{runText.thatTapCouldNot}</Notice>}
            {open && panel && <ClockBar run={run} />}
            {open && told}
            {open && <Counsel lines={besidePanel(counsel, panel)} />}
            {open && !panel && <TakenWeight state={state} />}
            {!open ? (
              (over ?? <Over desk={desk} run={run} expected={expected} />)
            ) : gapMs !== undefined && state.startedAt !== null ? (
              <LongGap
                sinceMs={gapMs}
                nowMs={nowMs}
                startedAt={state.startedAt}
                inAir={run.phase === 'air'}
                onTold={(gap) => void tap('gap-told', gap)}
              />
            ) : panel ? (
              <div className="mt-auto grid short:mt-0 lg:mt-0">
                <RunPanel panel={panel} desk={desk} onPanel={setPanel} />
              </div>
            ) : (
              <>
                <KindTaps
                  species={context.species}
                  said={state.facts.species ?? undefined}
                  expected={expected}
                  onSay={(species) => void tap('described', { facts: kindFacts(state, species) })}
                />
                {(run.phase === 'playing' || run.phase === 'netted') && (
                  <WhichRod state={state} rods={rods} onTold={(facts) => void tap('rod-told', facts)} />
                )}
                {/* Never while it lies in the air: there scale and camera have the room. */}
                {run.phase !== 'air' && wantsHold(state) && (
                  <OneTapEach<HookHold>
                    label={runText.whereDidItHold}
                    options={HOOK_HOLDS.map((value) => ({ value, label: say(HOOK_HOLD_WORDS[value]) }))}
                    onTap={(hold) => void tap('hook-held', { hold })}
                  />
                )}
                {run.phase === 'holding' && <Recovery desk={desk} />}
                <Steps
                  state={state}
                  run={run}
                  onStep={(step) => {
                    void (step === 'treated' ? Promise.resolve(true) : tap(step, payloadOf(step, run))).then((kept) => {
                      // Seen kicking away it is not asked once more how it left.
                      if (kept && step === 'released' && kicked) void tap('left-as', { leaving: 'strong' });
                      if (kept && step === 'weighed') setPanel('weight');
                      if (kept && step === 'measured') setPanel('length');
                    });
                  }}
                  onSeen={(sign) => void tap('seen', { sign })}
                  onSetWeight={() => setPanel('weight')}
                  onWound={() => setPanel('wounds')}
                  onTreated={(treatment) => void tap('treated', { with: treatment })}
                  onCamera={() => setPanel('camera')}
                  onLost={() => void tap('lost', {})}
                  onStraightBack={() => void tap('released', { straight: true })}
                  onDied={() => void tap('left-as', { leaving: 'not-recovered' })}
                />
                {footer}
              </>
            )}
          </div>
          {/* Below the panel, out of the way of the thumb, and never out of reach. */}
          {open && panel && gapMs === undefined && footer}
        </section>
      </div>
    </main>
  );
}

/**
 * What is said while a panel is open: beside the wounds what matters most, beside scale and board only what stops the
 * work.
 */
function besidePanel(counsel: readonly Finding[], panel: Panel | undefined): readonly Finding[] {
  if (!panel) return counsel;
  return (panel === 'wounds' ? counsel : counsel.filter(({ severity }) => severity === 'stop')).slice(0, 1);
}

/** While a panel has the room of the clocks on a small screen, the one that matters stays in sight. */
function ClockBar({ run }: { run: RunState }) {
  const { ms, words } = phaseClock(run);
  const isOut = run.phase === 'air';
  return (
    <p
      className={`sticky top-0 z-1 -mx-4 bg-paper px-4 py-1 text-lg short:hidden lg:hidden ${isOut ? 'text-airink' : ''}`}
    >
      {!isOut && <span className="block font-book text-xl font-semibold">{PHASE_WORDS[run.phase]}</span>}
      <b className="block text-[min(18vw,9dvh)] leading-none tabular-nums">{clockText(ms)}</b>{' '}
      {isOut ? runText.outOfTheWater : words}
    </p>
  );
}

/** A hook that came out was held somewhere, and nobody said where. */
function wantsHold({ hookEnd, hookHold }: CaptureState): boolean {
  return (hookEnd === 'out' || hookEnd === 'cut') && hookHold === null;
}

/** A picture that is taken without a lift says so: no time in the air is missing then. */
function payloadOf(step: RunStep, { phase }: RunState): { in?: 'water' } {
  return (step === 'pictured' || step === 'measured') && phase !== 'air' && phase !== 'playing' ? { in: 'water' } : {};
}

/** Another kind than before has neither its scaling nor its name. */
function kindFacts({ facts }: CaptureState, species: SpeciesId): Facts {
  return { species, ...(facts.form && { form: null }), ...(facts.kindName && { kindName: null }) };
}

/** The weight that was taken stays in sight until the release. */
function TakenWeight({ state }: { state: CaptureState }) {
  const { weight } = state.facts;
  if (!weight) return null;
  const net = netOf(state);
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 text-lg" data-testid="taken-weight">
      <b className="text-2xl tabular-nums">{formatMass(net ?? weight.asRead)}</b>
      <span className="text-soft">{runText.takenGrossItsTare({ isNet: net !== undefined })}</span>
    </p>
  );
}

/** Taps that are made many at a time in one place. */
const STAYS: readonly EventType[] = ['rod-told', 'hook-held', 'gill-beat', 'recovering', 'wound-noted', 'treated'];

/** A tap that says when it could not be kept, and takes a fish up again that was set aside. */
function watched({ state, tap }: RunDesk, setNotKept: (is: boolean) => void): RunDesk['tap'] {
  return async (type, payload) => {
    const aside = state.interruptions.some(({ endMs }) => endMs === null) && type !== 'interrupted';
    const kept = (!aside || (await tap('taken-up', {}))) && (await tap(type, payload));
    setNotKept(!kept);
    // What matters now stands at the top: a tap farther down must not hide what it brings.
    if (!STAYS.includes(type)) scrollTo({ top: 0 });
    return kept;
  };
}
