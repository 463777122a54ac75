import type { Message } from '../measure/message.js';
import { bankMessage } from './bankMessages.js';
import { COMMON_PRACTICE, type Basis } from '../care/counsel.js';
import { isToothed } from '../care/stopLine.js';
import { isUnclean, type KitKind } from '../domain/kit/kit.js';
import { CHECK_EVERY_DAYS } from '../weighing/scaleCheck.js';
import { OLD_ZERO_MIN } from '../weighing/slingDrain.js';
import type { ReadinessItem, ReadinessState } from './readinessState.js';
import { lengthForMm, netWidthForMm } from './kitSizes.js';
import { judgeRig, LOAD_TEST_WORDS } from './judgeRig.js';
import { loadTestState, type Rig } from '../domain/kit/rig.js';
import { DAY_MS } from '../measure/timeSpan.js';

/** One thing that the list can hold: when it applies, what it says, and what is known against it. */
export interface ItemRule {
  readonly id: string;
  readonly essential: boolean;
  readonly basis?: Basis | ((state: ReadinessState) => Basis);
  readonly applies?: (state: ReadinessState) => boolean;
  readonly text: (state: ReadinessState) => Message;
  readonly detail?: (state: ReadinessState) => Message | null;
  readonly reason: Message;
  readonly done?: (state: ReadinessState) => boolean;
  readonly problem?: (state: ReadinessState) => ReadinessItem['problem'];
}

const stop = (text: Message) => ({ severity: 'stop', text }) as const;
const care = (text: Message) => ({ severity: 'care', text }) as const;
const localRule = ({ water }: ReadinessState): Basis => ({ kind: 'local-rule', water: water.name });
const toothed = ({ expected }: ReadinessState) => expected.filter((species) => species !== 'trout').some(isToothed);
const kitOf = ({ kit }: ReadinessState, kind: KitKind) => kit.filter((item) => item.kind === kind);
const isHot = ({ heat }: ReadinessState) => heat !== null && (heat.matWarmMs !== null || heat.matBurnsMs !== null);
/** A zero of another day is none. */
const A_DAY_MIN = 12 * 60;
const isCold = ({ airC }: ReadinessState) => airC !== null && airC <= 2;

/** Width of net for the longest fish expected, in mm, and no less than the water asks. */
function netWidthMm({ longestMm, water }: ReadinessState): number {
  return Math.max(netWidthForMm(longestMm), water.rules.leastNetMm ?? 0);
}

/** Length of mat for the longest fish expected, in mm, and no less than the water asks. */
function matLengthMm({ longestMm, water }: ReadinessState): number {
  return Math.max(lengthForMm(longestMm), water.rules.leastMatMm ?? 0);
}

const slingLengthMm = ({ longestMm }: ReadinessState) => lengthForMm(longestMm);

/**
 * Length of the pliers, in mm: past the teeth of a mouth of nearly a quarter of its length, and no less than 20 cm
 * (common practice, no source).
 */
export function plierLengthMm({ longestMm }: Pick<ReadinessState, 'longestMm'>): number {
  return Math.min(400, Math.max(200, Math.ceil((0.22 * longestMm) / 10) * 10));
}

/** A ticket that lapses within so many days is worth a word (common practice, no source). */
const LAPSES_SOON_DAYS = 14;

/** Licences, and the tickets of this water. */
function ticketsFor(state: ReadinessState) {
  return kitOf(state, 'licence').filter(({ waterId }) => !waterId || waterId === state.water.id);
}

function daysUntil(day: string, from: string): number {
  return (Date.parse(day) - Date.parse(from)) / DAY_MS;
}

/** The legal sizes of what is fished for; of all where nothing is said. */
function sizesFor({ water, expected }: ReadinessState) {
  return water.rules.legalSizes.filter(({ species }) => expected.length === 0 || expected.includes(species));
}

function tooSmall(
  state: ReadinessState,
  kind: 'net' | 'mat' | 'sling' | 'board',
  leastMm: number,
): ReadinessItem['problem'] {
  const sizes = kitOf(state, kind).flatMap(({ sizeMm }) => sizeMm ?? []);
  if (sizes.length === 0 || Math.max(...sizes) >= leastMm) return null;
  const { leastNetMm, leastMatMm } = state.water.rules;
  const ruled = kind === 'net' ? leastNetMm : kind === 'mat' ? leastMatMm : null;
  const text = bankMessage('tooSmall', { kind, sizes, lengthHabit: state.lengthHabit, leastMm });
  return ruled !== null && Math.max(...sizes) < ruled ? stop(text) : care(text);
}

