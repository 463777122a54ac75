import { weightWords } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useMemo, useState } from 'react';
import type { Facts } from '@keeper/core/domain/capture/event';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { speciesName } from '@keeper/core/domain/fish/species';
import { formatLength } from '@keeper/core/measure/length';
import { formatMass } from '@keeper/core/measure/formatMass';
import { slipEvidence } from '@keeper/core/weighing/slipEvidence';
import { correctedFacts } from '@keeper/core/weighing/correctedFacts';
import { explainEntry, type Explanation } from '@keeper/core/weighing/explain';
import { SLIP_WORDS } from '@keeper/core/weighing/slip';
import { makeEvent, record } from '../../data/record.js';
import { useEntry } from '../../data/useWeighing.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../NotKept.js';
import { aboutGrams } from './massWords.js';

/** So many slips are shown: what is less likely than the third is none. */
const SHOWN = 3;
const TOO_UNLIKELY = 0.02;

/**
 * An entry that does not fit is explained, not only flagged: the likeliest slips with what each would make of it. It
 * never holds anything up.
 */
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
    <section aria-label={weightWords.doesItAddUp} className="grid gap-3 rounded-xl border-2 border-water bg-leaf p-4">
      <h2 className="text-xl font-semibold">{weightWords.doesItAddUp}</h2>
      <p>
        {weightWords.fromAboutWouldBe({
          basis: say(said.expected.basis),
          lnGrams: aboutGrams(Math.exp(said.expected.lnGrams), unit),
          sd: aboutGrams(Math.exp(said.expected.lnGrams - said.expected.sd), unit),
          sd2: aboutGrams(Math.exp(said.expected.lnGrams + said.expected.sd), unit),
        })}
      </p>
      <ul>
        {slips.map((slip) => {
          const corrected = correctedFacts(slip, state);
          return (
            <li key={slip.kind} className="flex flex-wrap items-center justify-between gap-3 border-t border-rule py-3">
              <span className="min-w-48 flex-1">
                <b>{say(SLIP_WORDS[slip.kind])}.</b> <span className="text-soft">{oddsText(slip.probability)}</span>
                {slipEvidence(slip.kind, entry).map((sentence) => (
                  <span key={say(sentence)} className="block">
                    {say(sentence)}
                  </span>
                ))}
              </span>
              {corrected && (
                <button
                  type="button"
                  className="button"
                  onClick={() =>
                    write(
                      makeEvent(state.captureId, state.begunAt, 'amended', {
                        facts: corrected,
                        why: `${say(SLIP_WORDS[slip.kind])}.`,
                      }),
                      makeEvent(state.captureId, state.begunAt, 'entry-kept', {}),
                    )
                  }
                >
                  {correctionText(slip.kind, corrected)}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      <NotKept when={notKept} />
      <div className="flex flex-wrap items-end gap-3">
        <label className="min-w-48 flex-1 text-sm">
          {weightWords.aNoteIfYou}
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
            write(makeEvent(state.captureId, state.begunAt, 'entry-kept', note.trim() ? { note: note.trim() } : {}))
          }
        >
          {weightWords.itIsRightAs}
        </button>
      </div>
    </section>
  );
}

/** What the button says that takes a correction. */
function correctionText(kind: Explanation['kind'], { species, length, weight }: Facts): string {
  if (species) return weightWords.makeItA({ species: say(speciesName(species)).toLowerCase() });
  if (length) return weightWords.makeIt({ length: formatLength(length) });
  if (kind === 'scale-held' || !weight) return weightWords.myHandWasRound;
  return weight.tare
    ? weightWords.takeOfSlingOff({ tare: formatMass(weight.tare) })
    : weightWords.makeIt2({ asRead: formatMass(weight.asRead) });
}

/** A probability as one says it. Examples: `almost certain`, `about 7 in 10`, `about 1 in 20`. */
export function oddsText(probability: number): string {
  if (probability > 0.97) return weightWords.almostCertain;
  if (probability >= 0.1) return weightWords.aboutIn({ probability: Math.round(probability * 10) });
  return weightWords.aboutIn2({ probability: Math.round(1 / probability / 5) * 5 || 10 });
}
