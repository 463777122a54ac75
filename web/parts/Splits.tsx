import { partsText } from './text.en-GB.js';
import { say } from '../text/say.js';
import type { HandlingPast, Split } from '@keeper/core/care/handling';
import { STEP_WORDS } from '@keeper/core/domain/capture/steps';
import { clockText, spanText } from '@keeper/core/measure/duration';

interface SplitsProps {
  readonly splits: readonly Split[];
  readonly past: HandlingPast;
}

/**
 * Step by step, how long each took; the tick is the keeper's own median. The fight is in another measure than the steps
 * and has no bar.
 */
export function Splits({ splits, past }: SplitsProps) {
  const handled = splits.filter(({ step }) => step !== 'netted');
  const longestMs = Math.max(1, ...handled.map(({ tookMs, step }) => Math.max(tookMs, usualMs(past, step) ?? 0)));
  const share = (ms: number) => `${Math.min(100, (100 * ms) / longestMs)}%`;
  return (
    <ol>
      {splits.map(({ step, atMs, tookMs }) => {
        const usual = usualMs(past, step);
        return (
          <li
            key={`${step}${atMs}`}
            className="grid grid-cols-[2.75rem_6rem_1fr_4rem] items-center gap-2.5 sm:grid-cols-[3.5rem_8.5rem_1fr_4.5rem] border-t border-rule py-2"
          >
            <span className="text-right font-semibold tabular-nums">{clockText(atMs)}</span>
            <span className="leading-tight">{say(STEP_WORDS[step].done)}</span>
            <span className="relative h-4" aria-hidden>
              {step !== 'netted' && (
                <>
                  <span
                    className="absolute inset-y-0 left-0 rounded-r-sm border border-water bg-waterfill"
                    style={{ width: share(tookMs) }}
                  />
                  {usual !== null && (
                    <span className="absolute -inset-y-1 w-[3px] bg-ink" style={{ left: share(usual) }} />
                  )}
                </>
              )}
            </span>
            <span className="text-right whitespace-nowrap tabular-nums">
              {spanText(tookMs)}
              {usual !== null && <span className="sr-only">{partsText.usually({ usual: spanText(usual) })}</span>}
            </span>
          </li>
        );
      })}
    </ol>
  );
}

function usualMs(past: HandlingPast, step: Split['step']): number | null {
  return past.steps.find((each) => each.step === step && each.times > 1)?.medianMs ?? null;
}
