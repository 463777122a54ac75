import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { AppModule } from './app.module.js';
import type { Restart } from './backup/restart.js';
import { configure } from './configure.js';
import type { Options } from './options.js';
import { checkBookInThread } from './storage/checkBook.js';
import { Database } from './storage/database.js';
import { PatientAdapter } from './patientAdapter.js';

/** The server package, whether this file runs from its source, from `dist/` or from the bundle in it. */
const here = dirname(fileURLToPath(import.meta.url)).replace(/[\\/]dist([\\/]bundled)?$/, '');

/** The whole server, ready to listen. @throws StartError when the book cannot be opened */
export async function createApplication(options: Options, restart: Restart): Promise<NestExpressApplication> {
  const folders = { migrations: join(here, 'drizzle'), web: join(here, '..', 'web', 'dist') };
  // Before anything else: what is wrong with the book is told to whoever started the server.
  const database = Database.open(options.dataFolder, folders.migrations);
  if (database.wasInUse) await database.check(checkBookInThread);
  const module = AppModule.register(options, database, { migrations: folders.migrations, restart });
  const app = await NestFactory.create<NestExpressApplication>(module, new PatientAdapter(), {
    logger: ['error', 'warn'],
    abortOnError: false,
    bodyParser: false,
  });
  return configure(app, options, folders.web);
}
