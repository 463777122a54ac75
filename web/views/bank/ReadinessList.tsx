import { bankText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { Check } from 'lucide-react';
import { basisMessage } from '@keeper/core/care/counsel';
import type { Readiness } from '@keeper/core/bank/readiness';
import type { ReadinessItem } from '@keeper/core/bank/readinessState';
import { Section } from '../../parts/Section.js';

interface ReadinessListProps {
  readonly items: readonly ReadinessItem[];
  readonly checked: readonly string[];
  readonly readiness: Readiness;
  readonly onCheck: (item: string, done: boolean) => void;
}

/** The list of this swim and day in the order of doing: one tap a thing, the next one opened with its reason. */
export function ReadinessList({ items, checked, readiness, onCheck }: ReadinessListProps) {
  const next = items.find(({ id, done }) => !done && !checked.includes(id))?.id;
  const essentials = readiness.gaps.length;
  return (
    <Section title={bankText.ready2}>
      <p role="status" className="mb-3 font-book text-2xl">
        {readiness.ready
          ? readiness.open === 0
            ? bankText.ready
            : bankText.readyOpen({ open: readiness.open })
          : bankText.notReadyOpen({ essentials })}
      </p>
      <ul className="border-b border-rule">
        {items.map((item) => {
          const done = item.done || checked.includes(item.id);
          const open = item.id === next;
          return (
            <li key={item.id} className="border-t border-rule">
              <button
                type="button"
                role="checkbox"
                aria-checked={done}
                aria-label={say(item.text)}
                disabled={item.done}
                className="grid min-h-14 w-full grid-cols-[2.25rem_1fr] items-start gap-x-3 py-2.5 text-left"
                onClick={() => onCheck(item.id, !done)}
              >
                <span
                  className={`mt-0.5 grid size-8 place-items-center rounded border-2 ${done ? 'border-reed bg-reed text-onreed' : 'border-edge bg-leaf'}`}
                >
                  {done && <Check size={22} strokeWidth={3} aria-hidden />}
                </span>
                <span className={done ? 'text-soft' : ''}>
                  <span className={`block ${item.essential ? 'font-semibold' : ''}`}>{say(item.text)}</span>
                  {item.detail && (item.done || !done) && <span className="block">{say(item.detail)}</span>}
                  {item.problem && (
                    <span className="block font-medium text-rust">
                      {bankText.notHereText({ severity: item.problem.severity, text: say(item.problem.text) })}
                    </span>
                  )}
                  {open && (
                    <span className="block text-soft">
                      {say(item.reason)} <span className="text-sm">({say(basisMessage(item.basis))})</span>
                    </span>
                  )}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </Section>
  );
}
