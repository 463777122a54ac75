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
    <section aria-label="Does it add up?" className="grid gap-3 rounded-xl border-2 border-water bg-leaf p-4">
      <h2 className="text-xl font-semibold">Does it add up?</h2>
      <p>
        From {say(said.expected.basis)} about {aboutGrams(Math.exp(said.expected.lnGrams), unit)} would be expected, two
        times in three between {aboutGrams(Math.exp(said.expected.lnGrams - said.expected.sd), unit)} and{' '}
        {aboutGrams(Math.exp(said.expected.lnGrams + said.expected.sd), unit)}.
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
                      makeEvent(state.captureId, state.startedAt, 'amended', {
                        facts: corrected,
                        why: `${say(SLIP_WORDS[slip.kind])}.`,
                      }),
                      makeEvent(state.captureId, state.startedAt, 'entry-kept', {}),
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

/** What the button says that takes a correction. */
function correctionText(kind: Explanation['kind'], { species, length, weight }: Facts): string {
  if (species) return `Make it a ${say(speciesName(species)).toLowerCase()}`;
  if (length) return `Make it ${formatLength(length)}`;
  if (kind === 'scale-held' || !weight) return 'My hand was round it';
  return weight.tare ? `Take ${formatMass(weight.tare)} of sling off` : `Make it ${formatMass(weight.asRead)}`;
}

/** A probability as one says it. Examples: `almost certain`, `about 7 in 10`, `about 1 in 20`. */
export function oddsText(probability: number): string {
  if (probability > 0.97) return 'almost certain';
  if (probability >= 0.1) return `about ${Math.round(probability * 10)} in 10`;
  return `about 1 in ${Math.round(1 / probability / 5) * 5 || 10}`;
}
