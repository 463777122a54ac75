import 'reflect-metadata';
import { createApplication } from './application.js';
import { OptionsError, prepareDataFolder, readOptions } from './options.js';

/** Starts the server and says on one line where it can be found. */
async function main(): Promise<void> {
  const options = readOptions(process.argv.slice(2), process.env);
  prepareDataFolder(options.dataFolder);
  const app = await createApplication(options);
  await app.listen(options.port, options.listen).catch((cause: NodeJS.ErrnoException) => {
    if (cause.code === 'EADDRINUSE') {
      throw new OptionsError(
        `Port ${options.port} is taken, perhaps by another keeper's server.\nChoose another: npm start -- --port ${options.port + 1}`,
      );
    }
    throw new OptionsError(`The server cannot listen on ${options.listen} port ${options.port}: ${cause.message}`);
  });
  process.stdout.write(`Unhurried Keeper is at ${await app.getUrl()}\n`);
}

main().catch((error: unknown) => {
  const words = error instanceof OptionsError ? error.message : error instanceof Error ? error.stack : String(error);
  process.stderr.write(`${words}\n`);
  process.exitCode = 1;
});
