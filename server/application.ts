import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { AppModule } from './app.module.js';
import { configure } from './configure.js';
import type { Options } from './options.js';

/** The server package, whether this file runs from `dist/` or from its source. */
const here = dirname(fileURLToPath(import.meta.url)).replace(/[\\/]dist$/, '');

/** The whole server, ready to listen. */
export async function createApplication(options: Options): Promise<NestExpressApplication> {
  const folders = { migrations: join(here, 'drizzle'), web: join(here, '..', 'web', 'dist') };
  const app = await NestFactory.create<NestExpressApplication>(AppModule.register(options, folders), {
    logger: ['error', 'warn'],
    forceCloseConnections: true,
    abortOnError: false,
    bodyParser: false,
  });
  return configure(app, options);
}
