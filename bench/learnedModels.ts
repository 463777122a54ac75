import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { readLearned, type LearnedModels } from '@keeper/core/recognition/learned/learnedModels';

/** What was learned, as the file in core has it. */
export function learnedModels(): LearnedModels {
  return readLearned(readFileSync(createRequire(import.meta.url).resolve('@keeper/core/learned.bin')));
}
