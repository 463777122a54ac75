import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A disk of a few megabytes that can be filled, emptied and made read-only without touching any other. */
export interface SmallDisk {
  /** Its folder, as a server started with `before` sees it. */
  readonly folder: string;
  /** The same folder, as this process sees it. */
  readonly seen: string;
  /** Words that start a command where the disk is. */
  readonly before: readonly string[];
  fill(): void;
  empty(): void;
  setReadOnly(isReadOnly: boolean): boolean;
  remove(): void;
}

/**
 * Makes one: a file system in memory, in a namespace of its own (unshare(1), mount(8) of util-linux). Undefined where
 * the system does not let this user do so.
 */
export async function makeSmallDisk(megabytes: number): Promise<SmallDisk | undefined> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-disk-'));
  const script = `mount -t tmpfs -o size=${megabytes}m tmpfs ${folder} && echo mounted && exec sleep 86400`;
  const holder = spawn('unshare', ['--user', '--map-root-user', '--mount', 'sh', '-c', script], {
    stdio: ['ignore', 'pipe', 'ignore'],
  });
  const isMounted = await new Promise<boolean>((resolve) => {
    holder.stdout.once('data', () => resolve(true));
    holder.once('error', () => resolve(false));
    holder.once('exit', () => resolve(false));
  });
  if (!isMounted) {
    rmSync(folder, { recursive: true, force: true });
    return undefined;
  }
  return diskOf(folder, holder);
}

function diskOf(folder: string, holder: ChildProcess): SmallDisk {
  const pid = String(holder.pid ?? 0);
  const before = ['nsenter', '--target', pid, '--user', '--mount', '--preserve-credentials'];
  const seen = `/proc/${pid}/root${folder}`;
  const filler = join(seen, 'filler');
  return {
    folder,
    seen,
    before,
    fill: () => {
      try {
        for (let i = 0; ; i += 1) writeFileSync(`${filler}${i}`, Buffer.alloc(i < 40 ? 1_000_000 : 4096));
      } catch (cause) {
        if ((cause as NodeJS.ErrnoException).code !== 'ENOSPC') throw cause;
      }
    },
    empty: () => {
      for (let i = 0; existsSync(`${filler}${i}`); i += 1) rmSync(`${filler}${i}`);
    },
    setReadOnly: (isReadOnly) => {
      const [command = '', ...args] = [...before, 'mount', '-o', `remount,${isReadOnly ? 'ro' : 'rw'}`, folder];
      return spawnSync(command, args).status === 0;
    },
    remove: () => {
      holder.kill('SIGKILL');
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
