import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { makeAuthority, makeLeaf, type Certified } from './authority.js';
import { readCertified, serves, writeCertified } from './certificateFiles.js';
import type { HomeNames } from './homeNames.js';

/** The authority of the folder, made where there is none. `wasLost`: there was one, and it cannot be used any more. */
export async function keepAuthority(
  folder: string,
  home: HomeNames,
  now: Date,
): Promise<{ readonly authority: Certified; readonly wasLost: boolean }> {
  const file = join(folder, 'authority.pem');
  const kept = readCertified(file);
  if (kept) return { authority: kept, wasLost: false };
  const wasLost = existsSync(file);
  const authority = await makeAuthority(home, now);
  writeCertified(file, authority);
  return { authority, wasLost };
}

/** The server's certificate of the folder, made anew where it does not serve for now. */
export async function keepLeaf(folder: string, authority: Certified, home: HomeNames, now: Date): Promise<Certified> {
  const file = join(folder, 'server.pem');
  const kept = readCertified(file);
  if (kept && serves(kept, authority, home, now)) return kept;
  const leaf = await makeLeaf(authority, home, now);
  writeCertified(file, leaf);
  return leaf;
}
