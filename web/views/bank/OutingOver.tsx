import { paths } from '../../app/paths.js';
import { bankText } from './text.en-GB.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { Link } from 'react-router';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import { useBook } from '../../data/queries.js';
import { makeOutingEvent, record } from '../../data/record.js';
import { useSettings } from '../../data/queries.js';
import { clockBetween, useBank } from '../../data/useOutingAssessment.js';
import { CaptureRow } from '../../parts/CaptureRow.js';
import { whenText } from '../../parts/when.js';
import { CloseOfDayList } from './CloseOfDayList.js';
import { DayTold } from './DayTold.js';
import { EndOuting, outcomeText } from './EndOuting.js';
import { useFishOf } from './useFishOf.js';
import { Strip } from './Strip.js';

/** An outing that has ended, as it will be read years later. */
export function OutingOver({ state }: { state: OutingState }) {
  const { water, swim, assessment } = useBank(state);
  const { tempHabit } = useSettings();
  const { keep, notKept } = useRecord();
  const fish = useFishOf(state.outingId);
  const rows = useBook({ outingId: state.outingId }).data?.pages.flatMap((page) => page.rows) ?? [];
  const { endedBy } = state;
  return (
    <article className="max-w-3xl">
      <p className="text-soft">
        {bankText.to2({
          fromMs: whenText(new Date(state.fromMs).toISOString()),
          toMs: clockBetween(state.fromMs, state.toMs)(state.toMs),
        })}
        {water && `, ${water.name}`}
      </p>
      <h1 className="text-3xl font-semibold md:text-4xl">{bankText.anOuting({ name: swim?.name })}</h1>
      <p className="mt-1 mb-5 font-book text-2xl">{state.calledOff ? bankText.calledOff : outcomeText(fish, state)}</p>
      {state.endedAt === null && (
        <p className="mb-5 max-w-prose border-l-4 border-water pl-4">{bankText.itsTimeIsOver}</p>
      )}
      {state.note && (
        <p className="mb-6 border-l-4 border-rule pl-4 font-book text-xl whitespace-pre-line">{state.note}</p>
      )}
      {assessment?.moments && (
        <Strip moments={assessment.moments} conditions={state.conditions} momentMs={state.toMs} habit={tempHabit} />
      )}
      <div className="grid gap-8">
        {!state.calledOff && state.endedAt !== null && <CloseOfDayList state={state} />}
        <DayTold state={state} />
      </div>
      <ul className="mt-6">
        {rows.map((capture) => (
          <CaptureRow key={capture.captureId} capture={capture} />
        ))}
      </ul>
      <div className="mt-8 flex flex-wrap gap-3">
        {state.endedAt === null && (
          <EndOuting
            state={state}
            onEnd={(text) =>
              void keep(() => record([makeOutingEvent(state.outingId, 'outing-ended', text ? { note: text } : {})]))
            }
          />
        )}
        <Link to={paths.newOuting} className="button button-main">
          {bankText.planAnotherOuting}
        </Link>
        {endedBy !== null && (
          <button
            type="button"
            className="button"
            onClick={() =>
              void keep(() => record([makeOutingEvent(state.outingId, 'taken-back', { eventId: endedBy })]))
            }
          >
            {bankText.putItBackOn({ calledOff: state.calledOff })}
          </button>
        )}
      </div>
      <NotKept when={notKept} />
    </article>
  );
}
