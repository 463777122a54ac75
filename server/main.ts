import 'reflect-metadata';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { createApplication } from './application.js';
import { OptionsError, prepareDataFolder, readOptions } from './options.js';

/** Starts the server and says on one line where it can be found. */
async function main(): Promise<void> {
  const options = readOptions(process.argv.slice(2), process.env);
  prepareDataFolder(options.dataFolder);
  const app = await createApplication(options);
  await app.init();
  // Not by Nest's own way: it would print a taken port as an error of its own before the sentence below.
  const server = app.getHttpServer().listen(options.port, options.listen);
  await once(server, 'listening').catch((cause: NodeJS.ErrnoException) => {
    if (cause.code === 'EADDRINUSE') {
      throw new OptionsError(
        `Port ${options.port} is taken, perhaps by another keeper's server.\nChoose another: npm start -- --port ${options.port + 1}`,
      );
    }
    throw new OptionsError(`The server cannot listen on ${options.listen} port ${options.port}: ${cause.message}`);
  });
  process.stdout.write(`Unhurried Keeper is at ${addressOf(server.address() as AddressInfo)}\n`);
}

function addressOf({ address, family, port }: AddressInfo): string {
  return `http://${family === 'IPv6' ? `[${address}]` : address}:${port}`;
}

main().catch((error: unknown) => {
  const words = error instanceof OptionsError ? error.message : error instanceof Error ? error.stack : String(error);
  process.stderr.write(`${words}\n`);
  process.exit(1);
});
