import { COMMON_PRACTICE, type Basis } from '../care/counsel.js';
import { isToothed } from '../care/stopLine.js';
import { spanText } from '../measure/duration.js';
import { formatSize } from '../measure/keeperUnits.js';
import { formatTemperature } from '../measure/temperature.js';
import { isUnclean, type KitKind } from '../domain/kit/kit.js';
import { CHECK_EVERY_DAYS } from '../weighing/scaleCheck.js';
import { OLD_ZERO_MIN } from '../weighing/slingDrain.js';
import type { ReadinessItem, ReadinessState } from './readinessState.js';
import { judgeRig, LOAD_TEST_WORDS } from './judgeRig.js';
import { loadTestState, type Rig } from '../domain/kit/rig.js';
import { DAY_MS } from '../measure/timeSpan.js';

/** One thing that the list can hold: when it applies, what it says, and what is known against it. */
export interface ItemRule {
  readonly id: string;
  readonly essential: boolean;
  readonly basis?: Basis | ((state: ReadinessState) => Basis);
  readonly applies?: (state: ReadinessState) => boolean;
  readonly text: (state: ReadinessState) => string;
  readonly detail?: (state: ReadinessState) => string | null;
  readonly reason: string;
  readonly done?: (state: ReadinessState) => boolean;
  readonly problem?: (state: ReadinessState) => ReadinessItem['problem'];
}

const stop = (text: string) => ({ severity: 'stop', text }) as const;
const care = (text: string) => ({ severity: 'care', text }) as const;
const localRule = ({ water }: ReadinessState): Basis => ({ kind: 'local-rule', water: water.name });
const toothed = ({ expected }: ReadinessState) => expected.filter((species) => species !== 'trout').some(isToothed);
const kitOf = ({ kit }: ReadinessState, kind: KitKind) => kit.filter((item) => item.kind === kind);
const isHot = ({ heat }: ReadinessState) => heat !== null && (heat.matWarmMs !== null || heat.matBurnsMs !== null);
/** A zero of another day is none. */
const A_DAY_MIN = 12 * 60;
const isCold = ({ airC }: ReadinessState) => airC !== null && airC <= 2;

/**
 * Width of net for the longest fish expected, in mm: nine tenths of its length, and no less than 70 cm (common
 * practice, no source).
 */
export function netWidthMm({ longestMm, water }: Pick<ReadinessState, 'longestMm' | 'water'>): number {
  const wanted = Math.min(Math.max(Math.ceil((0.9 * longestMm) / 50) * 50, 700), 1250);
  return Math.max(wanted, water.rules.leastNetMm ?? 0);
}

/** Length of mat for the longest fish expected, in mm: half a hand more at each end. */
export function matLengthMm({ longestMm, water }: Pick<ReadinessState, 'longestMm' | 'water'>): number {
  return Math.max(Math.ceil((longestMm + 100) / 50) * 50, water.rules.leastMatMm ?? 0);
}

/** Length of sling and board, in mm: as of the mat, and a hand beyond the nose. */
export function slingLengthMm({ longestMm }: Pick<ReadinessState, 'longestMm'>): number {
  return Math.ceil((longestMm + 100) / 50) * 50;
}

/**
 * Length of the pliers, in mm: past the teeth of a mouth of nearly a quarter of its length, and no less than 20 cm
 * (common practice, no source).
 */
export function plierLengthMm({ longestMm }: Pick<ReadinessState, 'longestMm'>): number {
  return Math.min(400, Math.max(200, Math.ceil((0.22 * longestMm) / 10) * 10));
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
  const text = `Your largest ${kind} has ${formatSize(Math.max(...sizes), state.lengthHabit)}; ${formatSize(leastMm, state.lengthHabit)} are wanted.`;
  return ruled !== null && Math.max(...sizes) < ruled ? stop(text) : care(text);
}