/** All things of the list in the order of doing. The net comes first, because a take can come on the first cast. */
export const READINESS_ITEMS: readonly ItemRule[] = [
  {
    id: 'net',
    essential: true,
    text: () => bankMessage('net'),
    detail: (state) =>
      bankMessage('netSize', {
        leastMm: netWidthMm(state),
        lengthHabit: state.lengthHabit,
        longestMm: state.longestMm,
      }),
    reason: bankMessage('netReason'),
    problem: (state) =>
      kitOf(state, 'net').length === 0 ? care(bankMessage('netMissing')) : tooSmall(state, 'net', netWidthMm(state)),
  },
  {
    id: 'clean-kit',
    essential: true,
    applies: ({ water }) => water.rules.ownKit !== 'allowed',
    text: ({ water }) =>
      water.rules.ownKit === 'supplied' ? bankMessage('cleanKitSupplied') : bankMessage('cleanKit'),
    reason: bankMessage('cleanKitReason'),
    basis: (state) => (state.water.rules.ownKit ? localRule(state) : COMMON_PRACTICE),
    problem: (state) => {
      if (state.water.rules.ownKit === 'supplied') return null;
      const unclean = state.kit.filter((item) => isUnclean(item, state.water.id));
      if (unclean.length === 0) return null;
      const text = bankMessage('cleanKitUnclean', { unclean: unclean.map(({ name }) => name) });
      return state.water.rules.ownKit === 'dipped' ? stop(text) : care(text);
    },
  },
  {
    id: 'footing',
    essential: false,
    applies: ({ bank }) => bank === 'grass' || bank === 'gravel' || bank === 'wading',
    text: ({ bank }) => (bank === 'wading' ? bankMessage('footingWading') : bankMessage('footing')),
    reason: bankMessage('footingReason'),
  },
  {
    id: 'boat-floor',
    essential: true,
    applies: ({ bank }) => bank === 'boat',
    text: () => bankMessage('boatFloor'),
    reason: bankMessage('boatFloorReason'),
  },
  {
    id: 'mat',
    essential: true,
    applies: ({ bank }) => bank !== 'boat',
    text: (state) => (isHot(state) ? bankMessage('matHot') : bankMessage('mat')),
    detail: (state) => {
      const { heat, clock, soakLastsMs } = state;
      const size = bankMessage('matSize', { leastMm: matLengthMm(state), lengthHabit: state.lengthHabit });
      if (heat?.matBurnsMs) {
        const lasts = soakLastsMs === null ? null : bankMessage('matSoakLasts', { soakLastsMs });
        return bankMessage('matBurns', { size, clock: clock(heat.matBurnsMs), lasts });
      }
      return heat?.matWarmMs ? bankMessage('matTooWarm', { size, clock: clock(heat.matWarmMs) }) : size;
    },
    reason: bankMessage('matReason'),
    problem: (state) => {
      const ground = state.layout?.points.find(({ id }) => id === 'ground');
      if (ground && ground.mark < 0.5) return care(ground.text);
      const hazard = state.layout?.points.find(({ id }) => id === 'hazards');
      if (hazard && hazard.mark < 0.5) return care(hazard.text);
      return tooSmall(state, 'mat', matLengthMm(state));
    },
  },
  {
    id: 'water-measured',
    essential: true,
    text: () => bankMessage('waterMeasured'),
    detail: ({ waterC, tempHabit }) => (waterC === null ? null : bankMessage('waterMeasuredAt', { waterC, tempHabit })),
    reason: bankMessage('waterMeasuredReason'),
    done: ({ waterC }) => waterC !== null,
    problem: ({ waterC }) => (waterC === null ? care(bankMessage('waterNotMeasured')) : null),
  },
  {
    id: 'bucket',
    essential: true,
    text: () => bankMessage('bucket'),
    detail: ({ heat, clock }) =>
      heat?.bucketWarmMs ? bankMessage('bucketChange', { clock: clock(heat.bucketWarmMs) }) : null,
    reason: bankMessage('bucketReason'),
    problem: ({ layout }) => (layout?.outOfReach.includes('bucket') ? care(bankMessage('bucketOut')) : null),
  },
  {
    id: 'sling',
    essential: true,
    text: () => bankMessage('sling'),
    detail: (state) =>
      bankMessage('slingSize', {
        leastMm: slingLengthMm(state),
        lengthHabit: state.lengthHabit,
        longestMm: state.longestMm,
      }),
    reason: bankMessage('slingReason'),
    problem: (state) =>
      kitOf(state, 'sling').length === 0
        ? care(bankMessage('slingMissing'))
        : tooSmall(state, 'sling', slingLengthMm(state)),
  },
  {
    id: 'scales',
    essential: true,
    text: ({ weighMethod }) => (weighMethod === 'zeroed' ? bankMessage('scalesZeroed') : bankMessage('scalesTare')),
    detail: ({ zeroedMs, clock }) =>
      zeroedMs === null
        ? bankMessage('scalesHang')
        : bankMessage('scalesZeroedAt', {
            clock: clock(zeroedMs),
            clock2: clock(zeroedMs + OLD_ZERO_MIN * 60_000),
          }),
    reason: bankMessage('scalesReason'),
    problem: (state) => {
      const scales = kitOf(state, 'scales');
      if (scales.length === 0) return care(bankMessage('scalesMissing'));
      if (scales.every(({ charge }) => charge === 'low')) return care(bankMessage('scalesBattery'));
      const checked = scales
        .flatMap(({ checkedAt }) => checkedAt ?? [])
        .sort()
        .at(-1);
      if (!checked) return care(bankMessage('scalesNeverChecked'));
      const days = Math.floor((state.nowMs - Date.parse(checked)) / DAY_MS);
      if (days > CHECK_EVERY_DAYS) return care(bankMessage('scalesCheckOverdue', { days }));
      const minutes = state.zeroedMs === null ? 0 : Math.floor((state.nowMs - state.zeroedMs) / 60_000);
      return minutes > OLD_ZERO_MIN && minutes < A_DAY_MIN ? care(bankMessage('scalesZeroOld', { minutes })) : null;
    },
  },
  {
    id: 'tools',
    essential: true,
    text: (state) => (toothed(state) ? bankMessage('toolsToothed') : bankMessage('tools')),
    detail: (state) =>
      toothed(state)
        ? bankMessage('toolsPliers', {
            leastMm: plierLengthMm(state),
            lengthHabit: state.lengthHabit,
            longestMm: state.longestMm,
          })
        : bankMessage('toolsReach'),
    reason: bankMessage('toolsReason'),
    problem: (state) => {
      const tools = kitOf(state, 'tool');
      if (state.layout?.outOfReach.includes('kit-roll')) return care(bankMessage('toolsOut'));
      if (tools.some(({ toReplace }) => toReplace)) {
        return care(
          bankMessage('toolsToReplace', {
            tools: tools.filter(({ toReplace }) => toReplace).map(({ name }) => name),
          }),
        );
      }
      const loose = tools.filter(({ onLanyard, spare }) => !onLanyard && !spare);
      return state.bank === 'boat' && loose.length > 0
        ? care(bankMessage('toolsLoose', { loose: loose.map(({ name }) => name) }))
        : null;
    },
  },
  {
    id: 'spare-hooks',
    essential: false,
    text: () => bankMessage('spareHooks'),
    reason: bankMessage('spareHooksReason'),
    problem: (state) =>
      kitOf(state, 'hooks').some(({ toReplace }) => toReplace) ? care(bankMessage('spareHooksOwed')) : null,
  },
  {
    id: 'rigs',
    essential: true,
    text: () => bankMessage('rigs'),
    detail: () => bankMessage('rigsHeld'),
    reason: bankMessage('rigsReason'),
    problem: (state) => {
      const used = state.rigs.filter(({ species }) => state.expected.length === 0 || state.expected.includes(species));
      const { rules, name, practices } = state.water;
      const now = new Date(state.nowMs).toISOString();
      const last = ({ species }: Rig) => state.lastFishAt[species];
      const bad = used
        .map((rig) => ({
          rig,
          judged: judgeRig({
            rig,
            rules,
            water: name,
            school: state.barbSchool,
            gives: state.gives,
            isSetHere: practices?.barbSchool !== undefined,
            system: state.massSystem,
            now,
            lastFishAt: last(rig),
          }),
        }))
        .find(({ judged }) => judged.verdict === 'stop');
      if (bad) return stop(bankMessage('rigTrouble', { rig: bad.rig.name, trouble: bad.judged.findings[0]?.text }));
      const untested = used.flatMap((rig) => {
        const stands = loadTestState(rig, now, last(rig));
        return stands === 'stands'
          ? []
          : [bankMessage('rigTrouble', { rig: rig.name, trouble: LOAD_TEST_WORDS[stands] })];
      });
      return untested.length === 0 ? null : care(bankMessage('rigTroubles', { troubles: untested }));
    },
  },
  {
    id: 'care-kit',
    essential: false,
    applies: ({ water }) => water.rules.treatments !== 'forbidden',
    text: () => bankMessage('careKit'),
    reason: bankMessage('careKitReason'),
    problem: (state) => {
      const old = kitOf(state, 'care').filter(({ inDateUntil }) => inDateUntil !== null && inDateUntil < state.day);
      return old.length > 0 ? care(bankMessage('careKitOld', { old: old.map(({ name }) => name) })) : null;
    },
  },
  {
    id: 'no-treatment',
    essential: false,
    applies: ({ water }) => water.rules.treatments === 'forbidden',
    text: () => bankMessage('noTreatment'),
    reason: bankMessage('noTreatmentReason'),
    basis: localRule,
  },
  {
    id: 'camera',
    essential: false,
    text: ({ helped }) => (helped ? bankMessage('cameraHelper') : bankMessage('camera')),
    detail: ({ layout }) => layout?.points.find(({ id, mark }) => id === 'camera-light' && mark < 0.6)?.text ?? null,
    reason: bankMessage('cameraReason'),
    problem: (state) =>
      kitOf(state, 'camera').some(({ charge }) => charge === 'low') ? care(bankMessage('cameraBattery')) : null,
  },
  {
    id: 'board',
    essential: false,
    applies: (state) => kitOf(state, 'board').length > 0,
    text: () => bankMessage('board'),
    detail: (state) =>
      bankMessage('boardSize', {
        leastMm: slingLengthMm(state),
        lengthHabit: state.lengthHabit,
        longestMm: state.longestMm,
      }),
    problem: (state) => tooSmall(state, 'board', slingLengthMm(state)),
    reason: bankMessage('boardReason'),
  },
  {
    id: 'roles',
    essential: false,
    applies: ({ helped }) => helped,
    text: () => bankMessage('roles'),
    reason: bankMessage('rolesReason'),
  },
  {
    id: 'frost',
    essential: false,
    applies: isCold,
    text: () => bankMessage('frost'),
    reason: bankMessage('frostReason'),
  },
  {
    id: 'light',
    essential: false,
    applies: ({ night }) => night,
    text: () => bankMessage('light'),
    reason: bankMessage('lightReason'),
  },
  {
    id: 'hazards',
    essential: true,
    applies: ({ hazards }) => hazards.length > 0,
    text: ({ hazards }) =>
      hazards.includes('power-line')
        ? bankMessage('hazardPowerLine')
        : hazards.includes('steep-edge')
          ? bankMessage('hazardSteepEdge')
          : hazards.includes('stones')
            ? bankMessage('hazardStones')
            : bankMessage('hazardTraffic'),
    reason: bankMessage('swimHazardsReason'),
    problem: ({ hazards }) => (hazards.includes('power-line') ? stop(bankMessage('hazardsPowerLineProblem')) : null),
  },
  {
    id: 'licence',
    essential: true,
    applies: (state) => ticketsFor(state).length > 0,
    text: () => bankMessage('licence'),
    detail: (state) => {
      const next = ticketsFor(state)
        .flatMap(({ inDateUntil }) => inDateUntil ?? [])
        .filter((day) => day >= state.day)
        .sort()[0];
      return next === undefined ? null : bankMessage('licenceUntil', { atMs: Date.parse(next) });
    },
    reason: bankMessage('licenceReason'),
    problem: (state) => {
      const tickets = ticketsFor(state).filter(({ inDateUntil }) => inDateUntil !== null);
      const lapsed = tickets.filter(({ inDateUntil }) => (inDateUntil ?? '') < state.day);
      if (lapsed.length > 0) return stop(bankMessage('licenceLapsed', { names: lapsed.map(({ name }) => name) }));
      const soon = tickets.filter(({ inDateUntil }) => daysUntil(inDateUntil ?? '', state.day) <= LAPSES_SOON_DAYS);
      return soon.length > 0 ? care(bankMessage('licenceSoon', { names: soon.map(({ name }) => name) })) : null;
    },
  },
  {
    id: 'guide',
    essential: true,
    applies: ({ water }) => water.rules.guideNeeded,
    text: () => bankMessage('guide'),
    reason: bankMessage('guideReason'),
    basis: localRule,
  },
  {
    id: 'closed-areas',
    essential: true,
    applies: ({ water }) => water.rules.closedAreas.length > 0,
    text: () => bankMessage('closedAreas'),
    detail: ({ water }) => bankMessage('closedAreasAre', { areas: water.rules.closedAreas }),
    reason: bankMessage('closedAreasReason'),
    basis: localRule,
  },
  {
    id: 'legal-sizes',
    essential: false,
    applies: (state) => sizesFor(state).length > 0,
    text: () => bankMessage('legalSizes'),
    detail: (state) => bankMessage('legalSizesAre', { sizes: sizesFor(state), lengthHabit: state.lengthHabit }),
    reason: bankMessage('legalSizesReason'),
    basis: localRule,
  },
  {
    id: 'rules-read',
    essential: true,
    text: () => bankMessage('rulesRead'),
    reason: bankMessage('rulesReadReason'),
  },
];
