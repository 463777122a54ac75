import { StartError } from './storage/startError.js';
import { verify } from './verify.js';

verify(process.argv.slice(2), (line) => process.stdout.write(`${line}\n`)).then(
  (code) => process.exit(code),
  (cause: unknown) => {
    process.stderr.write(`${cause instanceof StartError ? cause.message : String(cause)}\n`);
    process.exit(1);
  },
);
