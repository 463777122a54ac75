import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { KeeperServer } from './keeperServer.js';

/** Where the demo book of this run lies, for all its workers. */
export const DEMO_BOOK = 'KEEPER_E2E_DEMO';

/** Fills the demo book once a run; each worker begins with a copy of it. */
export default async function fillDemoBook(): Promise<() => void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-e2e-demo-'));
  const server = new KeeperServer();
  await server.start();
  await server.fillDemo(4);
  await server.closeInto(folder);
  process.env[DEMO_BOOK] = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}
