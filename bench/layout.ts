import { judgeLayout } from '@keeper/core/bank/judgeLayout';
import { type BankPlan } from '@keeper/core/bank/layoutPoint';
import { autoLayout } from '@keeper/core/bank/autoLayout';
import { FIXTURE_KINDS, NEW_FIXTURE, type Fixture } from '@keeper/core/domain/water/plan';
import { shadeCasters, shadowOf, shadowOutline } from '@keeper/core/weather/shade';
import { sunAt } from '@keeper/core/weather/sun';
import { heatForecast } from '@keeper/core/care/heatForecast';
import { standinHour } from '@keeper/standins/weather';
import { quantile, report, timedRuns } from './figures.js';
import { HOUR_MS } from '@keeper/core/measure/timeSpan';

const PLACE = { latitudeDeg: 46.7, longitudeDeg: -22.4 };
const DAWN = Date.UTC(2026, 6, 15, 0);
/** Sun every half hour of a day: twice as fine as the plan itself looks. */
const SUNS = 48;
const FIXTURES = 29;

/**
 * What happens in the frame in which a piece is let go: 40 things on the plan (29 of the swim, 11 pieces of kit),
 * judged for each half hour of a day with its sun worked out anew, and every shadow of the hour outlined for drawing.
 */
export async function layoutBench(): Promise<void> {
  const plan = bankPlan();
  const layout = { ...autoLayout({ ...plan, fixtures: [] }, false), brolly: { xM: 2, yM: -3 } };
  const frame = (run: number) => {
    const hours = suns();
    const moved = { ...layout, bucket: { xM: (run % 40) / 20, yM: -2 } };
    const judged = judgeLayout({ ...plan, hours, layout: moved });
    const sun = hours[run % SUNS < 0 ? 0 : run % SUNS]?.sun;
    if (sun)
      shadeCasters(plan.fixtures, moved)
        .map((caster) => shadowOf(caster, sun, 20))
        .forEach((shadow) => shadow && shadowOutline(shadow));
    return judged;
  };
  const times = await timedRuns(400, frame);
  report(
    `plan: ${FIXTURES + Object.keys(layout).length} things over 24 h, one frame, p50`,
    quantile(times, 0.5),
    'ms',
    16,
  );
  report(
    `plan: ${FIXTURES + Object.keys(layout).length} things over 24 h, one frame, p95`,
    quantile(times, 0.95),
    'ms',
    16,
  );
  report('plan: "lay it out for me", p95', quantile(await timedRuns(20, () => autoLayout(plan, false)), 0.95), 'ms');
  const hours = Array.from({ length: 24 }, (_, i) => standinHour(DAWN + i * HOUR_MS, PLACE, 'heatwave'));
  const ahead = await timedRuns(20, () =>
    heatForecast({
      fromMs: DAWN,
      toMs: DAWN + 24 * HOUR_MS,
      position: PLACE,
      facingDeg: 20,
      hours,
      readings: [],
      deeds: [],
      casters: shadeCasters(plan.fixtures, layout),
      mat: layout.mat ?? null,
      bucket: layout.bucket ?? null,
      face: 'up',
    }),
  );
  report('outlook: water, mat and bucket over 24 h, p95', quantile(ahead, 0.95), 'ms');
}

function suns() {
  return Array.from({ length: SUNS }, (_, i) => {
    const atMs = DAWN + (i * HOUR_MS) / 2;
    return { atMs, sun: sunAt(atMs, PLACE) };
  });
}

function bankPlan(): BankPlan {
  const fixtures: Fixture[] = Array.from({ length: FIXTURES }, (_, i) => {
    // Every other one casts shade.
    const kind = i % 2 === 0 ? 'tree' : (FIXTURE_KINDS[i % FIXTURE_KINDS.length] ?? 'bush');
    return { id: String(i), kind, xM: ((i * 7) % 11) - 5, yM: -2 - ((i * 5) % 9) / 2, ...NEW_FIXTURE[kind] };
  });
  return { bank: 'grass', facingDeg: 20, fixtures, hours: suns(), layout: {}, clock: String };
}
