import { ROD_BOUNDS, type RodSetup } from '@keeper/core/domain/capture/rodFacts';
import { parseTypedNumber } from '../typed.js';

/** What is typed of a rod, in the keeper's units. */
export interface RodDraft {
  readonly rigId: string;
  readonly rig: string;
  readonly bait: string;
  readonly method: string;
  readonly place: string;
  readonly distance: string;
  readonly depth: string;
}

/** The keeper's units of what lies out in the water, by how lengths are written. */
const UNITS = { in: { distanceM: 0.9144, depthM: 0.3048 }, cm: { distanceM: 1, depthM: 1 } } as const;
export type FarUnits = keyof typeof UNITS;

/** Example: 40 yards and 6 feet are shown as `40` and `6` where lengths are in inches. */
export function rodDraftOf(setup: RodSetup, units: FarUnits): RodDraft {
  const shown = (m: number | undefined, per: number) => (m === undefined ? '' : String(Number((m / per).toFixed(1))));
  return {
    rigId: setup.rigId ?? '',
    rig: setup.rig ?? '',
    bait: setup.bait ?? '',
    method: setup.method ?? '',
    place: setup.place ?? '',
    distance: shown(setup.distanceM, UNITS[units].distanceM),
    depth: shown(setup.depthM, UNITS[units].depthM),
  };
}

/** The rod as it is typed; what is empty is left out. Undefined where a distance or a depth cannot be. */
export function rodSetupOf(draft: RodDraft, units: FarUnits): RodSetup | undefined {
  const distanceM = metresOf(draft.distance, UNITS[units].distanceM, ROD_BOUNDS.mostDistanceM);
  const depthM = metresOf(draft.depth, UNITS[units].depthM, ROD_BOUNDS.mostDepthM);
  if (Number.isNaN(distanceM) || Number.isNaN(depthM)) return undefined;
  return {
    ...(draft.rigId && { rigId: draft.rigId }),
    ...(draft.rig.trim() && { rig: draft.rig.trim() }),
    ...(draft.bait.trim() && { bait: draft.bait.trim() }),
    ...(draft.method.trim() && { method: draft.method.trim() }),
    ...(draft.place.trim() && { place: draft.place.trim() }),
    ...(distanceM !== undefined && { distanceM }),
    ...(depthM !== undefined && { depthM }),
  };
}

/** NaN for what is no number, or lies beyond what can be. */
function metresOf(typed: string, per: number, mostM: number): number | undefined {
  const value = parseTypedNumber(typed);
  if (value === undefined) return undefined;
  const metres = Number((value * per).toFixed(3));
  return metres >= 0 && metres <= mostM ? metres : NaN;
}
