import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { readLearned, type LearnedModels } from '@keeper/core/recognition/learned/learnedModels';
import { readWeights, writeWeights, type NamedWeights } from '@keeper/core/recognition/learned/weightsFile';

const file = () => createRequire(import.meta.url).resolve('@keeper/core/learned.bin');

/** What was learned, as the file in core has it. */
export function learnedModels(): LearnedModels {
  return readLearned(readFileSync(file()));
}

/** Writes what was learned anew over what the file had of it (all whose names begin with `part`); the rest stays. */
export function keepLearned(part: string, learned: readonly NamedWeights[]): void {
  const kept = [...readWeights(readFileSync(file()))]
    .filter(([name]) => !name.startsWith(`${part}/`))
    .map(([name, weights]) => ({ name, weights, ...shapeOf(name) }));
  writeFileSync(file(), writeWeights([...kept, ...learned]));
}

function shapeOf(name: string): Pick<NamedWeights, 'bytes' | 'hasConstant'> {
  return name.startsWith('finder/') ? { bytes: 2, hasConstant: false } : { bytes: 1, hasConstant: true };
}
