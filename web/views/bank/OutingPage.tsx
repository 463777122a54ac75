import { OwnBook } from './OwnBook.js';
import { QuietSwim } from './QuietSwim.js';
import { Rods } from './Rods.js';
import { paths } from '../../app/paths.js';
import { weekdayText } from '../../parts/when.js';
import { bankText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { expectedMessage } from '@keeper/core/bank/readiness';
import type { CareKind, Condition, OutingEventType, OutingPayloads } from '@keeper/core/domain/outing/event';
import { isPast, isUnderWay, lastOutingTap, type OutingState } from '@keeper/core/domain/outing/outingState';
import { ruleMessages } from '@keeper/core/domain/water/ruleMessages';
import { HAZARD_WORDS, compassMessage } from '@keeper/core/domain/water/swim';
import type { MatFace } from '@keeper/core/domain/outing/careDeed';
import { NotHere } from '../../app/NotHere.js';
import { askForecast } from '../../data/forecast.js';
import { makeOutingEvent, record } from '../../data/record.js';
import { setDevicePreference } from '../../data/devicePreferences.js';
import { useSettings } from '../../data/queries.js';
import { useStandingSwims } from '../../data/rows.js';
import { useOuting } from '../../data/useOuting.js';
import { clock, clockBetween, useBank, useMinute } from '../../data/useOutingAssessment.js';
import { conditionsAtTake } from '@keeper/core/planning/conditionsAtTake';
import { FishOn } from '../../parts/FishOn.js';
import { Section } from '../../parts/Section.js';
import { Picker } from '../../parts/Picker.js';
import { PlanDrawing } from '../layout/PlanDrawing.js';
import { Advice, HotCaptureCard } from './Advice.js';
import { ChangePlan } from './ChangePlan.js';
import { Conditions } from './Conditions.js';
import { CallOff } from './CallOff.js';
import { EndOuting } from './EndOuting.js';
import { Heat } from './Heat.js';
import { OutingOver } from './OutingOver.js';
import { ReadinessList } from './ReadinessList.js';

/** Of so many kinds it is said what the keeper's own book tells. */
const MOST_KINDS = 2;

/** The half hour before a rod is cast, and what must be thought of while the rods are out. */
export function OutingPage() {
  const { state, loading, missing } = useOuting(useParams()['outingId'] ?? '');
  const nowMs = useMinute();
  if (missing) return <NotHere />;
  if (loading) return <p>{bankText.openingTheOuting}</p>;
  return state.endedAt === null && !isPast(state, nowMs) ? (
    <OutingOf key={state.outingId} state={state} />
  ) : (
    <OutingOver state={state} />
  );
}

const TAP_WORDS: Partial<Record<OutingEventType, string>> = {
  'condition-taken': bankText.measurement,
  'care-done': bankText.careOfMatAnd,
  'rod-out': bankText.castRod,
  'rod-in': bankText.rodTakenIn,
  'run-dropped': bankText.droppedRun,
  'bite-missed': bankText.missedBite,
  'fish-lost': bankText.lostFish,
  'lost-how': bankText.howItWasLost,
};

function OutingOf({ state }: { state: OutingState }) {
  const { outingId } = state;
  const settings = useSettings();
  const nowMs = useMinute();
  const underWay = isUnderWay(state, nowMs);
  // Whoever has measured, moved or dropped a run was there, whatever the plan said.
  const isBegun =
    nowMs >= state.fromMs ||
    state.swims.length > 1 ||
    state.conditions.length > 0 ||
    state.signs.length > 0 ||
    state.rods.length > 0;
  const rodsFirst = underWay || state.rods.length > 0;
  const [lookMs, setLookMs] = useState<number>();
  const { water, swim, assessment } = useBank(state, underWay ? undefined : lookMs);
  const { keep, notKept } = useRecord();
  const [forecastProblem, setForecastProblem] = useState<string>();
  const [asking, setAsking] = useState(false);
  const note = async <T extends OutingEventType>(type: T, payload: OutingPayloads[T]) => {
    await keep(() => record([makeOutingEvent(outingId, type, payload)]));
  };
  if (!water || !assessment) return <p>{bankText.openingTheOuting}</p>;
  const { momentMs, position, advice, readiness, items } = assessment;
  const when = new Date(momentMs).toISOString();
  const forecast = async () => {
    if (!position) return;
    setAsking(true);
    setForecastProblem(undefined);
    await askForecast(position, state.fromMs, state.toMs).then(
      ({ hours }) => note('forecast-taken', { hours }),
      (cause: unknown) => {
        const why = cause instanceof Error ? cause.message : bankText.theForecastCouldNot;
        setForecastProblem(why.includes('by hand') ? why : bankText.enterWhatYouSee({ why }));
      },
    );
    setAsking(false);
  };
  const lastTap = lastOutingTap(state);
  const rules = ruleMessages(water.rules, settings).map(say);
  return (
    <article>
      <header className="mb-8 flex flex-wrap items-start justify-between gap-x-8 gap-y-4">
        <div>
          <p className="text-soft">
            {bankText.to3({
              day: weekdayText(new Date(state.fromMs)),
              fromMs: clock(state.fromMs),
              toMs: clockBetween(state.fromMs, state.toMs)(state.toMs),
              companions:
                state.companions === 0 ? bankText.alone : bankText.ofYou({ companions: state.companions + 1 }),
            })}
          </p>
          <h1 className="text-3xl font-semibold md:text-4xl">{swim ? swim.name : water.name}</h1>
          <p className="mt-1">
            {swim && bankText.youLookOverThe({ name: water.name, facingDeg: say(compassMessage(swim.facingDeg)) })}
            {say(expectedMessage(state.expected))}.
          </p>
        </div>
        <FishOn
          where={{
            waterId: water.id,
            outingId,
            ...(swim && { swimId: swim.id }),
            ...(readiness.gaps.length > 0 && { gaps: readiness.gaps.map(say) }),
            around: conditionsAtTake(state, position, momentMs),
          }}
        />
      </header>
      <NotKept when={notKept} />
      <div className="grid gap-x-12 gap-y-10 lg:grid-cols-[1fr_22rem] lg:grid-rows-[auto_1fr]">
        <div className="grid content-start gap-10 lg:col-start-2">
          {/* On the day the rods come first; before it, whether there should be one. */}
          {!rodsFirst && <Advice advice={advice} />}
          <Rods state={state} nowMs={nowMs} note={note} />
          <QuietSwim state={state} nowMs={nowMs} onMove={(swimId) => void note('swim-taken', { swimId })} />
          {rodsFirst && <Advice advice={advice} />}
          {state.expected.slice(0, MOST_KINDS).map((species) => (
            <OwnBook key={species} waterId={water.id} species={species} />
          ))}
        </div>
        <div className="grid content-start gap-10 lg:col-start-1 lg:row-span-2 lg:row-start-1">
          <Conditions
            state={state}
            assessment={assessment}
            forecastProblem={forecastProblem}
            asking={asking}
            habit={settings.tempHabit}
            onLook={underWay ? undefined : setLookMs}
            onForecast={() => void forecast()}
            onTaken={(condition: Condition) => void note('condition-taken', { ...condition, when })}
          />
          <Heat
            assessment={assessment}
            habit={settings.tempHabit}
            onDeed={(kind: CareKind, face?: MatFace) => void note('care-done', { kind, when, ...(face && { face }) })}
          />
          <ReadinessList
            items={items}
            readiness={readiness}
            checked={state.checked}
            onCheck={(item, done) => {
              void note('item-checked', { item, done });
              // Zeroed with the wet sling: weights of this outing count their zero from now.
              if (item === 'scales') setDevicePreference('zeroedAt', done ? new Date().toISOString() : '');
            }}
          />
        </div>
        <div className="grid content-start gap-10 lg:col-start-2">
          <Section title={bankText.thePlanOfThe}>
            {assessment.laid && (
              <Link to={paths.layout(outingId)} aria-label={bankText.openThePlan} className="mb-3 block">
                <PlanDrawing plan={assessment.plan} layout={assessment.laid} atMs={momentMs} preview />
              </Link>
            )}
            <Link to={paths.layout(outingId)} className="button w-full">
              {bankText.changeThePlanLay({ isLaidOut: state.layout !== null })}
            </Link>
            {assessment.layout && (
              <p className="mt-3">
                {!state.layout && bankText.yourUsualLayoutOn}
                {assessment.layout.points[0] && say(assessment.layout.points[0].text)}
              </p>
            )}
          </Section>
          <HotCaptureCard advice={advice} school={water?.practices?.hotCaptureSchool ?? settings.hotCaptureSchool} />
          <Section title={bankText.theRulesOf({ name: water.name })}>
            {rules.length === 0 ? (
              <p className="text-soft">{bankText.noneWrittenDownYet}</p>
            ) : (
              <ul>
                {rules.map((rule) => (
                  <li key={rule} className="border-t border-rule py-2">
                    {rule}
                  </li>
                ))}
              </ul>
            )}
            {swim && swim.hazards.length > 0 && (
              <p className="border-t border-rule py-2">
                {bankText.watchOut} {swim.hazards.map((hazard) => say(HAZARD_WORDS[hazard])).join(', ')}.
              </p>
            )}
            <Link to={paths.water(water.id)} className="quiet-link text-sm">
              {bankText.addOrChangeRules}
            </Link>
          </Section>
          <Section title={bankText.duringTheDay}>
            <div className="grid gap-3">
              {state.rods.length === 0 && (
                <button type="button" className="button min-h-14" onClick={() => void note('run-dropped', {})}>
                  {bankText.droppedRun2}
                  {state.runsDropped > 0 && bankText.soFar({ runsDropped: state.runsDropped })}
                </button>
              )}
              <AnotherSwim state={state} onTaken={(swimId) => void note('swim-taken', { swimId })} />
              {lastTap && TAP_WORDS[lastTap.type] && (
                <button
                  type="button"
                  className="button"
                  onClick={() => void note('taken-back', { eventId: lastTap.id })}
                >
                  {bankText.takeBackTheLast} {TAP_WORDS[lastTap.type]}
                </button>
              )}
              <ChangePlan
                state={state}
                onChanged={(plan) => void note('outing-planned', { waterId: water.id, ...plan })}
              />
              {isBegun ? (
                <EndOuting state={state} onEnd={(text) => void note('outing-ended', text ? { note: text } : {})} />
              ) : (
                <CallOff onCalledOff={() => void note('outing-called-off', {})} />
              )}
              <Link to={paths.newOuting} className="quiet-link text-center">
                {bankText.planAnotherOuting}
              </Link>
            </div>
          </Section>
        </div>
      </div>
    </article>
  );
}

/** Moving on: another swim of the same water, with a list of its own. */
function AnotherSwim({ state, onTaken }: { state: OutingState; onTaken: (swimId: string) => void }) {
  const here = state.swims.at(-1)?.swimId;
  const others = useStandingSwims().filter(({ waterId, id }) => waterId === state.waterId && id !== here);
  if (others.length === 0) return null;
  return (
    <Picker
      label={bankText.moveToAnotherSwim}
      value=""
      onChange={onTaken}
      options={others.map(({ id, name }) => ({ value: id, label: name }))}
    />
  );
}
