import { bankText } from './text.en-GB.js';
import { BUCKET_TOO_WARM_K, MAT_BURNS_C, MAT_TOO_WARM_K } from '@keeper/core/care/heatForecast';
import { spanText } from '@keeper/core/measure/duration';
import type { OutingAssessment } from '@keeper/core/planning/assessOuting';
import { clockBetween } from '../../data/useOutingAssessment.js';

/** The clock of the hours that are looked at. */
const clockOf = (moments: OutingAssessment['moments']) =>
  clockBetween(moments?.[0]?.atMs ?? 0, moments?.at(-1)?.atMs ?? 0);

type Degrees = (tempC: number) => string;

/** The mat now and in the hours ahead. Empty while nothing is known of them. */
export function matSentence({ heat, moments, momentMs, soakLastsMs }: OutingAssessment, degrees: Degrees): string {
  const now = moments?.findLast(({ atMs }) => atMs <= momentMs) ?? moments?.[0];
  if (!heat || !now) return '';
  const clock = clockOf(moments);
  const lies = now.face === 'up' ? bankText.faceUp : bankText.faceDown;
  if (now.matC >= MAT_BURNS_C) return bankText.theMatIsBurning({ matC: degrees(now.matC) });
  if (now.matC - now.waterC > MAT_TOO_WARM_K) {
    return bankText.theMatIsAt({ matC: degrees(now.matC), waterC: degrees(now.waterC) });
  }
  if (heat.matDryMs) {
    const after = heat.matBurnsMs ? bankText.dryItIsBurning({ matBurnsMs: clock(heat.matBurnsMs) }) : '';
    return bankText.theSoakingLastsUntil({ matDryMs: clock(heat.matDryMs), after });
  }
  const lasts = soakLastsMs ? bankText.oneSoakingThenLasts({ soakLastsMs: spanText(soakLastsMs) }) : '';
  if (heat.matBurnsMs) return bankText.lyingTheMatWill({ lies, matBurnsMs: clock(heat.matBurnsMs), lasts });
  if (heat.matWarmMs) return bankText.lyingTheMatIs({ lies, matWarmMs: clock(heat.matWarmMs) });
  return bankText.lyingTheMatStays({ lies });
}

/** The bucket now and in the hours ahead. */
export function bucketSentence({ heat, moments, momentMs }: OutingAssessment, degrees: Degrees): string {
  const now = moments?.findLast(({ atMs }) => atMs <= momentMs) ?? moments?.[0];
  if (!heat || !now) return '';
  if (now.bucketC - now.waterC > BUCKET_TOO_WARM_K) {
    return bankText.changeTheBucketIt({ bucketC: degrees(now.bucketC), waterC: degrees(now.waterC) });
  }
  return heat.bucketWarmMs
    ? bankText.changeTheBucketBy({ bucketWarmMs: clockOf(moments)(heat.bucketWarmMs) })
    : bankText.theBucketStaysNear;
}

/** What wants doing now, as the outing goes on: the mat that burns, the bucket that is too warm. */
export function dueNow(assessment: OutingAssessment, degrees: Degrees): string[] {
  const { moments, momentMs } = assessment;
  const now = moments?.findLast(({ atMs }) => atMs <= momentMs);
  if (!now) return [];
  return [
    ...(now.matC - now.waterC > MAT_TOO_WARM_K ? [matSentence(assessment, degrees)] : []),
    ...(now.bucketC - now.waterC > BUCKET_TOO_WARM_K ? [bucketSentence(assessment, degrees)] : []),
  ];
}
