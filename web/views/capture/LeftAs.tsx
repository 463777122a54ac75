import { captureText } from './text.en-GB.js';
import { LEAVINGS, type Leaving } from '@keeper/core/domain/capture/event';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { makeEvent, record } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { LEAVING_WORDS } from '../../parts/leavingWords.js';
import { NotKept } from '../../parts/NotKept.js';

/**
 * How a fish left, noted or put right afterwards; that it was found dead later as well. What was said before stays in
 * the log.
 */
export function LeftAs({ state, onDone }: { state: CaptureState; onDone: () => void }) {
  const { keep, notKept } = useRecord();
  const say = async (leaving: Leaving) => {
    const event = makeEvent(state.captureId, state.begunAt, 'left-as', { leaving });
    if (await keep(() => record([event]))) onDone();
  };
  return (
    <div role="group" aria-label={captureText.howDidItLeave} className="grid gap-2.5">
      {LEAVINGS.map((leaving) => (
        <button
          key={leaving}
          type="button"
          aria-pressed={state.leaving === leaving}
          className="button min-h-14 aria-pressed:border-ink"
          onClick={() => void say(leaving)}
        >
          {LEAVING_WORDS[leaving]}
        </button>
      ))}
      <NotKept when={notKept} />
    </div>
  );
}
