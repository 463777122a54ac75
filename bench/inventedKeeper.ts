import {
  UNTOLD_FISH,
  type FishingRecord,
  type FishTaken,
  type HourOfOuting,
  type OutingFished,
} from '@keeper/core/findings/fishingRecord';
import type { Rng } from '@keeper/core/statistics/rng';
import { sunDay } from '@keeper/core/weather/sun';
import { HOUR_MS, MINUTE_MS } from '@keeper/core/measure/timeSpan';

/** What is true of an invented keeper's fishing: how many times as many fish each thing brings. */
export interface Truth {
  readonly outings: number;
  readonly firstLight: number;
  readonly swim: number;
  readonly bait: number;
}

const SWIMS = ['point', 'reeds', 'dam'] as const;
const BAITS = ['boilie', 'tiger nut', 'maggot'] as const;
const PLACE = { latitudeDeg: 52, longitudeDeg: -1 };
const FISH_A_ROD_HOUR = 0.08;
const DAY_MS = 24 * HOUR_MS;

/**
 * A keeper with two rods on one water: days of six to ten hours, half of them from the last of the night on, some lucky
 * and some not (gamma, coefficient of variation 0.7), and now and then a second fish of the same shoal.
 */
export function inventKeeper({ outings, firstLight, swim, bait }: Truth, luck: Rng): FishingRecord {
  const kept: OutingFished[] = [];
  const fish: FishTaken[] = [];
  for (let n = 0; n < outings; n += 1) {
    const day = Math.floor(Date.UTC(2019, 3, 1) / DAY_MS) * DAY_MS + Math.floor(luck.between(0, 5 * 365)) * DAY_MS;
    const { riseMs } = sunDay(day + 12 * HOUR_MS, PLACE);
    const isDawn = luck.next() < 0.5;
    const fromMs = isDawn ? (riseMs ?? day) - luck.between(0.5, 1.5) * HOUR_MS : day + luck.between(8, 16) * HOUR_MS;
    const toMs = fromMs + luck.between(6, 10) * HOUR_MS;
    const swimId = luck.pick(SWIMS);
    const outingId = `outing ${n}`;
    const baits = [luck.pick(BAITS), luck.pick(BAITS)];
    const stretches = baits.map((of, i) => ({
      rod: i + 1,
      fromMs,
      toMs,
      swimId,
      rig: 'hair',
      bait: of,
      distanceM: null,
    }));
    const outing = { outingId, waterId: 'mere', fromMs, expected: ['carp' as const], stretches, missed: [] };
    kept.push({ ...outing, hours: hoursOf(fromMs, toMs, luck) });
    const ofDay = FISH_A_ROD_HOUR * gamma(luck) * (swimId === 'reeds' ? swim : 1);
    for (const { rod, bait: of } of stretches) {
      for (let atMs = fromMs; atMs < toMs; atMs += 5 * MINUTE_MS) {
        const isFirst = riseMs !== null && atMs >= riseMs - 30 * MINUTE_MS && atMs < riseMs + 90 * MINUTE_MS;
        const rate = ofDay * (isFirst ? firstLight : 1) * (of === 'tiger nut' ? bait : 1);
        if (luck.next() >= rate / 12) continue;
        for (const later of luck.next() < 0.25 ? [0, 15] : [0]) {
          if (atMs + later * MINUTE_MS >= toMs) continue;
          const captureId = `${outingId} ${fish.length}`;
          const at = { captureId, outingId, waterId: 'mere', atMs: atMs + later * MINUTE_MS };
          fish.push({ ...UNTOLD_FISH, ...at, species: 'carp', rod, swimId, bait: of });
        }
      }
    }
  }
  return { outings: kept, fish, positions: { mere: PLACE } };
}

/** Weather that has nothing to do with the fish. */
function hoursOf(fromMs: number, toMs: number, luck: Rng): HourOfOuting[] {
  const season = Math.sin((2 * Math.PI * (fromMs / DAY_MS - 110)) / 365);
  let [waterC, pressureHpa] = [12 + 7 * season + luck.normal(), 1013 + 9 * luck.normal()];
  const [windMs, cloudOctas] = [luck.between(0, 10), luck.whole(0, 8)];
  const hours: HourOfOuting[] = [];
  for (let atMs = fromMs - 4 * HOUR_MS; atMs < toMs; atMs += HOUR_MS) {
    waterC += 0.12 * luck.normal();
    pressureHpa += 0.6 * luck.normal();
    hours.push({ atMs, waterC, pressureHpa, windMs, cloudOctas });
  }
  return hours;
}

/** Mean 1, shape 2: the sum of two exponential draws, halved. */
function gamma(luck: Rng): number {
  return -Math.log(Math.max(1e-12, luck.next() * luck.next())) / 2;
}
