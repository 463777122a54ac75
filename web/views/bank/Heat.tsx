import type { Prospect } from '@keeper/core/outing/prospect';
import type { CareKind } from '@keeper/core/outing/event';
import type { MatFace } from '@keeper/core/care/mat';
import { BUCKET_TOO_WARM_K, MAT_BURNS_C, MAT_TOO_WARM_K } from '@keeper/core/care/outlook';
import { spanText } from '@keeper/core/measure/duration';
import { formatTemperature, type TempHabit } from '@keeper/core/measure/temperature';
import { clock } from '../../data/useProspect.js';
import { Part } from '../../parts/Part.js';

interface HeatProps {
  readonly prospect: Prospect;
  readonly habit: TempHabit;
  readonly onDeed: (kind: CareKind, face?: MatFace) => void;
}

/** What mat and bucket will do in the hours ahead, said with its hour, and one tap for what was done about it. */
export function Heat({ prospect, habit, onDeed }: HeatProps) {
  const { heat, moments, momentMs } = prospect;
  const now = moments?.findLast(({ atMs }) => atMs <= momentMs) ?? moments?.[0];
  if (!heat || !now) return null;
  const face = now.face;
  const degrees = (tempC: number) => formatTemperature(tempC, habit);
  const deed = 'button min-h-14';
  return (
    <Part title="Mat and bucket">
      <div className="grid gap-5 sm:grid-cols-2">
        <div>
          <p className="mb-3">{matSentence(prospect, degrees)}</p>
          <div className="flex flex-wrap gap-2">
            <button type="button" className={deed} onClick={() => onDeed('soaked')}>
              Soaked
            </button>
            <button type="button" className={deed} onClick={() => onDeed('turned', face === 'up' ? 'down' : 'up')}>
              {face === 'up' ? 'Turned face down' : 'Turned face up'}
            </button>
          </div>
        </div>
        <div>
          <p className="mb-3">{bucketSentence(prospect, degrees)}</p>
          <button type="button" className={deed} onClick={() => onDeed('bucket-changed')}>
            Bucket changed
          </button>
        </div>
      </div>
    </Part>
  );
}

type Degrees = (tempC: number) => string;

function matSentence({ heat, moments, momentMs, soakLastsMs }: Prospect, degrees: Degrees): string {
  const now = moments?.findLast(({ atMs }) => atMs <= momentMs) ?? moments?.[0];
  if (!heat || !now) return '';
  const lies = now.face === 'up' ? 'face up' : 'face down';
  if (now.matC >= MAT_BURNS_C)
    return `The mat burns now, at about ${degrees(now.matC)}. Soak it, shade it, or turn it face down.`;
  if (now.matC - now.waterC > MAT_TOO_WARM_K) {
    return `The mat is at about ${degrees(now.matC)}, too warm for a fish from water at ${degrees(now.waterC)}. Soak it before use.`;
  }
  if (heat.matDryMs) {
    const after = heat.matBurnsMs ? ` Dry, it burns from about ${clock(heat.matBurnsMs)}.` : '';
    return `The soaking lasts until about ${clock(heat.matDryMs)}.${after}`;
  }
  const lasts = soakLastsMs ? ` One soaking then lasts about ${spanText(soakLastsMs)}.` : '';
  if (heat.matBurnsMs) return `Lying ${lies}, the mat will burn from about ${clock(heat.matBurnsMs)}.${lasts}`;
  if (heat.matWarmMs) return `Lying ${lies}, the mat is too warm for a fish from about ${clock(heat.matWarmMs)}.`;
  return `Lying ${lies}, the mat stays cool enough through these hours.`;
}

function bucketSentence({ heat, moments, momentMs }: Prospect, degrees: Degrees): string {
  const now = moments?.findLast(({ atMs }) => atMs <= momentMs) ?? moments?.[0];
  if (!heat || !now) return '';
  if (now.bucketC - now.waterC > BUCKET_TOO_WARM_K) {
    return `Change the bucket: it stands about ${degrees(now.bucketC)} against ${degrees(now.waterC)} in the lake.`;
  }
  return heat.bucketWarmMs
    ? `The bucket wants changing by ${clock(heat.bucketWarmMs)}: from then it stands three degrees above the lake.`
    : 'The bucket stays near the lake through these hours.';
}
