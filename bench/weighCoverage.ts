import { createRng } from '@keeper/core/statistics/rng';
import { gramsOf, GRAMS_PER_POUND, type Mass } from '@keeper/core/measure/mass';
import { stateWeight } from '@keeper/core/weighing/statedWeight';
import { weightResult } from '@keeper/core/weighing/result';
import { MOST_STEPS, weighFish, type WeighedHow } from '@keeper/standins/weighedFish';
import { quantile, reportBetween } from './figures.js';

const DIVISIONS: readonly Mass[] = [
  { unit: 'g', count: 5 },
  { unit: 'g', count: 10 },
  { unit: 'g', count: 20 },
  { unit: 'g', count: 50 },
  { unit: 'quarter-oz', count: 1 },
  { unit: 'quarter-oz', count: 2 },
  { unit: 'oz', count: 1 },
  { unit: 'oz', count: 2 },
  { unit: 'oz', count: 4 },
];
/** How it hung, and whether the keeper says where the hand was. */
const HUNG = [
  ['bar', true],
  ['tripod', true],
  ['hand', true],
  ['cupped', true],
  ['hand', false],
  ['cupped', false],
] as const;

interface Weighed {
  readonly how: WeighedHow;
  readonly holds: boolean;
  readonly wideShare: number;
}

/**
 * How often the interval that is printed holds the truth, over so many invented fish, scales, slings and checks: cells
 * are the surer, the more there are.
 */
export function weighCoverageBench(fish = 5000): void {
  const luck = createRng('coverage of a weight');
  const weighed: Weighed[] = [];
  let silent = 0;
  for (const method of ['zeroed', 'gross-minus-tare'] as const)
    for (const [support, handNoted] of HUNG)
      for (const checked of [true, false])
        for (const bracketed of [true, false])
          for (let i = 0; i < fish / 48; i += 1) {
            const truthGrams = GRAMS_PER_POUND * luck.between(5, 60);
            const fitting = DIVISIONS.filter((each) => truthGrams <= MOST_STEPS * gramsOf(each));
            const how = { method, support, handNoted, division: luck.pick(fitting), checked, bracketed };
            const one = weighFish(luck, truthGrams, how);
            const result = one && weightResult(one.reading, one.around);
            if (!one || !result) {
              silent += 1;
              continue;
            }
            const { grams, expandedGrams } = stateWeight(result);
            weighed.push({
              how,
              holds: Math.abs(grams - truthGrams) <= expandedGrams,
              wideShare: expandedGrams / truthGrams,
            });
          }
  process.stdout.write(
    `How often the printed interval holds the truth: ${weighed.length} fish, ${silent} without a value in half a minute\n`,
  );
  const cell = (name: string, of: (each: WeighedHow) => boolean) => {
    const in_ = weighed.filter(({ how }) => of(how));
    const held = (100 * in_.filter(({ holds }) => holds).length) / in_.length;
    const wide = (
      100 *
      quantile(
        in_.map(({ wideShare }) => wideShare),
        0.5,
      )
    ).toFixed(2);
    reportBetween(`${name} (${in_.length} fish, U ${wide} %)`, held, '%', 93, 97);
  };
  const known = ({ support, handNoted }: WeighedHow) => handNoted || (support !== 'hand' && support !== 'cupped');
  for (const checked of [true, false])
    for (const bracketed of [true, false])
      for (const method of ['zeroed', 'gross-minus-tare'] as const)
        cell(
          `${method}, ${checked ? 'checked' : 'not checked'}, ${bracketed ? 'bracketed' : 'not bracketed'}`,
          (how) => how.method === method && how.checked === checked && how.bracketed === bracketed && known(how),
        );
  for (const division of DIVISIONS)
    for (const checked of [true, false])
      cell(
        `${division.count} ${division.unit}, ${checked ? 'checked' : 'not checked'}`,
        (how) => how.division === division && how.checked === checked && known(how),
      );
  for (const [support, handNoted] of HUNG)
    for (const checked of [true, false])
      cell(
        `${support}${support === 'hand' || support === 'cupped' ? (handNoted ? ', noted' : ', not noted') : ''}, ${checked ? 'checked' : 'not checked'}`,
        (how) => how.support === support && how.handNoted === handNoted && how.checked === checked,
      );
}
