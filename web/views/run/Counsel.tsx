import { runText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useState } from 'react';
import { basisMessage, type Finding } from '@keeper/core/care/counsel';

const EDGE: Readonly<Record<Finding['severity'], string>> = {
  stop: 'border-rust border-l-8 font-semibold',
  care: 'border-air border-l-8',
  good: 'border-water border-l-4',
};

/** The one thing that matters now, at most two; why, on tap. */
export function Counsel({ lines }: { lines: readonly Finding[] }) {
  const [open, setOpen] = useState<string>();
  return (
    <div
      role="region"
      aria-label={runText.whatMattersNow}
      aria-live="polite"
      className="grid min-h-14 content-start gap-2"
    >
      {lines.map(({ rule, severity, text, reason, basis, steps }) => (
        <div key={rule} data-rule={rule} className={`rounded-sm bg-leaf pl-3 ${EDGE[severity]}`}>
          <button
            type="button"
            aria-expanded={open === rule}
            className="flex min-h-14 w-full items-center justify-between gap-3 py-2 pr-3 text-left text-lg leading-snug"
            onClick={() => setOpen(open === rule ? undefined : rule)}
          >
            {say(text)}
            <span className="shrink-0 text-sm font-normal text-soft underline underline-offset-4">{runText.why}</span>
          </button>
          {steps && (
            <ol className="list-decimal pr-3 pb-2 pl-5 font-normal">
              {steps.map((step) => (
                <li key={step.code}>{say(step)}</li>
              ))}
            </ol>
          )}
          {open === rule && (
            <p className="pr-3 pb-3 font-normal text-soft">
              {say(reason)} ({say(basisMessage(basis))})
            </p>
          )}
        </div>
      ))}
    </div>
  );
}
