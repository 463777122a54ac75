// Type-checks every room with its tests.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

const tsc = join('node_modules', 'typescript', 'bin', 'tsc');
const rooms = ['core', 'contract', 'painter', 'standins', 'demo', 'server', 'web', 'e2e', 'stress', 'bench'];
const bad = rooms.filter((room) => {
  const { status } = spawnSync(process.execPath, [tsc, '-p', join(room, 'tsconfig.json')], { stdio: 'inherit' });
  return status !== 0;
});
if (bad.length > 0) process.stderr.write(`Types do not hold in: ${bad.join(', ')}\n`);
process.exit(bad.length > 0 ? 1 : 0);
