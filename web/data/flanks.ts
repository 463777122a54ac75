import { wrap, type Remote } from 'comlink';
import type { FlanksAnswer } from '@keeper/contract/flanks';
import type { WhoWork } from '../workers/whoIsThis.js';
import { useAskedOrCached } from './useAskedOrCached.js';

const AGAIN_MS = 1500;

/** The prints of all flanks of the book; kept on this device, so that they are there without a signal. */
export function useFlanks(): FlanksAnswer | undefined {
  // They are made one after the other: it is asked again until none is missing.
  return useAskedOrCached<FlanksAnswer>('flanks', '/flanks', (answer) => ((answer?.coming ?? 0) > 0 ? AGAIN_MS : false))
    .data;
}

let worker: Remote<WhoWork> | undefined;

/** Flanks are compared beside the page. */
export function whoWorker(): Remote<WhoWork> {
  worker ??= wrap<WhoWork>(
    new Worker(new URL('../workers/whoIsThis.ts', import.meta.url), { type: 'module', name: 'who' }),
  );
  return worker;
}
