import type { RunState, Phase } from '@keeper/core/care/run/runState';
import type { Sign } from '@keeper/core/domain/capture/sign';
import { canHappen, type RunStep } from '@keeper/core/domain/capture/steps';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';

/** What is likely next beside the order of the work, by phase. */
const LIKELY: Readonly<Record<Phase, readonly RunStep[]>> = {
  playing: ['hook-out', 'lifted'],
  netted: ['off-rig', 'hook-out', 'hook-cut', 'zeroed', 'lifted', 'held'],
  air: ['weighed', 'pictured', 'wetted', 'rested', 'held', 'dropped'],
  resting: ['lifted', 'held', 'released'],
  holding: ['lifted'],
  gone: [],
};

/** What can be seen of the fish, by phase. */
const SIGHTS: Readonly<Record<Phase, readonly Sign[]>> = {
  playing: ['predator-near', 'small', 'no-net'],
  netted: [
    'thrashing',
    'hook-deep',
    'hook-swallowed',
    'hook-near-gills',
    'hook-easy',
    'line-caught',
    'bleeding',
    'spent',
    'small',
    'hangs-upright',
  ],
  air: ['hangs-upright', 'thrashing', 'bleeding', 'spent'],
  resting: ['thrashing', 'line-caught', 'spent', 'predator-near'],
  holding: ['predator-near', 'spent'],
  gone: [],
};

export interface PhaseControls {
  readonly likely: readonly RunStep[];
  readonly sights: readonly Sign[];
  readonly others: readonly RunStep[];
}

/**
 * Every step that can happen now, the likely ones first; and what can be seen. Nothing is forced and nothing is out of
 * reach.
 */
export function phaseControls(state: CaptureState, run: RunState, next: RunStep | null): PhaseControls {
  const steps = ALL_STEPS.filter((step) => step !== next && canHappen(state, step));
  // Off the rig with the hook in is for those who carry it to the mat so.
  const likely = LIKELY[run.phase].filter((step) => steps.includes(step) && (step !== 'off-rig' || run.hookToTheMat));
  const unhooked = run.hookEnd !== null;
  const open = (sign: Sign) => !(unhooked && sign.startsWith('hook-')) && !(sign === 'hook-easy' && !hookSeen(run));
  return {
    likely,
    sights: SIGHTS[run.phase].filter((sign) => open(sign) && !run.signs.has(sign)),
    others: steps.filter((step) => !likely.includes(step)),
  };
}

function hookSeen({ signs }: RunState): boolean {
  return signs.has('hook-deep') || signs.has('hook-swallowed') || signs.has('hook-near-gills');
}

/** The steps that stand as controls; a treatment is tapped on the map of wounds. */
const ALL_STEPS: readonly RunStep[] = [
  'netted',
  'off-rig',
  'hook-out',
  'hook-cut',
  'line-cut',
  'hook-shed',
  'zeroed',
  'wetted',
  'lifted',
  'looked-over',
  'weighed',
  'measured',
  'pictured',
  'rested',
  'carried',
  'returned',
  'held',
  'dropped',
  'released',
];
