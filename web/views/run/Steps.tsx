import { runText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { nextTap, rolesOf } from '@keeper/core/care/run/order';
import { SIGN_WORDS, type Sign } from '@keeper/core/domain/capture/sign';
import { STEP_WORDS, timesDone, type RunStep } from '@keeper/core/domain/capture/steps';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import type { RunState } from '@keeper/core/care/run/runState';
import { treatmentWanted, type Treatment } from '@keeper/core/domain/fish/wound';
import { phaseControls } from './phaseControls.js';
import { useSettling } from './useSettling.js';

interface StepsProps {
  readonly state: CaptureState;
  readonly run: RunState;
  readonly onStep: (step: RunStep) => void;
  readonly onSeen: (sign: Sign) => void;
  readonly onSetWeight: () => void;
  readonly onWound: () => void;
  readonly onTreated: (treatment: Treatment) => void;
  readonly onCamera: () => void;
  readonly onLost: () => void;
  readonly onStraightBack: () => void;
  readonly onDied: () => void;
}

/**
 * The next step in the order of the work, large; what is likely beside it; what is seen; and all else that can happen
 * now.
 */
export function Steps({
  state,
  run,
  onStep,
  onSeen,
  onSetWeight,
  onWound,
  onTreated,
  onCamera,
  onLost,
  onStraightBack,
  onDied,
}: StepsProps) {
  const next = nextTap(state, run);
  const { within, tapped } = useSettling(next ? (next.kind === 'step' ? next.step : next.sign) : '');
  const step = next?.kind === 'step' ? next.step : null;
  const { likely, sights, others } = phaseControls(state, run, step);
  const weightWaits = timesDone(state, 'weighed') > 0 && !state.facts.weight;
  const treatment = run.context.rules.treatments === 'forbidden' ? null : treatmentWanted(state.wounds);
  const roles = step && rolesOf(step, run.context);
  const small = 'button min-h-14 px-2 font-normal leading-tight';
  return (
    <div ref={within} role="group" aria-label={runText.steps} className="grid gap-2.5">
      {next && (
        // Upright it stands at the foot of the screen, whatever is above it: within the thumb's reach in every phase.
        <div className="fixed inset-x-0 bottom-0 z-10 grid border-t border-rule bg-paper px-4 pt-2 pb-[max(0.5rem,env(safe-area-inset-bottom))] short:static short:border-0 short:p-0 lg:static lg:border-0 lg:p-0">
          <button
            {...tapped(() => (next.kind === 'step' ? onStep(next.step) : onSeen(next.sign)))}
            className="button button-main min-h-24 flex-col gap-0 text-3xl"
          >
            {next.kind === 'step' ? stepLabel(state, run, next.step) : say(SIGN_WORDS[next.sign])}
            {roles && (
              <span className="text-base font-normal">
                {runText.youHelper({ you: say(roles.you).toLowerCase(), helper: say(roles.helper).toLowerCase() })}
              </span>
            )}
          </button>
        </div>
      )}
      <div className="grid grid-cols-2 gap-2.5">
        {step === 'pictured' && run.phase !== 'air' && (
          <button {...tapped(onCamera)} className="button min-h-16 px-2">
            {runText.camera}
          </button>
        )}
        {run.phase === 'air' && (
          <>
            <button {...tapped(onCamera)} className="button min-h-16 px-2">
              {runText.camera}
            </button>
            <button {...tapped(onWound)} className="button min-h-16 px-2">
              {runText.markAWound}
            </button>
            {treatment && (
              <button {...tapped(() => onTreated(treatment))} className="button min-h-16 px-2">
                {TREATMENT_DONE[treatment]}
              </button>
            )}
          </>
        )}
        {likely.map((each) => (
          <button key={each} {...tapped(() => onStep(each))} className="button min-h-16 px-2 leading-tight">
            {stepLabel(state, run, each)}
          </button>
        ))}
        {run.phase === 'netted' && (
          <button {...tapped(onStraightBack)} className="button min-h-16 px-2 leading-tight">
            {runText.straightBack}
          </button>
        )}
        {weightWaits && (
          <button type="button" className="button min-h-16 px-2" onClick={onSetWeight}>
            {runText.setTheWeight}
          </button>
        )}
        {run.phase === 'playing' && (
          <button {...tapped(onLost)} className="button min-h-16 px-2 text-rust">
            {runText.fishLost}
          </button>
        )}
      </div>
      {sights.length > 0 && (
        <div
          role="group"
          aria-label={runText.whatYouSee}
          className="below-fold grid grid-cols-2 gap-2.5 border-t border-rule pt-2.5 sm:grid-cols-3"
        >
          {sights.map((sign) => (
            <button key={sign} {...tapped(() => onSeen(sign))} className={small}>
              {say(SIGN_WORDS[sign])}
            </button>
          ))}
        </div>
      )}
      <div
        role="group"
        aria-label={runText.whatElseCanHappen}
        className="below-fold grid grid-cols-2 gap-2.5 border-t border-rule pt-2.5 sm:grid-cols-3"
      >
        {others.map((each) => (
          <button key={each} {...tapped(() => onStep(each))} className={small}>
            {stepLabel(state, run, each)}
          </button>
        ))}
        {(run.phase === 'holding' || run.phase === 'resting') && (
          <button {...tapped(onDied)} className={`${small} text-rust`}>
            {runText.itDidNotRecover2}
          </button>
        )}
        {run.phase !== 'playing' && (
          <button {...tapped(onLost)} className={`${small} text-rust`}>
            {runText.fishLost}
          </button>
        )}
      </div>
    </div>
  );
}

const TREATMENT_DONE: Readonly<Record<Treatment, string>> = { antiseptic: runText.cleaned, sealant: runText.sealed };

function stepLabel(state: CaptureState, { phase, signs }: RunState, step: RunStep): string {
  if (step === 'wetted') return phase === 'air' ? runText.pouredOverIt : runText.matSoaked;
  if (step === 'netted' && signs.has('no-net')) return runText.inHand;
  const words = say(STEP_WORDS[step].todo);
  return timesDone(state, step) > 0 ? runText.again({ words }) : words;
}
