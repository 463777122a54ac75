import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import {
  LOSS_REASONS,
  LOSS_WORDS,
  TACKLE_LEFT,
  TACKLE_LEFT_WORDS,
  type Loss,
  type LossReason,
  type TackleLeft,
} from '@keeper/core/domain/capture/rodFacts';
import { say } from '../../text/say.js';
import { OneTapEach } from './OneTapEach.js';
import { runText } from './text.en-GB.js';

interface LossQuestionsProps {
  readonly state: CaptureState;
  readonly onTold: (loss: Loss) => void;
}

/** How it got away, and what it has on it since: they tell of rigs. */
export function LossQuestions({ state, onTold }: LossQuestionsProps) {
  const loss = state.loss ?? {};
  return (
    <div className="mb-5 grid gap-4">
      <OneTapEach<LossReason>
        label={runText.howDidItGetAway}
        value={loss.reason}
        options={LOSS_REASONS.map((value) => ({ value, label: say(LOSS_WORDS[value]) }))}
        onTap={(reason) => onTold({ ...loss, reason })}
      />
      <OneTapEach<TackleLeft>
        label={runText.whatDoesItHaveOnIt}
        value={loss.left}
        options={TACKLE_LEFT.map((value) => ({ value, label: say(TACKLE_LEFT_WORDS[value]) }))}
        onTap={(left) => onTold({ ...loss, left })}
      />
    </div>
  );
}
