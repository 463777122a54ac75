import type { CaptureSummary } from '../domain/capture/summary.js';
import type { Loss } from '../domain/capture/rodFacts.js';
import { CARRIES_DISEASE, type KitItem, type KitKind } from '../domain/kit/kit.js';
import type { Rig } from '../domain/kit/rig.js';
import type { OutingState } from '../domain/outing/outingState.js';
import type { Water } from '../domain/water/water.js';

/** Hooks of one size that were cut or stayed behind, and are to be replaced. */
export interface HooksGone {
  /** As on the packet; null where nobody said which rig. */
  readonly size: number | null;
  readonly cut: number;
  readonly lost: number;
}

/** What is to be done once an outing is over, as far as its log knows. */
export interface CloseOfDay {
  readonly hooks: readonly HooksGone[];
  /** What was wet at this water and carries disease: to be dried or dipped before another sees it. */
  readonly wet: readonly KitItem[];
  /** Things of that kind of which it is not known which one was used. */
  readonly perhapsWet: readonly KitItem[];
  /** The water's own nets, mats and slings were used: they go back. */
  readonly suppliedBack: boolean;
  /** Rigs that had a fish or a snag: they want another test of their load. */
  readonly rigsToTest: readonly Rig[];
  /** Fish with open wounds, or that died: the owner of the water should hear of them. */
  readonly toReport: readonly string[];
  /** What runs on a battery. */
  readonly toCharge: readonly KitItem[];
  readonly tools: readonly KitItem[];
}

/** What an outing left behind it. */
export interface DayThatWas {
  readonly outing: OutingState;
  readonly water: Pick<Water, 'id' | 'rules'>;
  readonly captures: readonly CaptureSummary[];
  readonly kit: readonly KitItem[];
  /** Archived ones too: the hooks that they lost are gone all the same. */
  readonly rigs: readonly (Rig & { readonly retired?: boolean })[];
}

/**
 * The close of a day, filled from what was tapped in it.
 *
 * Example: a pike whose hook of size 4 was cut on a sling-less boat gives one hook of size 4, a wet net, and its rig to
 * be tested.
 */
export function closeOfDay(day: DayThatWas): CloseOfDay {
  const { outing, water, captures, kit, rigs } = day;
  const supplied = water.rules.ownKit === 'supplied';
  const used = supplied ? new Map<KitKind, readonly string[]>() : usedKinds(day);
  const ofUsedKind = kit.filter(({ kind }) => CARRIES_DISEASE.includes(kind) && used.has(kind));
  const isSure = (item: KitItem) => {
    const named = used.get(item.kind) ?? [];
    return named.includes(item.id) || (named.length === 0 && alone(ofUsedKind, item));
  };
  const isUnsure = (item: KitItem) => !isSure(item) && (used.get(item.kind) ?? []).length === 0;
  return {
    hooks: hooksGone(day),
    wet: ofUsedKind.filter(isSure),
    perhapsWet: ofUsedKind.filter(isUnsure),
    suppliedBack: supplied && (captures.length > 0 || outing.rods.length > 0),
    rigsToTest: rigs.filter(({ id, retired }) => !retired && strained(day).has(id)),
    toReport: captures
      .filter(({ openWounds, outcome }) => openWounds.length > 0 || outcome === 'died')
      .map(({ captureId }) => captureId),
    toCharge: kit.filter(({ charge }) => charge !== null),
    tools: kit.filter(({ kind }) => kind === 'tool'),
  };
}

const alone = (items: readonly KitItem[], item: KitItem) => items.filter(({ kind }) => kind === item.kind).length === 1;

/** The kinds of things that were wet, each with the ids that the log names; none named where it does not say which. */
function usedKinds({ outing, captures }: DayThatWas): Map<KitKind, readonly string[]> {
  const did = (...types: readonly string[]) =>
    captures.some(({ marks }) => marks.some(({ type }) => types.includes(type)));
  const laidOut = (item: string) => outing.checked.includes(item);
  const deeds = new Set(outing.deeds.map(({ kind }) => kind));
  const slings = captures.flatMap(({ weighing }) => weighing?.slingId ?? []);
  const kinds: readonly (readonly [KitKind, boolean, readonly string[]])[] = [
    ['net', did('netted') || laidOut('net'), []],
    ['mat', did('lifted') || laidOut('mat') || deeds.has('soaked') || deeds.has('turned'), []],
    ['sling', did('weighed', 'zeroed', 'carried') || laidOut('sling'), [...new Set(slings)]],
    ['bucket', deeds.has('bucket-changed') || laidOut('bucket'), []],
    ['board', did('measured'), []],
  ];
  return new Map(kinds.filter(([, wasUsed]) => wasUsed).map(([kind, , named]) => [kind, named]));
}

/** By size, the smallest number first; what has no rig last. */
function hooksGone({ captures, outing, rigs }: DayThatWas): HooksGone[] {
  const sizeOf = (rigId: string | undefined) => rigs.find(({ id }) => id === rigId)?.hookSize ?? null;
  const ofCaptures = captures.flatMap(({ hookEnd, rod, loss }) => {
    const size = sizeOf(rod?.rigId);
    if (hookEnd === 'cut') return [{ size, cut: 1, lost: 0 }];
    return hookEnd === 'left-in' || tookHook(loss) ? [{ size, cut: 0, lost: 1 }] : [];
  });
  const ofRods = outing.signs.flatMap((sign) =>
    sign.kind === 'fish-lost' && tookHook(sign) ? [{ size: sizeOf(rigAt(outing, sign)), cut: 0, lost: 1 }] : [],
  );
  const bySize = new Map<number | null, HooksGone>();
  for (const gone of [...ofCaptures, ...ofRods]) {
    const before = bySize.get(gone.size) ?? { size: gone.size, cut: 0, lost: 0 };
    bySize.set(gone.size, { size: gone.size, cut: before.cut + gone.cut, lost: before.lost + gone.lost });
  }
  return [...bySize.values()].sort((a, b) => (a.size ?? Infinity) - (b.size ?? Infinity));
}

/** Whether a loss left tackle in the fish or the snag. */
function tookHook(loss: Loss | null): boolean {
  return loss?.left !== undefined && loss.left !== 'nothing';
}

/** The rig that was on a rod when something happened on it. */
function rigAt(
  { rods }: OutingState,
  sign: { readonly rod: number | null; readonly atMs: number },
): string | undefined {
  return rods.findLast(({ rod, fromMs }) => rod === sign.rod && fromMs <= sign.atMs)?.setup.rigId;
}

/** Rigs that carried a fish or hung in a snag. */
function strained({ captures, outing }: DayThatWas): Set<string> {
  const byCapture = captures.flatMap(({ rod }) => rod?.rigId ?? []);
  const bySign = outing.signs.flatMap((sign) => (sign.kind === 'fish-lost' ? (rigAt(outing, sign) ?? []) : []));
  return new Set([...byCapture, ...bySign]);
}
