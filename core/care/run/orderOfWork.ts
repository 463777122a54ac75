import type { RunStep } from '../../domain/capture/steps.js';
import type { RunContext } from './runContext.js';
import { unhooksOnMat, type RunState } from './runState.js';

/** What is done out of the water, in its order. */
export const IN_AIR: readonly RunStep[] = ['looked-over', 'weighed', 'measured', 'pictured', 'carried'];

const AWAY: readonly RunStep[] = ['held', 'released'];

/**
 * The steps that this fish asks for, in the order of doing: by species, size, conditions, schools, the water's rules,
 * the bank and the hands there are. Steps that are left out can still be tapped. Example: a pike over its stop line is
 * netted, unhooked, held and released.
 */
export function orderOfWork(run: RunState): RunStep[] {
  const { context, fromTheNet, signs } = run;
  const { schools, bank } = context;
  // However the hook came away, that is the step that was done.
  const hook: RunStep = run.hookEnd === null ? 'hook-out' : HOOK_STEPS[run.hookEnd];
  if (fromTheNet || signs.has('small')) return ['netted', hook, ...AWAY];
  const weighs = schools.weigh && (bank !== 'wading' || context.helped);
  const pictured: RunStep[] = schools.picture ? ['pictured'] : [];
  const measured: RunStep[] = schools.measure ? ['measured'] : [];
  const carried: RunStep[] = bank === 'boat' || bank === 'wading' ? [] : ['carried'];
  // Read and pictured in the water before the lift, by those schools.
  const afloat = afloatSteps(context);
  const figures: RunStep[] = [...(weighs ? (['weighed'] as const) : []), ...measured, ...pictured];
  const ashore = figures.filter((step) => !afloat.includes(step));
  const outside: RunStep[] = ['looked-over', ...ashore, ...carried];
  // With no net there is nothing to be carried to the mat in: the hook comes out in the shallows.
  if (unhooksOnMat(context) && !signs.has('no-net')) return ['netted', 'lifted', hook, ...outside, ...afloat, ...AWAY];
  // With nothing left to be done ashore it need not leave the water.
  const lifts = ashore.length > 0 || afloat.length === 0;
  return ['netted', hook, ...afloat, ...(lifts ? (['lifted', ...outside] as const) : []), ...AWAY];
}

const HOOK_STEPS = { out: 'hook-out', cut: 'hook-cut', 'left-in': 'line-cut', shed: 'hook-shed' } as const;

/** Whether the picture is taken with half of it in the water; over the side of a boat it is not. */
export function picturesInWater({ schools, bank }: Pick<RunContext, 'schools' | 'bank'>): boolean {
  return schools.picture && schools.pictureAt === 'water' && bank !== 'boat';
}

/** Whether it is measured on a floating board. */
export function measuresInWater({ schools }: Pick<RunContext, 'schools'>): boolean {
  return schools.measure && schools.boardAt === 'water';
}

/** What is done in the water before a lift, in its order. */
export function afloatSteps(context: RunContext): RunStep[] {
  return [
    ...(measuresInWater(context) ? (['measured'] as const) : []),
    ...(picturesInWater(context) ? (['pictured'] as const) : []),
  ];
}
