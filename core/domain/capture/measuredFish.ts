import type { CaptureSummary } from './summary.js';

/** A fish that was measured or weighed, as far as kit, meetings and lists ask: a part of its line in the book. */
export type MeasuredFish = Pick<
  CaptureSummary,
  | 'captureId'
  | 'startedAt'
  | 'dated'
  | 'zone'
  | 'outcome'
  | 'species'
  | 'waterId'
  | 'fishId'
  | 'keeperId'
  | 'length'
  | 'lengthMm'
  | 'net'
  | 'netGrams'
  | 'girthMm'
  | 'overScaleGrams'
  | 'pictures'
  | 'putForward'
>;

export const MEASURED_FIELDS = [
  'captureId',
  'startedAt',
  'dated',
  'zone',
  'outcome',
  'species',
  'waterId',
  'fishId',
  'keeperId',
  'length',
  'lengthMm',
  'net',
  'netGrams',
  'girthMm',
  'overScaleGrams',
  'pictures',
  'putForward',
] as const satisfies readonly (keyof MeasuredFish)[];
