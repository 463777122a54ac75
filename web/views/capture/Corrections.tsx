import type { ReactNode } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { keeperOf } from '@keeper/core/domain/capture/angler';
import { clockText } from '@keeper/core/measure/duration';
import { useSettings } from '../../data/queries.js';
import { makeEvent, record } from '../../data/record.js';
import { useSwims, useWaters } from '../../data/rows.js';
import { useOutings } from '../../data/useOuting.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { rodText } from '../../parts/rod/rodText.js';
import { Section } from '../../parts/Section.js';
import { useWhoseText } from '../../parts/useWhoseText.js';
import { whenText } from '../../parts/when.js';
import { FACT_WORDS, factText, type FactNames } from './factText.js';
import { captureText } from './text.en-GB.js';
import { tapName } from './timeText.js';

interface Correction {
  readonly eventId: string;
  readonly at: string;
  readonly of: string;
  readonly from: string;
  readonly to: string;
  readonly why: string;
}

/** What was put right: what it was, what it became, when and why, newest first; each can be taken back. */
export function Corrections({ state }: { state: CaptureState }) {
  const corrections = useCorrections(state);
  const { keep, notKept } = useRecord();
  const { captureId, begunAt } = state;
  if (corrections.length === 0) return null;
  // What was put right in one go is one entry of the log, taken back together.
  const entries = new Map<string, Correction[]>();
  for (const each of corrections) entries.set(each.eventId, [...(entries.get(each.eventId) ?? []), each]);
  return (
    <Section title={captureText.corrections}>
      <NotKept when={notKept} />
      <ul>
        {[...entries].map(([eventId, parts]) => (
          <li key={eventId} className="border-t border-rule py-2">
            {parts.map(({ of, from, to }) => (
              <Changed key={of} of={of} from={from}>
                {to}
              </Changed>
            ))}
            {parts[0]?.why && <span className="block font-book italic">{parts[0].why}</span>}
            <span className="flex flex-wrap items-center justify-between gap-x-4 text-sm text-soft">
              {whenText(parts[0]?.at ?? '')}
              <button
                type="button"
                className="quiet-link min-h-11"
                onClick={() => void keep(() => record([makeEvent(captureId, begunAt, 'undone', { eventId })]))}
              >
                {captureText.takeItBack}
              </button>
            </span>
          </li>
        ))}
      </ul>
    </Section>
  );
}

function Changed({ of, from, children }: { of: string; from: string; children: ReactNode }) {
  return (
    <span className="block">
      {of}: <s className="text-soft">{from}</s> <b>{children}</b>
    </span>
  );
}

function useCorrections(state: CaptureState): Correction[] {
  const names = useFactNames(state);
  const { lengthHabit } = useSettings();
  const ofFacts = state.amendments.map(({ field, from, to, ...said }) => ({
    ...said,
    of: FACT_WORDS[field],
    from: factText(field, from, names),
    to: factText(field, to, names),
  }));
  const ofTimes = state.timeAmendments.map(({ of, fromMs, toMs, eventId, at, why }) => ({
    eventId,
    at,
    why,
    of: tapName(of.type),
    from: clockText(fromMs),
    to: captureText.afterTheTake2({ toMs: clockText(toMs) }),
  }));
  const ofRods = state.rodCorrections.map(({ eventId, at, from, to }) => ({
    eventId,
    at,
    why: '',
    of: captureText.onWhat,
    from: rodText(from, lengthHabit) || captureText.notTold,
    to: rodText(to, lengthHabit) || captureText.notTold,
  }));
  return [...ofFacts, ...ofTimes, ...ofRods].sort((a, b) => b.at.localeCompare(a.at));
}

function useFactNames({ zone }: CaptureState): FactNames {
  const [waters, swims, outings] = [useWaters(), useSwims(), useOutings()];
  const whose = useWhoseText();
  return {
    zone,
    waterName: (id) => waters.find((water) => water.id === id)?.name ?? captureText.aWaterNotIn,
    swimName: (id) => swims.find((swim) => swim.id === id)?.name ?? captureText.aSwimNotIn,
    outingName: (id) => {
      const outing = outings.find(({ outingId }) => outingId === id);
      return outing ? whenText(new Date(outing.fromMs).toISOString(), undefined, zone) : null;
    },
    whoseText: (angler) => whose({ angler, keeperId: keeperOf(angler, null) }),
  };
}
