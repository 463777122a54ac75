import { paths } from '../../app/paths.js';
import { todayText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { Link, useNavigate } from 'react-router';
import { Suspense, useState } from 'react';
import type { EventPayloads } from '@keeper/core/domain/capture/event';
import { speciesName } from '@keeper/core/domain/fish/species';
import { spanText } from '@keeper/core/measure/duration';
import { formatTemperature } from '@keeper/core/measure/temperature';
import { conditionsAtTake } from '@keeper/core/planning/conditionsAtTake';
import { isUnderWay, type OutingState, type OutingSummary } from '@keeper/core/domain/outing/outingState';
import type { Position } from '@keeper/core/domain/water/water';
import { makeEvent, record } from '../../data/record.js';
import { useSettings, useTally } from '../../data/queries.js';
import { useStandingWaters } from '../../data/rows.js';
import { currentOuting, useOuting, useOutings } from '../../data/useOuting.js';
import { useBank, useMinute } from '../../data/useOutingAssessment.js';
import { useTakenBack } from '../../data/useCapture.js';
import { useRecentCaptures } from '../../data/useRecentCaptures.js';
import { CaptureRow } from '../../parts/CaptureRow.js';
import { FishOn } from '../../parts/FishOn.js';
import { MassText } from '../../parts/MassText.js';
import { Notice } from '../../parts/Notice.js';
import { NotSecure } from '../../parts/NotSecure.js';
import { Waterline } from '../../parts/Waterline.js';
import { timeText, weekdayText, whenText } from '../../parts/when.js';
import { dueNow } from '../bank/heatWords.js';
import { lazyPart } from '../../parts/lazyPart.js';

/** A list that opens is no small thing to load; the take does not wait for it. */
const WaterPicker = lazyPart(async () => (await import('../../parts/WaterPicker.js')).WaterPicker);

const WhoIsFishing = lazyPart(async () => (await import('../keepers/WhoIsFishing.js')).WhoIsFishing);

const OldBackup = lazyPart(async () => (await import('./OldBackup.js')).OldBackup);

const KeepRegister = lazyPart(async () => (await import('../../parts/KeepRegister.js')).KeepRegister);

/** The first page: begin a fish, go on with one, and see the last ones. */
export function Today() {
  const recent = useRecentCaptures();
  const open = recent.rows.filter(({ outcome }) => outcome === 'open');
  const past = recent.rows.filter(({ outcome }) => outcome !== 'open').slice(0, 5);
  return (
    <>
      <div className="mb-6 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div>
          <p className="text-soft">{weekdayText(new Date())}</p>
          <h1 className="text-3xl font-semibold md:text-4xl">{todayText.atTheWater}</h1>
        </div>
        <Suspense>
          <WhoIsFishing />
        </Suspense>
      </div>
      {open.map((capture) => (
        <Link
          key={capture.captureId}
          to={paths.run(capture.captureId)}
          className="mb-5 block rounded-lg border-2 border-ink bg-leaf p-5"
        >
          <span className="mb-2 block text-lg font-semibold">
            {todayText.aFishIsOn({ startedAt: whenText(capture.startedAt ?? '', undefined, capture.zone) })}
          </span>
          <Waterline spells={capture.spells} marks={capture.marks} untilMs={capture.elapsedMs} size="page" />
        </Link>
      ))}
      <Begin />
      <TakenBack />
      <Link to={paths.hurt()} className="quiet-link mt-2 inline-flex min-h-11 items-center">
        {todayText.somebodyIsHurt}
      </Link>
      <section className="mt-12 grid gap-10 lg:grid-cols-[1fr_17rem]">
        <div>
          <h2 className="mb-2 text-xl font-semibold">{todayText.theLastFish}</h2>
          {past.length === 0 && recent.unknown && <p className="max-w-prose text-soft">{todayText.theBookCannotBe}</p>}
          {past.length === 0 && !recent.loading && !recent.unknown && (
            <p className="max-w-prose text-soft">{todayText.theBookIsEmpty}</p>
          )}
          <ul>
            {past.map((capture) => (
              <CaptureRow key={capture.captureId} capture={capture} />
            ))}
          </ul>
        </div>
        <Bests />
      </section>
      <div className="mt-8 empty:hidden">
        <NotSecure />
      </div>
      <Suspense>
        <OldBackup />
        <KeepRegister />
      </Suspense>
    </>
  );
}

/** Where one is decides what a capture begun now will know: the outing with its gaps, or a water only, or nothing. */
function Begin() {
  const nowMs = useMinute();
  const current = currentOuting(useOutings(), nowMs);
  const underWay = current && isUnderWay(current, nowMs) ? current : undefined;
  return (
    <section aria-label={todayText.beginACapture}>
      {underWay ? <OnOuting outingId={underWay.outingId} /> : <AtWater planned={current} />}
    </section>
  );
}

/** What the log of an outing says of a fish that takes now; while it is still being read the run asks it again. */
function whereOf(state: OutingState, position: Position | null, nowMs: number): EventPayloads['hooked'] {
  const { outingId, waterId } = state;
  if (waterId === null) return { outingId };
  const swimId = state.swims.at(-1)?.swimId;
  return { outingId, waterId, ...(swimId && { swimId }), around: conditionsAtTake(state, position, nowMs) };
}

function OnOuting({ outingId }: { outingId: string }) {
  const { state } = useOuting(outingId);
  const { water, swim, assessment } = useBank(state);
  const nowMs = useMinute();
  const gaps = assessment?.readiness.gaps ?? [];
  const { tempHabit } = useSettings();
  const due = assessment ? dueNow(assessment, (tempC) => formatTemperature(tempC, tempHabit)) : [];
  const [worst] =
    assessment?.advice.flatMap(({ findings }) => findings).filter(({ severity }) => severity === 'stop') ?? [];
  return (
    <>
      <FishOn
        large
        where={{
          ...whereOf(state, swim?.position ?? water?.position ?? null, nowMs),
          ...(gaps.length > 0 && { gaps: gaps.map(say) }),
        }}
      />
      <div className="mt-4 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <p className="max-w-prose">
          {todayText.youAreAt({ name: swim ? `${swim.name}, ` : '' })}
          {water?.name}
          {todayText.allIsReadyNot({
            length: worst
              ? say(worst.text)
              : gaps.length === 0
                ? todayText.allIsReady
                : todayText.notReadyOpen({ gapsCount: gaps.length }),
          })}
        </p>
        <Link to={paths.outing(outingId)} className="button">
          {todayText.toTheBank}
        </Link>
      </div>
      {due.map((sentence) => (
        <div key={sentence} className="mt-3">
          <Notice>{sentence}</Notice>
        </div>
      ))}
    </>
  );
}

function AtWater({ planned }: { planned: OutingSummary | undefined }) {
  const [waterId, setWaterId] = useState(() => localStorage.getItem('keeper.water') ?? undefined);
  const known = useStandingWaters().some(({ id }) => id === waterId) ? waterId : undefined;
  return (
    <>
      <FishOn large where={known ? { waterId: known } : {}} />
      <div className="mt-4 flex flex-col gap-2 md:flex-row md:items-center md:gap-4">
        <span className="shrink-0">{todayText.youAreAt2}</span>
        <div className="md:w-72">
          <Suspense fallback={<div className="field" />}>
            <WaterPicker
              value={known}
              onChange={(id) => {
                localStorage.setItem('keeper.water', id);
                setWaterId(id);
              }}
            />
          </Suspense>
        </div>
        <Link to={planned ? paths.outing(planned.outingId) : paths.newOuting} className="button font-normal md:ml-auto">
          {planned
            ? todayText.plannedFor({ fromMs: whenText(new Date(planned.fromMs).toISOString()) })
            : todayText.planAnOuting}
        </Link>
      </div>
      <p className="mt-3 text-sm text-soft">{todayText.localRulesAndYour}</p>
    </>
  );
}

/** A start that was taken back by a wet thumb can be put back: its clock has gone on. */
function TakenBack() {
  const navigate = useNavigate();
  const { keep, notKept } = useRecord();
  const takenBack = useTakenBack();
  if (!takenBack) return null;
  const { captureId, startedAt, begunAt } = takenBack.state;
  const putBack = async () => {
    const kept = await keep(() => record([makeEvent(captureId, begunAt, 'undone', { eventId: takenBack.discard.id })]));
    if (kept) await navigate(paths.run(captureId));
  };
  return (
    <p className="mt-5 flex flex-wrap items-center gap-3">
      {todayText.theStartAtWas({ startedAt: timeText(new Date(startedAt ?? '')) })}
      <button type="button" className="button" onClick={() => void putBack()}>
        {todayText.itWasAFish}
      </button>
      <NotKept when={notKept} />
    </p>
  );
}

function Bests() {
  const tally = useTally().data;
  const { massUnit } = useSettings();
  const best = tally?.bySpecies.filter((row) => row.best).slice(0, 4) ?? [];
  if (best.length === 0) return null;
  return (
    <aside aria-label={todayText.bestOfEachKind}>
      <h2 className="mb-2 text-xl font-semibold">{todayText.bestOfEach}</h2>
      <ul>
        {best.map((row) => (
          <li key={row.species} className="border-t border-rule py-3">
            <Link to={paths.capture(row.best?.captureId ?? '')} className="block">
              <span className="block text-soft">{say(speciesName(row.species))}</span>
              <span className="block text-xl font-semibold">
                <MassText mass={row.best?.net ?? null} unit={massUnit} />
              </span>
              {row.best && row.best.origin === 'bank' && (
                <span className="text-sm text-soft">{todayText.inTheAir({ airMs: spanText(row.best.airMs) })}</span>
              )}
            </Link>
          </li>
        ))}
      </ul>
    </aside>
  );
}