/** All things of the list in the order of doing. The net comes first, because a take can come on the first cast. */
export const READINESS_ITEMS: readonly ItemRule[] = [
  {
    id: 'net',
    essential: true,
    text: () => 'Landing net put together, wet, within reach of the rods',
    detail: (state) =>
      `at least ${formatSize(netWidthMm(state), state.lengthHabit)} wide for a fish of ${formatSize(state.longestMm, state.lengthHabit)}; knotless or rubber mesh`,
    reason: 'A take can come on the first cast. Knotted mesh strips slime and splits fins.',
    problem: (state) =>
      kitOf(state, 'net').length === 0 ? care('No net stands in your kit.') : tooSmall(state, 'net', netWidthMm(state)),
  },
  {
    id: 'clean-kit',
    essential: true,
    applies: ({ water }) => water.rules.ownKit !== 'allowed',
    text: ({ water }) =>
      water.rules.ownKit === 'supplied'
        ? 'The water’s own net, mat and sling fetched'
        : 'Net, mat and sling dipped or dry since the last water',
    reason: 'Nets, mats and slings carry disease from water to water.',
    basis: (state) => (state.water.rules.ownKit ? localRule(state) : COMMON_PRACTICE),
    problem: (state) => {
      if (state.water.rules.ownKit === 'supplied') return null;
      const unclean = state.kit.filter((item) => isUnclean(item, state.water.id));
      if (unclean.length === 0) return null;
      const text = `Last wet at another water and not disinfected since: ${unclean.map(({ name }) => name).join(', ')}.`;
      return state.water.rules.ownKit === 'dipped' ? stop(text) : care(text);
    },
  },
  {
    id: 'footing',
    essential: false,
    applies: ({ bank }) => bank === 'grass' || bank === 'gravel' || bank === 'wading',
    text: ({ bank }) => (bank === 'wading' ? 'Waders, belt and staff' : 'Boots or waders on, to go to the fish'),
    reason: 'In trainers the fish is dragged up the bank. Wading and cold water drown.',
  },
  {
    id: 'boat-floor',
    essential: true,
    applies: ({ bank }) => bank === 'boat',
    text: () => 'Padded floor fixed, sides kept clear; lifejacket on',
    reason: 'In a boat the floor is the mat. At the edge a kicking fish goes overboard rather than inboard.',
  },
  {
    id: 'mat',
    essential: true,
    applies: ({ bank }) => bank !== 'boat',
    text: (state) =>
      isHot(state) ? 'Mat laid face down or in shade, soaked just before use' : 'Mat laid on soft, flat ground, wet',
    detail: (state) => {
      const { heat, clock, soakLastsMs } = state;
      const size = `at least ${formatSize(matLengthMm(state), state.lengthHabit)} long, a step or two from the water`;
      if (heat?.matBurnsMs) {
        const lasts = soakLastsMs === null ? '' : `; one soaking lasts about ${spanText(soakLastsMs)} then`;
        return `${size}. Face up and dry it is burning hot from about ${clock(heat.matBurnsMs)}${lasts}`;
      }
      return heat?.matWarmMs ? `${size}. Face up and dry it is too warm from about ${clock(heat.matWarmMs)}` : size;
    },
    reason: 'A dry mat takes the slime, a hot one burns. In frost the same wetting warms it.',
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
    text: () => 'Water temperature taken',
    detail: ({ waterC, tempHabit }) => (waterC === null ? null : formatTemperature(waterC, tempHabit)),
    reason: 'How long a fish may be fought and held depends on it.',
    done: ({ waterC }) => waterC !== null,
    problem: ({ waterC }) => (waterC === null ? care('Not measured on this outing.') : null),
  },
  {
    id: 'bucket',
    essential: true,
    text: () => 'Bucket filled from the lake',
    detail: ({ heat, clock }) => (heat?.bucketWarmMs ? `change it by ${clock(heat.bucketWarmMs)}` : null),
    reason: 'Everything that touches a fish is wet and near water temperature. After hours in the sun a bucket is hot.',
    problem: ({ layout }) => (layout?.outOfReach.includes('bucket') ? care('Out of arm’s reach on your plan.') : null),
  },
  {
    id: 'sling',
    essential: true,
    text: () => 'Weigh sling soaked, zips closed',
    detail: (state) =>
      `at least ${formatSize(slingLengthMm(state), state.lengthHabit)} long for a fish of ${formatSize(state.longestMm, state.lengthHabit)}; soak it for two minutes before zeroing`,
    reason: 'A dry sling takes slime; an open zip drops the fish. Its tare is that of the sling as wet as it will be.',
    problem: (state) =>
      kitOf(state, 'sling').length === 0
        ? care('No sling stands in your kit.')
        : tooSmall(state, 'sling', slingLengthMm(state)),
  },
  {
    id: 'scales',
    essential: true,
    text: ({ weighMethod }) =>
      weighMethod === 'zeroed'
        ? 'Scales hung and zeroed with the wet sling on'
        : 'Scales hung; tare of the wet sling read',
    detail: ({ zeroedMs, clock }) =>
      zeroedMs === null
        ? 'from a bar or tripod, by their own loop; a zero is good for a quarter of an hour'
        : `from a bar or tripod, by their own loop; zeroed at ${clock(zeroedMs)}, good until ${clock(zeroedMs + OLD_ZERO_MIN * 60_000)}`,
    reason: 'Most false weights are a sling that was not taken off. A drained sling is lighter than a fresh one.',
    problem: (state) => {
      const scales = kitOf(state, 'scales');
      if (scales.length === 0) return care('No scales stand in your kit.');
      if (scales.every(({ charge }) => charge === 'low')) return care('Their battery is low.');
      const checked = scales
        .flatMap(({ checkedAt }) => checkedAt ?? [])
        .sort()
        .at(-1);
      if (!checked) return care('Never compared with a known mass.');
      const days = Math.floor((state.nowMs - Date.parse(checked)) / DAY_MS);
      if (days > CHECK_EVERY_DAYS)
        return care(`Scale check overdue: last compared with a known mass ${days} days ago.`);
      const minutes = state.zeroedMs === null ? 0 : Math.floor((state.nowMs - state.zeroedMs) / 60_000);
      return minutes > OLD_ZERO_MIN && minutes < A_DAY_MIN
        ? care(`The zero is ${minutes} minutes old: dip the sling, let it run off, zero again.`)
        : null;
    },
  },
  {
    id: 'tools',
    essential: true,
    text: (state) =>
      toothed(state)
        ? 'Long pliers, side cutters, jaw spreader and hook pick, each at its place'
        : 'Forceps, pliers and side cutters, each at its place',
    detail: (state) =>
      toothed(state)
        ? `pliers at least ${formatSize(plierLengthMm(state), state.lengthHabit)} long, for the teeth of a fish of ${formatSize(state.longestMm, state.lengthHabit)}; within arm’s reach, on a lanyard`
        : 'within arm’s reach of where you kneel, on a lanyard',
    reason: 'Cut rather than tear: the cutters must go through the hooks in use.',
    problem: (state) => {
      const tools = kitOf(state, 'tool');
      if (state.layout?.outOfReach.includes('kit-roll')) return care('Out of arm’s reach on your plan.');
      if (tools.some(({ toReplace }) => toReplace)) {
        return care(
          `To replace: ${tools
            .filter(({ toReplace }) => toReplace)
            .map(({ name }) => name)
            .join(', ')}.`,
        );
      }
      const loose = tools.filter(({ onLanyard, spare }) => !onLanyard && !spare);
      return state.bank === 'boat' && loose.length > 0
        ? care(`Not on a lanyard: ${loose.map(({ name }) => name).join(', ')}.`)
        : null;
    },
  },
  {
    id: 'spare-hooks',
    essential: false,
    text: () => 'Spare hooks in the sizes in use',
    reason: 'Without a spare you hesitate to cut.',
    problem: (state) =>
      kitOf(state, 'hooks').some(({ toReplace }) => toReplace) ? care('Cut hooks have not been replaced.') : null,
  },
  {
    id: 'rigs',
    essential: true,
    text: () => 'Each rig load-tested on a fixed point',
    detail: () => 'held under full load for 10 to 20 s',
    reason:
      'A knot that slips is found on a post, not on a fish. The lead must come free, the link must be the weak point.',
    problem: (state) => {
      const used = state.rigs.filter(({ species }) => state.expected.length === 0 || state.expected.includes(species));
      const { rules, name } = state.water;
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
            system: state.massSystem,
            now,
            lastFishAt: last(rig),
          }),
        }))
        .find(({ judged }) => judged.verdict === 'stop');
      if (bad) return stop(`${bad.rig.name}: ${bad.judged.findings[0]?.text ?? ''}`);
      const untested = used.flatMap((rig) => {
        const stands = loadTestState(rig, now, last(rig));
        return stands === 'stands' ? [] : [`${rig.name}: ${LOAD_TEST_WORDS[stands]}`];
      });
      return untested.length === 0 ? null : care(untested.join(' '));
    },
  },
  {
    id: 'care-kit',
    essential: false,
    applies: ({ water }) => water.rules.treatments !== 'forbidden',
    text: () => 'Antiseptic and sealing paste ready, in this order',
    reason: 'Sealed without cleaning, a dirty wound is only closed in. The label and the law decide what may be used.',
    problem: (state) => {
      const old = kitOf(state, 'care').filter(({ inDateUntil }) => inDateUntil !== null && inDateUntil < state.day);
      return old.length > 0 ? care(`Out of date: ${old.map(({ name }) => name).join(', ')}.`) : null;
    },
  },
  {
    id: 'no-treatment',
    essential: false,
    applies: ({ water }) => water.rules.treatments === 'forbidden',
    text: () => 'Care kit stays closed: wounds are not treated here',
    reason: 'The water forbids treatments.',
    basis: localRule,
  },
  {
    id: 'camera',
    essential: false,
    text: ({ helped }) =>
      helped ? 'Camera in your helper’s hand, framing tried' : 'Camera on its stand, framing tried, tethered',
    detail: ({ layout }) => layout?.points.find(({ id, mark }) => id === 'camera-light' && mark < 0.6)?.text ?? null,
    reason: 'Exposure and framing are tried before a fish is out, not while it is in the air.',
    problem: (state) =>
      kitOf(state, 'camera').some(({ charge }) => charge === 'low') ? care('Its battery is low.') : null,
  },
  {
    id: 'board',
    essential: false,
    applies: (state) => kitOf(state, 'board').length > 0,
    text: () => 'Measuring board wet and as cool as the water',
    detail: (state) =>
      `at least ${formatSize(slingLengthMm(state), state.lengthHabit)} long for a fish of ${formatSize(state.longestMm, state.lengthHabit)}`,
    problem: (state) => tooSmall(state, 'board', slingLengthMm(state)),
    reason: 'A board that lay in the sun burns a fish from cool water; in frost a wet one is the warmer.',
  },
  {
    id: 'roles',
    essential: false,
    applies: ({ helped }) => helped,
    text: () => 'Who nets, who unhooks, who pictures: said aloud',
    reason: 'Two who both wait for the other are slower than one.',
  },
  {
    id: 'frost',
    essential: false,
    applies: isCold,
    text: () => 'Nothing out of the water in frost: unhook in the net, picture in the water',
    reason: 'Gills and eyes freeze in moving air below zero.',
  },
  {
    id: 'light',
    essential: false,
    applies: ({ night }) => night,
    text: () => 'Head-torch charged, screen set to night light',
    reason: 'A fish at two in the morning is handled by what the torch shows.',
  },
  {
    id: 'hazards',
    essential: true,
    applies: ({ hazards }) => hazards.length > 0,
    text: ({ hazards }) =>
      hazards.includes('power-line')
        ? 'Power line overhead: another swim'
        : hazards.includes('steep-edge')
          ? 'Steep edge: where to land a fish, and where to get out'
          : hazards.includes('stones')
            ? 'Stones: where the fish must not touch'
            : 'People pass: rods and rigs out of their way',
    reason: 'A carbon rod near a power line kills. Slippery edges drown. Blows on stones cannot be seen at release.',
    problem: ({ hazards }) =>
      hazards.includes('power-line') ? stop('A carbon rod near it kills, even without touching.') : null,
  },
  {
    id: 'rules-read',
    essential: true,
    text: () => 'The water’s rules read; licence with you',
    reason: 'Local rules and licences decide, before anything said here.',
  },
];
