import { createHash } from 'node:crypto';
import { basename } from 'node:path';
import { PluginKind, declareClassPlugin } from '@stryker-mutator/api/plugin';

/**
 * A fair share of a room's faults, the same ones each time: a fault is taken by a hash of what it is and where, so that
 * neither the order nor the number of workers changes the choice. MUTATE_SHARE is between 0 and 1.
 */
export function isInSample({ fileName, location: { start, end }, mutatorName, replacement }, share) {
  const name = JSON.stringify([
    basename(fileName),
    start.line,
    start.column,
    end.line,
    end.column,
    mutatorName,
    replacement,
  ]);
  return createHash('sha256').update(name).digest().readUInt32BE(0) / 2 ** 32 < share;
}

/** Where the mutation tester asks whether a fault compiles, those outside the sample are said not to: they do not run. */
class SampleChecker {
  share = Number(process.env.MUTATE_SHARE ?? 1);

  async init() {}

  async check(mutants) {
    return Object.fromEntries(
      mutants.map((mutant) => [
        mutant.id,
        isInSample(mutant, this.share)
          ? { status: 'passed' }
          : { status: 'compileError', reason: 'outside the sample' },
      ]),
    );
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.Checker, 'sample', SampleChecker)];
