import { readLearned, type LearnedModels } from '@keeper/core/recognition/learned/learnedModels';
import learnedUrl from '@keeper/core/learned.bin?url';

let learned: Promise<LearnedModels> | undefined;

/** What was learned of fish; fetched once a worker, and of one file for all. A failure is tried again. */
export function learnedModels(): Promise<LearnedModels> {
  learned ??= fetch(learnedUrl)
    .then(async (response) => {
      if (!response.ok) throw new Error(`What was learned of fish was not given (${response.status}).`);
      return readLearned(new Uint8Array(await response.arrayBuffer()));
    })
    .catch((reason: unknown) => {
      learned = undefined;
      throw reason;
    });
  return learned;
}
