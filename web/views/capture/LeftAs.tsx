import { LEAVINGS, type Leaving } from '@keeper/core/domain/capture/event';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { useState } from 'react';
import { makeEvent, record } from '../../data/keeper.js';
import { LEAVING_WORDS } from '../../parts/leavingWords.js';
import { Notice } from '../../parts/Notice.js';

/** How a fish left, noted or put right afterwards; that it was found dead later as well. What was said before stays in the log. */
export function LeftAs({ state, onDone }: { state: CaptureState; onDone: () => void }) {
  const [notKept, setNotKept] = useState(false);
  const say = (leaving: Leaving) =>
    void record([makeEvent(state.captureId, state.startedAt, 'left-as', { leaving })]).then(onDone, () =>
      setNotKept(true),
    );
  return (
    <div role="group" aria-label="How did it leave?" className="grid gap-2.5">
      {LEAVINGS.map((leaving) => (
        <button
          key={leaving}
          type="button"
          aria-pressed={state.leaving === leaving}
          className="button min-h-14 aria-pressed:border-ink"
          onClick={() => say(leaving)}
        >
          {LEAVING_WORDS[leaving]}
        </button>
      ))}
      {notKept && <Notice role="alert">It could not be kept: this device may have no room left. Tap it again.</Notice>}
    </div>
  );
}
