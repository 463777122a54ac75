import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { fuzz } from './fuzz.js';
import { SENDERS } from './homeDoor.js';

const { values } = parseArgs({
  options: {
    seed: { type: 'string', default: '1' },
    count: { type: 'string', default: '100000' },
    as: { type: 'string', default: 'machine' },
  },
});
const root = fileURLToPath(new URL('../..', import.meta.url));
const say = (line: string) => process.stdout.write(`${line}\n`);

const sender = SENDERS.find((each) => each === values.as);
if (!sender) {
  say(`Known after --as: ${SENDERS.join(', ')}`);
  process.exit(1);
}
const result = await fuzz(root, values.seed, Number(values.count), sender);
for (const { request, status, answer } of result.failed.slice(0, 20)) {
  const body = typeof request.body === 'string' ? request.body.slice(0, 400) : '';
  say(`${status} ${request.method} ${request.path}\n  ${body}\n  ${answer}`);
}
for (const { request, found } of result.leaks.slice(0, 20)) say(`${request.method} ${request.path} told ${found}`);
if (result.failed.length > 0) say(result.said.slice(-3000));
const statuses = [...result.byStatus].sort(([a], [b]) => a - b).map(([status, n]) => `${status}: ${n}`);
say(statuses.join(', '));
say(`Slowest: ${result.slowest}`);
say(
  `${result.requests} requests as ${sender}, ${result.failed.length} of 5xx, ${result.leaks.length} leaks, slowest ${result.slowestMs.toFixed(0)} ms, memory ${result.peakMb?.toFixed(0) ?? '?'} MB`,
);
process.exit(result.failed.length + result.leaks.length === 0 && result.endedWell ? 0 : 1);
