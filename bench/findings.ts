import { findingsOf, type Finding, type FindingsReport } from '@keeper/core/findings/findings';
import { createRng } from '@keeper/core/statistics/rng';
import { report, reportBetween } from './figures.js';
import { inventKeeper, type Truth } from './inventedKeeper.js';

const NOTHING: Truth = { outings: 150, firstLight: 1, swim: 1, bait: 1 };

/** What is found in the books of invented keepers whose truth is known; how often a plain average would have lied. */
export function findingsBench(books: number): void {
  const nulls = run(books, NOTHING, 'nothing');
  const lied = share(nulls, ({ findings }) => findings.some(({ says }) => says === 'found'));
  report('books of 150 outings where nothing is so: a finding', 100 * lied, '%', 5);
  const plain = share(nulls, ({ findings }) => findings.some(isPlainlyFound));
  report('  the same by a plain average: half as many again', 100 * plain, '%');
  for (const [of, level] of [
    ['firstLight', 'first'],
    ['swim', 'reeds'],
    ['bait', 'tiger nut'],
  ] as const) {
    const factor = of === 'firstLight' ? 'light' : of;
    for (const [outings, aim] of [
      [200, 80],
      [400, 90],
    ] as const) {
      const some = run(Math.ceil(books / 5), { ...NOTHING, outings, [of]: 2 }, `${of} ${outings}`);
      const here = some.map(({ findings }) => findings.find((each) => each.factor === factor));
      const found = share(here, (each) => each?.says === 'found' && each.level === level);
      report(`${of} twice as good, ${outings} outings: found`, 100 * found, '%', aim, 'more');
      reportBetween('  its interval holds the truth', 100 * covered(here, level, 2), '%', 93, 97);
    }
  }
  for (const [factor, level] of [
    ['light', 'first'],
    ['swim', 'reeds'],
    ['bait', 'tiger nut'],
  ] as const) {
    const here = nulls.map(({ findings }) => findings.find((each) => each.factor === factor));
    reportBetween(`${factor}: where nothing is so its interval holds 1`, 100 * covered(here, level, 1), '%', 93, 97);
  }
}

function run(books: number, truth: Truth, seed: string): FindingsReport[] {
  return Array.from({ length: books }, (_, n) =>
    findingsOf(inventKeeper(truth, createRng(`${seed} ${n}`)), createRng(`shuffles of ${seed} ${n}`)),
  );
}

function share<T>(of: readonly T[], is: (each: T) => boolean): number {
  return of.filter(is).length / of.length;
}

/** What somebody would say who divides fish by hours and looks no further. */
function isPlainlyFound({ levels }: Finding): boolean {
  const rates = levels.flatMap(({ rate }) => rate?.rate ?? []);
  const best = Math.max(...rates);
  const rest = rates.filter((rate) => rate !== best);
  return rest.length > 0 && best > 1.5 * (rest.reduce((sum, rate) => sum + rate, 0) / rest.length);
}

function covered(findings: readonly (Finding | undefined)[], level: string, truth: number): number {
  const ratios = findings.flatMap((each) => each?.levels.find((one) => one.level === level)?.ratio ?? []);
  return share(ratios, ({ low, high }) => low <= truth && truth <= high);
}
