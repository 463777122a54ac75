import { useQuery } from '@tanstack/react-query';
import type { MeasuredFish } from '@keeper/core/domain/capture/measuredFish';
import { asked } from './asked.js';

const NONE: readonly MeasuredFish[] = [];

/** Every fish of the book that was measured or weighed, newest first. */
export function useMeasured(): readonly MeasuredFish[] {
  return useQuery(asked.measured).data ?? NONE;
}
