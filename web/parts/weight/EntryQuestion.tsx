import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../NotKept.js';
import { useMemo, useState } from 'react';
import type { Facts } from '@keeper/core/domain/capture/event';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { speciesName } from '@keeper/core/domain/fish/species';
import { totalLength } from '@keeper/core/domain/fish/bodyLength';
import { formatLength, lengthMm, type Length } from '@keeper/core/measure/length';
import { formatMass } from '@keeper/core/measure/formatMass';
import { gramsOf, type Mass } from '@keeper/core/measure/mass';
import { slipEvidence } from '@keeper/core/weighing/slipEvidence';
import { explainEntry, type Explanation } from '@keeper/core/weighing/explain';
import type { WeightReading } from '@keeper/core/domain/capture/weightReading';
import { SLIP_WORDS } from '@keeper/core/weighing/slip';
import { makeEvent, record } from '../../data/record.js';
import { useEntry } from '../../data/useWeighing.js';
import { aboutGrams, aboutMass } from './massWords.js';

/** So many slips are shown: what is less likely than the third is none. */
const SHOWN = 3;
const TOO_UNLIKELY = 0.02;

/** An entry that does not fit is explained, not only flagged: the likeliest slips with what each would make of it. It never holds anything up. */
export function EntryQuestion({ state }: { state: CaptureState }) {
  const entry = useEntry(state);
  const [note, setNote] = useState('');
  const { keep, notKept } = useRecord();
  const said = useMemo(() => entry && explainEntry(entry), [entry]);
  if (!entry || !said?.ask || state.entryKept) return null;
  const { unit } = entry.reading.asRead;
  const slips = said.slips.filter(({ probability }) => probability > TOO_UNLIKELY).slice(0, SHOWN);
  const write = (...made: ReturnType<typeof makeEvent>[]) => void keep(() => record(made));
  return (
    <section aria-label="Does it add up?" className="grid gap-3 rounded-xl border-2 border-water bg-leaf p-4">
      <h2 className="text-xl font-semibold">Does it add up?</h2>
      <p>
        From {said.expected.basis} about {aboutGrams(Math.exp(said.expected.lnGrams), unit)} would be expected, two
        times in three between {aboutGrams(Math.exp(said.expected.lnGrams - said.expected.sd), unit)} and{' '}
        {aboutGrams(Math.exp(said.expected.lnGrams + said.expected.sd), unit)}.
      </p>
      <ul>
        {slips.map((slip) => {
          const corrected = correctedFacts(slip, state);
          return (
            <li key={slip.kind} className="flex flex-wrap items-center justify-between gap-3 border-t border-rule py-3">
              <span className="min-w-48 flex-1">
                <b>{SLIP_WORDS[slip.kind]}.</b> <span className="text-soft">{oddsText(slip.probability)}</span>
                {slipEvidence(slip.kind, entry).map((sentence) => (
                  <span key={sentence} className="block">
                    {sentence}
                  </span>
                ))}
              </span>
              {corrected && (
                <button
                  type="button"
                  className="button"
                  onClick={() =>
                    write(
                      makeEvent(state.captureId, state.startedAt, 'amended', {
                        facts: corrected.facts,
                        why: `${SLIP_WORDS[slip.kind]}.`,
                      }),
                      makeEvent(state.captureId, state.startedAt, 'entry-kept', {}),
                    )
                  }
                >
                  {corrected.says}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      <NotKept when={notKept} />
      <div className="flex flex-wrap items-end gap-3">
        <label className="min-w-48 flex-1 text-sm">
          A note, if you like
          <input
            className="field mt-1"
            maxLength={500}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </label>
        <button
          type="button"
          className="button"
          onClick={() =>
            write(makeEvent(state.captureId, state.startedAt, 'entry-kept', note.trim() ? { note: note.trim() } : {}))
          }
        >
          It is right as it stands
        </button>
      </div>
    </section>
  );
}

/** What an explanation would make of the entry, and how that is said; nothing where it only says that the truth is not known. */
function correctedFacts(
  { corrected, kind }: Explanation,
  state: CaptureState,
): { readonly facts: Facts; readonly says: string } | undefined {
  if (corrected.species)
    return {
      facts: { species: corrected.species, form: null },
      says: `Make it a ${speciesName(corrected.species).toLowerCase()}`,
    };
  if (corrected.lengthMm !== undefined) {
    const unit =
      kind === 'inches-for-centimetres'
        ? 'half-cm'
        : kind === 'centimetres-for-inches'
          ? 'quarter-in'
          : state.facts.length?.unit;
    const asked = state.facts.length;
    // What is compared is the total length; what is written down is to where it was read.
    const share = asked ? lengthMm(asked) / totalLength(asked, state.facts.species).totalMm : 1;
    const length = { ...lengthIn(corrected.lengthMm * share, unit ?? 'half-cm'), ...(asked?.of && { of: asked.of }) };
    return { facts: { length }, says: `Make it ${formatLength(length)}` };
  }
  const reading = state.facts.weight;
  if (corrected.grams === undefined || !reading) return undefined;
  const { tare: _tare, ...rest } = reading;
  // What a connected scale sent belongs to what was read, not to what it is corrected to.
  const { sent: _sent, settledGrams: _settled, steadyGrams: _steady, resolutionGrams: _steps, ...typed } = rest;
  switch (kind) {
    // What was read stays as it was read; only what was done with it is put right.
    case 'sling-left-on': {
      const tare = aboutMass(gramsOf(reading.asRead) - corrected.grams, reading.asRead.unit);
      return {
        facts: { weight: { ...rest, method: 'gross-minus-tare', tare } },
        says: `Take ${formatMass(tare)} of sling off`,
      };
    }
    case 'sling-taken-twice':
      return { facts: { weight: { ...rest, method: 'zeroed' } }, says: `Make it ${formatMass(reading.asRead)}` };
    case 'scale-held':
      return { facts: { weight: { ...reading, support: 'cupped' } }, says: 'My hand was round it' };
    default: {
      const asRead = correctedMass(corrected.grams, kind, reading);
      return { facts: { weight: { ...typed, asRead, method: 'zeroed' } }, says: `Make it ${formatMass(asRead)}` };
    }
  }
}

function correctedMass(grams: number, kind: Explanation['kind'], { asRead }: WeightReading): Mass {
  if (kind === 'pounds-for-kilograms') return aboutMass(grams, 'g');
  if (kind === 'kilograms-for-pounds' || kind === 'dotted-ounces') return aboutMass(grams, 'oz');
  return aboutMass(grams, asRead.unit);
}

function lengthIn(mm: number, unit: Length['unit']): Length {
  const mark = unit === 'quarter-in' ? 25.4 / 4 : unit === 'half-cm' ? 5 : 1;
  return { unit, count: Math.max(1, Math.round(mm / mark)) };
}

/** A probability as one says it. Examples: `almost certain`, `about 7 in 10`, `about 1 in 20`. */
export function oddsText(probability: number): string {
  if (probability > 0.97) return 'almost certain';
  if (probability >= 0.1) return `about ${Math.round(probability * 10)} in 10`;
  return `about 1 in ${Math.round(1 / probability / 5) * 5 || 10}`;
}
