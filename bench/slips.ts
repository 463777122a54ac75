import { createRng } from '@keeper/core/statistics/rng';
import { explainEntry } from '@keeper/core/weighing/explain';
import { SLIPS, type SlipKind } from '@keeper/core/weighing/slip';
import { drawEntry } from '@keeper/standins/writtenEntry';
import { report } from './figures.js';

const ENTRIES = 5000;

/**
 * How well a wrong entry is explained: half of the entries carry one slip of a kind that is known. "First" is the head
 * of the list of slips as it is shown; "asked" is whether the entry would be questioned at all.
 */
export function slipsBench(): void {
  const luck = createRng('slips of the bench');
  const table = new Map<
    SlipKind,
    { count: number; first: number; three: number; asked: number; taken: Map<string, number> }
  >(SLIPS.map((kind) => [kind, { count: 0, first: 0, three: 0, asked: 0, taken: new Map() }]));
  let alarms = 0;
  for (let i = 0; i < ENTRIES; i += 1) {
    const { entry, slip } = drawEntry(luck, i % 2 === 0);
    const said = explainEntry(entry);
    if (!said) continue;
    const row = slip && table.get(slip);
    if (!row) {
      alarms += said.ask ? 1 : 0;
      continue;
    }
    const ranked = said.slips.map(({ kind }) => kind);
    row.count += 1;
    row.first += ranked[0] === slip ? 1 : 0;
    row.three += ranked.slice(0, 3).includes(slip) ? 1 : 0;
    row.asked += said.ask ? 1 : 0;
    const head = ranked[0] ?? 'none';
    row.taken.set(head, (row.taken.get(head) ?? 0) + 1);
  }
  const share = (part: number, whole: number) => `${((100 * part) / whole).toFixed(1)} %`.padStart(8);
  process.stdout.write(`${'slip'.padEnd(26)}entries   first  in three   asked   taken for\n`);
  for (const [kind, { count, first, three, asked, taken }] of table) {
    const others = [...taken]
      .filter(([other]) => other !== kind)
      .toSorted((a, b) => b[1] - a[1])
      .slice(0, 2);
    process.stdout.write(
      `${kind.padEnd(26)}${String(count).padStart(7)}${share(first, count)}${share(three, count).padStart(10)}${share(asked, count)}   ${others.map(([other, n]) => `${other} ${n}`).join(', ')}\n`,
    );
  }
  const all = [...table.values()];
  const sum = (of: 'count' | 'first' | 'three' | 'asked') => all.reduce((total, row) => total + row[of], 0);
  report('true kind of slip first', (100 * sum('first')) / sum('count'), '%', 85, 'more');
  report('true kind of slip among three', (100 * sum('three')) / sum('count'), '%', 97, 'more');
  report('slips asked about', (100 * sum('asked')) / sum('count'), '%');
  report('clean entries asked about', (200 * alarms) / ENTRIES, '%', 2);
}
