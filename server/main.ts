import 'reflect-metadata';
import { once } from 'node:events';
import type { RequestListener } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createApplication } from './application.js';
import { HomeService } from './home/home.service.js';
import { sayHome } from './home/sayHome.js';
import { prepareDataFolder, readOptions, type Options } from './options.js';
import { TROUBLE_SENTENCES } from '@keeper/contract/health';
import { Database } from './storage/database.js';
import { bookTroubleOf } from './storage/bookTrouble.js';
import { StartError } from './storage/startError.js';

/** Starts the server and says on one line where it can be found. */
async function main(): Promise<void> {
  // What is made here is for its owner alone.
  process.umask(0o077);
  process.on('unhandledRejection', (cause) => {
    // A failure that nobody waited for is a fault of ours, but no reason to leave the keeper without a book.
    process.stderr.write(`Nobody waited for this failure: ${cause instanceof Error ? cause.stack : String(cause)}\n`);
  });
  const options = readOptions(process.argv.slice(2), process.env);
  prepareDataFolder(options.dataFolder);
  await serve(options);
}

/** One server after the other: where a book is restored, the next begins once it is in its place. */
async function serve(options: Options): Promise<void> {
  // Found where it was, also where any free port was asked for.
  let port = options.port;
  const app = await createApplication(options, (meanwhile) => {
    app
      .close()
      .then(meanwhile)
      .catch((cause: unknown) => process.stderr.write(`The book could not be put in its place: ${String(cause)}\n`))
      .then(() => serve({ ...options, port }))
      .catch(giveUp);
  });
  await app.init();
  // Not by Nest's own way: it would print a taken port as an error of its own before the sentence below.
  const server = app.getHttpServer().listen(options.port, options.listen);
  await once(server, 'listening').catch((cause: NodeJS.ErrnoException) => {
    if (cause.code === 'EADDRINUSE') {
      throw new StartError(
        `Port ${options.port} is taken, perhaps by another keeper's server.\nChoose another: npm start -- --port ${options.port + 1}`,
      );
    }
    throw new StartError(`The server cannot listen on ${options.listen} port ${options.port}: ${cause.message}`);
  });
  const address = server.address() as AddressInfo;
  port = address.port;
  process.stdout.write(`Unhurried Keeper is at ${addressOf(address)}\n`);
  const { copiedTo } = app.get(Database);
  if (copiedTo !== null)
    process.stdout.write(`Its tables were brought up to date. The book as it was before: ${copiedTo}\n`);
  const home = app.get(HomeService);
  await home.begin(app.getHttpAdapter().getInstance() as RequestListener);
  if (options.home) process.stdout.write(await sayHome(home.state()));
}

function addressOf({ address, family, port }: AddressInfo): string {
  return `http://${family === 'IPv6' ? `[${address}]` : address}:${port}`;
}

function giveUp(error: unknown): void {
  const trouble = bookTroubleOf(error);
  const words =
    error instanceof StartError
      ? error.message
      : trouble
        ? TROUBLE_SENTENCES[trouble]
        : error instanceof Error
          ? error.stack
          : String(error);
  process.stderr.write(`${words}\n`);
  process.exit(1);
}

main().catch(giveUp);
