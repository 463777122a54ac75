import { paths } from '../../app/paths.js';
import { rehearseText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { Check, X } from 'lucide-react';
import { useEffect, useMemo, useRef } from 'react';
import { Link } from 'react-router';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { basisMessage } from '@keeper/core/care/counsel';
import { spanText } from '@keeper/core/measure/duration';
import { judgeRehearsal } from '@keeper/core/rehearse/judge';
import { rehearsalOf } from '@keeper/core/rehearse/rehearsal';
import type { Scenario } from '@keeper/core/rehearse/scenario';
import { newId } from '../../data/device.js';
import { writeRow } from '../../data/record.js';
import { useHandlingPast, useSettings } from '../../data/queries.js';
import { Splits } from '../../parts/Splits.js';
import { useRecord } from '../../data/useRecord.js';
import { Notice } from '../../parts/Notice.js';

interface RehearsalResultProps {
  readonly scenario: Scenario;
  readonly seed: string;
  readonly state: CaptureState;
}

/**
 * How a rehearsal went: each decision with its reason, and the splits beside the keeper's real ones. Kept at once,
 * apart from the book.
 */
export function RehearsalResult({ scenario, seed, state }: RehearsalResultProps) {
  const { bank, stopSchool } = useSettings();
  const past = useHandlingPast(scenario.species);
  const result = useMemo(() => judgeRehearsal(scenario, state, bank, stopSchool), [scenario, state, bank, stopSchool]);
  const { keep, notKept } = useRecord();
  const kept = useRef(false);
  useEffect(() => {
    if (kept.current) return;
    kept.current = true;
    const id = newId();
    const { id: _id, ...row } = rehearsalOf({ id, at: new Date().toISOString(), scenario: scenario.id, seed }, result);
    void keep(() =>
      writeRow('rehearsals', id, { ...row, retired: false, revision: 0 } as { readonly revision: number }),
    );
  }, [keep, result, scenario, seed]);
  const wrong = result.decisions.filter(({ right }) => !right).length;
  return (
    <div className="grid gap-5 rounded-xl bg-leaf p-5">
      {notKept && <Notice role="alert">{rehearseText.thisDeviceCouldNot}</Notice>}
      <h2 className="text-2xl font-semibold">{rehearseText.allOfItWas({ wrong })}</h2>
      <ul>
        {result.decisions.map(({ id, right, text, reason, basis }) => (
          <li key={id} className="grid grid-cols-[1.75rem_1fr] border-t border-rule py-2.5">
            {right ? (
              <Check aria-label={rehearseText.right} className="mt-0.5" size={20} />
            ) : (
              <X aria-label={rehearseText.wrong} className="mt-0.5 text-rust" size={20} />
            )}
            <span>
              <span className={right ? '' : 'font-semibold'}>{say(text)}</span>{' '}
              <span className="text-soft">
                {say(reason)} ({say(basisMessage(basis))})
              </span>
            </span>
          </li>
        ))}
      </ul>
      <div>
        <h3 className="mb-1 text-lg font-semibold">
          {result.handledMs === null
            ? rehearseText.itWasNotNetted
            : rehearseText.fromTheNetTo({ handledMs: spanText(result.handledMs) })}
        </h3>
        <Splits splits={result.splits} past={past} />
        <p className="mt-1 text-sm text-soft">{rehearseText.theTickIsYour({ captures: past.captures })}</p>
      </div>
      <div className="grid gap-3">
        <Link to={paths.rehearsal(newSeed())} className="button button-main min-h-16 text-lg">
          {rehearseText.anotherOne}
        </Link>
        <Link to={paths.rehearse} className="button min-h-14">
          {rehearseText.thatWillDo}
        </Link>
      </div>
    </div>
  );
}

/** A seed that was not drawn before on this device. */
export function newSeed(): string {
  return newId().slice(-12);
}
