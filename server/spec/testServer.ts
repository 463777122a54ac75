import 'reflect-metadata';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { Test } from '@nestjs/testing';
import supertest from 'supertest';
import { PASSPHRASE_COST, type ScryptCost } from '../access/passphrase.js';
import type { Restart } from '../backup/restart.js';
import { AppModule } from '../app.module.js';
import { configure } from '../configure.js';
import { readOptions, type Options } from '../options.js';
import { Database } from '../storage/database.js';
import { PatientAdapter } from '../patientAdapter.js';

const CHEAP: ScryptCost = { logN: 4, r: 8, p: 1 };

/** A whole server over HTTP, with a book of its own in a folder that goes when it closes. */
export async function testServer(change: Partial<Options> = {}, restart: Restart = () => undefined) {
  const dataFolder = mkdtempSync(join(tmpdir(), 'keeper-spec-'));
  const options = { ...readOptions(['--port', '0', '--data', dataFolder], {}), ...change };
  const folders = { migrations: join(__dirname, '..', 'drizzle'), web: join(dataFolder, 'web') };
  const module = await Test.createTestingModule({
    imports: [
      AppModule.register(options, Database.open(dataFolder, folders.migrations), {
        migrations: folders.migrations,
        restart,
      }),
    ],
  })
    // What a passphrase costs is held where it is made.
    .overrideProvider(PASSPHRASE_COST)
    .useValue(CHEAP)
    .compile();
  const app = configure(
    module.createNestApplication<NestExpressApplication>(new PatientAdapter(), { bodyParser: false, logger: false }),
    options,
    folders.web,
  );
  await app.listen(0, '127.0.0.1');
  return {
    dataFolder,
    app,
    http: supertest(app.getHttpServer()),
    close: async () => {
      await app.close();
      rmSync(dataFolder, { recursive: true, force: true });
    },
  };
}

export type TestServer = Awaited<ReturnType<typeof testServer>>;
