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
  const lies = now.face === 'up' ? 'face up' : 'face down';
  if (now.matC >= MAT_BURNS_C)
    return `The mat is burning hot now, at about ${degrees(now.matC)}. Soak it, shade it, or turn it face down.`;
  if (now.matC - now.waterC > MAT_TOO_WARM_K) {
    return `The mat is at about ${degrees(now.matC)}, too warm for a fish from water at ${degrees(now.waterC)}. Soak it before use.`;
  }
  if (heat.matDryMs) {
    const after = heat.matBurnsMs ? ` Dry, it is burning hot from about ${clock(heat.matBurnsMs)}.` : '';
    return `The soaking lasts until about ${clock(heat.matDryMs)}.${after}`;
  }
  const lasts = soakLastsMs ? ` One soaking then lasts about ${spanText(soakLastsMs)}.` : '';
  if (heat.matBurnsMs)
    return `Lying ${lies}, the mat will be burning hot from about ${clock(heat.matBurnsMs)}.${lasts}`;
  if (heat.matWarmMs) return `Lying ${lies}, the mat is too warm for a fish from about ${clock(heat.matWarmMs)}.`;
  return `Lying ${lies}, the mat stays cool enough through these hours.`;
}

/** The bucket now and in the hours ahead. */
export function bucketSentence({ heat, moments, momentMs }: OutingAssessment, degrees: Degrees): string {
  const now = moments?.findLast(({ atMs }) => atMs <= momentMs) ?? moments?.[0];
  if (!heat || !now) return '';
  if (now.bucketC - now.waterC > BUCKET_TOO_WARM_K) {
    return `Change the bucket: it is at about ${degrees(now.bucketC)} against ${degrees(now.waterC)} in the lake.`;
  }
  return heat.bucketWarmMs
    ? `Change the bucket by ${clockOf(moments)(heat.bucketWarmMs)}: from then it is three degrees above the lake.`
    : 'The bucket stays near the lake through these hours.';
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
