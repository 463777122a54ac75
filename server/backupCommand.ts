import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { backup, restore } from './backup/backup.js';
import { StartError } from './storage/startError.js';

/** `npm run backup -- FILE` and `npm run restore -- FILE`. */
async function main([command, ...argv]: readonly string[]): Promise<number> {
  const say = (line: string) => process.stdout.write(`${line}\n`);
  const migrations = join(dirname(fileURLToPath(import.meta.url)), '..', 'drizzle');
  // What is made here is for its owner alone.
  process.umask(0o077);
  return command === 'restore' ? restore(argv, say, migrations) : backup(argv, say, new Date());
}

main(process.argv.slice(2)).then(
  (code) => process.exit(code),
  (cause: unknown) => {
    process.stderr.write(`${cause instanceof StartError ? cause.message : String(cause)}\n`);
    process.exit(1);
  },
);
