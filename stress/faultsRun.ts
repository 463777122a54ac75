import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { Faults } from './faults.js';

const { values } = parseArgs({
  options: { seed: { type: 'string', default: '1' }, count: { type: 'string', default: '1000' } },
});
const root = fileURLToPath(new URL('../..', import.meta.url));
const say = (line: string) => process.stdout.write(`${line}\n`);

const work = mkdtempSync(join(tmpdir(), 'keeper-faults-'));
const result = await Faults.befall(root, values.seed, Number(values.count), work);
rmSync(work, { recursive: true, force: true });
for (const line of result.wrong.slice(0, 40)) say(line);
say(
  Object.entries(result.happened)
    .map(([fault, n]) => `${fault}: ${n}`)
    .join(', '),
);
if (result.notTried.length > 0) say(`Not allowed here, and not tried: ${result.notTried.join(', ')}`);
const faults = Object.values(result.happened).reduce((sum, n) => sum + n, 0);
const { acknowledged, lost, doubled, changed, wrong } = result;
say(`${faults} faults, ${acknowledged} taps acknowledged, ${lost} lost, ${doubled} doubled, ${changed} changed`);
process.exit(wrong.length + lost + doubled + changed === 0 ? 0 : 1);
