import { clocksAt, type Clocks } from '../../domain/capture/clocks.js';
import { retentionLimit, type RunContext } from './runContext.js';
import type { Sign } from '../../domain/capture/sign.js';
import { done } from '../../domain/capture/steps.js';
import type { EventType } from '../../domain/capture/event.js';
import type { CaptureState, HookEnd, WoundOfCapture } from '../../domain/capture/captureState.js';
import type { Basis } from '../counsel.js';
import { exposureBudget, exposureUse, type ExposureBudget, type ExposureUse } from '../exposure.js';

/** Where the work stands. `resting`: back in the water between two things; `holding`: upright, until it goes. */
export type Phase = 'playing' | 'netted' | 'air' | 'resting' | 'holding' | 'gone';

/** A run at one moment, with everything that order and counsel look at. */
export interface RunState {
  readonly phase: Phase;
  readonly context: RunContext;
  readonly clocks: Clocks;
  readonly signs: ReadonlySet<Sign>;
  readonly hookEnd: HookEnd | null;
  readonly wounds: readonly WoundOfCapture[];
  readonly lookedOver: boolean;
  readonly pictured: boolean;
  readonly dropped: boolean;
  /** Everything that was tapped of it so far. */
  readonly done: ReadonlySet<EventType>;
  readonly zeroed: boolean;
  /** Soaked while the fish was still in the water. */
  readonly matSoaked: boolean;
  readonly budget: ExposureBudget;
  readonly use: ExposureUse;
  /** Since it was last wet, in the air; 0 in the water. */
  readonly dryMs: number;
  /** In net or sling in the water since it was netted, all together; the limit, and whose it is. */
  readonly retention: { readonly ms: number; readonly limitMs: number; readonly basis: Basis };
  /** In the net, with the hook still in. */
  readonly unhookingMs: number;
  /** Since the hook came away; 0 while it is in. */
  readonly sinceHookMs: number;
  /** Since it was first held upright. */
  readonly heldMs: number;
  readonly recoverySigns: number;
  /** It had better not leave the water: too warm, too long a fight in warmth, spent, frost. */
  readonly fromTheNet: boolean;
  /** The hook is still in, and the fish is carried to the mat with it. */
  readonly hookToTheMat: boolean;
}

/**
 * A fight this long in water this near to the line, or of this length anywhere, ends in the net (common practice, no
 * source).
 */
const LONG_FIGHT_MS = 10 * 60_000;
const NEAR_LINE_K = 3;
/** In frost wet gills and eyes freeze within seconds (common practice, no source). */
const FROST_C = 0;

/** Looks at a run at one moment. Example: lifted 20 s ago with 30 s allowed, its use is 0.67. */
export function runStateOf(state: CaptureState, context: RunContext, nowMs: number): RunState {
  const clocks = clocksAt(state, nowMs);
  const untilMs = state.endMs ?? Math.max(nowMs, state.spells.at(-1)?.fromMs ?? 0);
  const { waterC, stopLine, airC, oxygenShare, schools } = context;
  const budget = exposureBudget({
    school: schools.air,
    ownS: schools.airOwnS,
    waterC,
    stopLineC: stopLine.tempC,
    airC,
    oxygenShare,
    fightMs: clocks.fightMs,
    signs: state.signs,
  });
  const phase = phaseOf(state, clocks);
  const nettedMs = state.marks.find(({ type }) => type === 'netted')?.atMs;
  const limit = retentionLimit(context);
  const heldMs = state.recovery.heldMs === null ? 0 : Math.max(0, untilMs - state.recovery.heldMs);
  return {
    phase,
    context,
    clocks,
    signs: new Set(state.signs),
    hookEnd: state.hookEnd,
    wounds: state.wounds,
    budget,
    lookedOver: done(state, 'looked-over') || state.wounds.length > 0,
    pictured: done(state, 'pictured'),
    dropped: done(state, 'dropped'),
    done: new Set(state.marks.map(({ type }) => type)),
    zeroed: done(state, 'zeroed'),
    matSoaked: soakedBeforeLift(state),
    use: exposureUse(budget, clocks.airNowMs, clocks.airMs),
    dryMs: phase === 'air' ? Math.max(0, untilMs - (state.lastWetMs ?? untilMs)) : 0,
    retention: {
      ms: nettedMs === undefined ? 0 : keptMs(state, nettedMs, untilMs),
      limitMs: limit.ms,
      basis: limit.basis,
    },
    unhookingMs: nettedMs !== undefined && state.hookEnd === null ? Math.max(0, untilMs - nettedMs) : 0,
    sinceHookMs: sinceHook(state, untilMs),
    heldMs,
    recoverySigns: state.recovery.signs.length,
    fromTheNet:
      (waterC !== null && waterC >= stopLine.tempC) ||
      (waterC !== null && waterC >= stopLine.tempC - NEAR_LINE_K && clocks.fightMs >= LONG_FIGHT_MS) ||
      (airC !== null && airC <= FROST_C) ||
      state.signs.includes('spent'),
    hookToTheMat: state.hookEnd === null && unhooksOnMat(context),
  };
}

/** On a boat and in the water the fish is unhooked where it breathes; there is no mat to carry it to. */
export function unhooksOnMat({ schools, bank }: Pick<RunContext, 'schools' | 'bank'>): boolean {
  return schools.unhook === 'mat' && bank !== 'boat' && bank !== 'wading';
}

function phaseOf(state: CaptureState, clocks: Clocks): Phase {
  if (state.outcome !== 'open') return 'gone';
  if (clocks.medium === 'air') return 'air';
  const types = state.marks.map(({ type }) => type);
  if (state.recovery.heldMs !== null && types.lastIndexOf('held') > types.lastIndexOf('lifted')) return 'holding';
  if (types.includes('rested') || types.includes('returned')) return 'resting';
  return types.some(
    (type) => type === 'netted' || type === 'off-rig' || type.startsWith('hook-') || type === 'line-cut',
  )
    ? 'netted'
    : 'playing';
}

/** However it came away: the last of the four ways that was tapped. */
function sinceHook({ marks }: CaptureState, untilMs: number): number {
  const away = marks.findLast(({ type }) => HOOK_AWAY.includes(type));
  return away ? Math.max(0, untilMs - away.atMs) : 0;
}

const HOOK_AWAY: readonly EventType[] = ['hook-out', 'hook-cut', 'line-cut', 'hook-shed'];

function soakedBeforeLift({ marks }: CaptureState): boolean {
  const soaked = marks.findIndex(({ type }) => type === 'wetted');
  const lifted = marks.findIndex(({ type }) => type === 'lifted');
  return soaked >= 0 && (lifted < 0 || soaked < lifted);
}

/** Time in the water after the netting and before it is held for its release. */
function keptMs(state: CaptureState, nettedMs: number, untilMs: number): number {
  const endMs = Math.min(untilMs, state.recovery.heldMs ?? untilMs);
  return state.spells
    .filter(({ medium }) => medium === 'water')
    .reduce(
      (sum, { fromMs, toMs }) => sum + Math.max(0, Math.min(toMs ?? untilMs, endMs) - Math.max(fromMs, nettedMs)),
      0,
    );
}
