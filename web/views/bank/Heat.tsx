import { bankText } from './text.en-GB.js';
import type { OutingAssessment } from '@keeper/core/planning/assessOuting';
import type { CareKind } from '@keeper/core/domain/outing/event';
import type { MatFace } from '@keeper/core/domain/outing/careDeed';
import { formatTemperature, type TempUnit } from '@keeper/core/measure/temperature';
import { Section } from '../../parts/Section.js';
import { bucketSentence, matSentence } from './heatWords.js';

interface HeatProps {
  readonly assessment: OutingAssessment;
  readonly habit: TempUnit;
  readonly onDeed: (kind: CareKind, face?: MatFace) => void;
}

/** What mat and bucket will do in the hours ahead, said with its hour, and one tap for what was done about it. */
export function Heat({ assessment, habit, onDeed }: HeatProps) {
  const { heat, moments, momentMs } = assessment;
  const now = moments?.findLast(({ atMs }) => atMs <= momentMs) ?? moments?.[0];
  if (!heat || !now) return null;
  const face = now.face;
  const degrees = (tempC: number) => formatTemperature(tempC, habit);
  const deed = 'button min-h-14';
  return (
    <Section title={bankText.matAndBucket}>
      <div className="grid gap-5 sm:grid-cols-2">
        <div>
          <p className="mb-3">{matSentence(assessment, degrees)}</p>
          <div className="flex flex-wrap gap-2">
            <button type="button" className={deed} onClick={() => onDeed('soaked')}>
              {bankText.soaked}
            </button>
            <button type="button" className={deed} onClick={() => onDeed('turned', face === 'up' ? 'down' : 'up')}>
              {bankText.turnedFaceDownTurned({ face })}
            </button>
          </div>
        </div>
        <div>
          <p className="mb-3">{bucketSentence(assessment, degrees)}</p>
          <button type="button" className={deed} onClick={() => onDeed('bucket-changed')}>
            {bankText.bucketChanged}
          </button>
        </div>
      </div>
    </Section>
  );
}
