import { createInterface } from 'node:readline/promises';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { SetPassphraseDto } from '@keeper/contract/access';
import { resetPassphrase } from './access/resetPassphrase.js';
import { readOptions } from './options.js';
import { StartError } from './storage/startError.js';

/** Sets the passphrase on the machine that keeps the book, also beside a server that runs: `npm run passphrase`. */
async function main(): Promise<void> {
  const { dataFolder } = readOptions(process.argv.slice(2), process.env);
  const asking = createInterface({ input: process.stdin, output: process.stderr });
  const next = await asking.question('The new passphrase (12 signs at least; a few words in a row are good): ');
  asking.close();
  const [problem] = validateSync(plainToInstance(SetPassphraseDto, { next }));
  if (problem) throw new StartError(Object.values(problem.constraints ?? {}).join(' '));
  await resetPassphrase(dataFolder, next, new Date());
  process.stdout.write('The passphrase is set. Every device has to be let in again.\n');
}

main().catch((cause: unknown) => {
  process.stderr.write(`${cause instanceof StartError ? cause.message : String(cause)}\n`);
  process.exit(1);
});
