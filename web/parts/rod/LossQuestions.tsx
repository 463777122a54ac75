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
import { OneTapEach } from '../OneTapEach.js';
import { partsText } from '../text.en-GB.js';

interface LossQuestionsProps {
  /** What was told of it so far. */
  readonly loss: Loss;
  readonly onTold: (loss: Loss) => void;
}

/** How it got away, and what it has on it since: they tell of rigs. */
export function LossQuestions({ loss, onTold }: LossQuestionsProps) {
  return (
    <div className="mb-5 grid gap-4">
      <OneTapEach<LossReason>
        label={partsText.howDidItGetAway}
        value={loss.reason}
        options={LOSS_REASONS.map((value) => ({ value, label: say(LOSS_WORDS[value]) }))}
        onTap={(reason) => onTold({ ...loss, reason })}
      />
      <OneTapEach<TackleLeft>
        label={partsText.whatDoesItHaveOnIt}
        value={loss.left}
        options={TACKLE_LEFT.map((value) => ({ value, label: say(TACKLE_LEFT_WORDS[value]) }))}
        onTap={(left) => onTold({ ...loss, left })}
      />
    </div>
  );
}
