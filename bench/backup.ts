import { execFileSync, spawnSync } from 'node:child_process';
import { createHash, randomFillSync } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import SqliteDatabase from 'better-sqlite3';
import { report } from './figures.js';
import { runServer } from './runningServer.js';

const command = fileURLToPath(new URL('../../server/dist/backupCommand.js', import.meta.url));
const PICTURE_BYTES = 5_000_000;
/** So much of the speed of a bare copy with its sums is wanted. */
const AIM_SHARE = 0.8;
const AIM_MB = 300;

/**
 * A backup and its return beside `cp` and `sha256sum` of the same files in the same run, and the memory that they take.
 * `gigabytes` of invented pictures lie in the book; reading back what was written is part of a backup.
 */
export async function backupBench(gigabytes: number): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-backup-bench-'));
  try {
    const data = join(folder, 'data');
    const server = await runServer(data);
    await server.stop();
    const originals = join(data, 'pictures', 'originals');
    const bytes = fillWith(originals, join(data, 'book.sqlite'), Math.round((gigabytes * 1e9) / PICTURE_BYTES));
    const bareS = timed(() => {
      execFileSync('cp', ['-r', data, join(folder, 'copy')]);
      execFileSync('sh', ['-c', `find ${join(folder, 'copy')} -type f -exec sha256sum {} + > ${join(folder, 'sums')}`]);
    });
    rmSync(join(folder, 'copy'), { recursive: true });
    const file = join(folder, 'book.zip');
    const [out, back] = [
      run(['backup', file, '--data', data]),
      run(['restore', file, '--data', join(folder, 'restored')]),
    ];
    const megabytes = bytes / 1e6;
    report('backup: cp and sha256sum of the same files', megabytes / bareS, 'MB/s');
    report('backup: written and read back', megabytes / out.seconds, 'MB/s');
    report('backup: share of the speed of cp and sha256sum', bareS / out.seconds, '', AIM_SHARE, 'more');
    report('backup: restored', megabytes / back.seconds, 'MB/s');
    report('backup: restored, share of cp and sha256sum', bareS / back.seconds, '', AIM_SHARE, 'more');
    report('backup: most memory, backup', out.mostMb, 'MB', AIM_MB);
    report('backup: most memory, restore', back.mostMb, 'MB', AIM_MB);
    report('backup: size of it', statSync(file).size / 1e6, 'MB');
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

function fillWith(originals: string, book: string, count: number): number {
  const sqlite = new SqliteDatabase(book);
  const columns = (
    sqlite.prepare('PRAGMA table_info(pictures)').all() as { name: string; notnull: number; type: string }[]
  )
    .filter(({ notnull, name }) => notnull === 1 || name === 'sha256')
    .map(({ name, type }) => ({ name, type }));
  const insert = sqlite.prepare(
    `INSERT INTO pictures (${columns.map(({ name }) => name).join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
  );
  const bytes = Buffer.alloc(PICTURE_BYTES);
  for (let i = 0; i < count; i += 1) {
    randomFillSync(bytes);
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    mkdirSync(join(originals, sha256.slice(0, 2)), { recursive: true });
    writeFileSync(join(originals, sha256.slice(0, 2), sha256), bytes);
    insert.run(columns.map(({ name, type }) => (name === 'sha256' ? sha256 : type.toLowerCase() === 'text' ? 'x' : 1)));
  }
  sqlite.close();
  return count * PICTURE_BYTES;
}

function timed(work: () => void): number {
  const began = performance.now();
  work();
  return (performance.now() - began) / 1000;
}

/** Says at the end of a process the most memory that it held, in KiB. */
const SAYS_MEMORY = "process.on('exit',()=>process.stderr.write('most '+process.resourceUsage().maxRSS))";

/** Runs the command, and how long and with how much memory it ran. */
function run(args: readonly string[]): { seconds: number; mostMb: number } {
  const began = performance.now();
  const saying = ['--import', `data:text/javascript,${SAYS_MEMORY}`];
  const { status, stderr } = spawnSync(process.execPath, [...saying, command, ...args], { encoding: 'utf8' });
  if (status !== 0) throw new Error(`${args.join(' ')} failed: ${stderr}`);
  return {
    seconds: (performance.now() - began) / 1000,
    mostMb: Number(/most (\d+)/.exec(stderr)?.[1] ?? NaN) * 1.024e-3,
  };
}
