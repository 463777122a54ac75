import type { CaptureStory } from '@keeper/core/capture/story';
import { speciesName } from '@keeper/core/fish/species';
import { formatMass, formatMassIn } from '@keeper/core/measure/formatMass';
import { massSystemOf } from '@keeper/core/measure/mass';
import { probabilityHeavier } from '@keeper/core/weighing/heavier';
import type { Contribution, WeightResult } from '@keeper/core/weighing/result';
import { useWeighed, useWeightResult } from '../../data/useWeighing.js';
import { MassText } from '../MassText.js';
import { useSettings } from '../../data/queries.js';
import { aboutGrams, doubtText } from './massWords.js';

const SOURCE_WORDS: Readonly<Record<Contribution['source'], string>> = {
  resolution: 'The step of the reading',
  zero: 'The step of the zero',
  repeatability: 'How still it hung',
  tare: 'The sling',
  calibration: 'The scale itself',
  held: 'The hand on it',
};

/** The weight of one fish as far as it can be stood behind: what stands, give or take what, and where the doubt comes from. */
export function WeightStands({ story }: { story: CaptureStory }) {
  const result = useWeightResult(story);
  const { massUnit } = useSettings();
  if (!result) return null;
  const system = massSystemOf(result.asRead.unit);
  const other = system === 'kg' ? 'lb-oz' : 'kg';
  return (
    <div className="grid gap-3">
      <p className="text-lg">
        <MassText mass={result.stands} unit={massUnit} />
        <span className="text-soft">
          {' '}
          ({formatMassIn(result.stands, other)}), give or take{' '}
          <b className="text-ink">{doubtText(result.expandedGrams, system)}</b>
        </span>
      </p>
      <details>
        <summary className="min-h-9 cursor-pointer list-none underline decoration-edge underline-offset-4">
          Where the doubt comes from
        </summary>
        <Budget result={result} />
      </details>
      {result.bracket && <p>{result.bracket.says}</p>}
      <BestGuess result={result} />
      {result.asFound && Math.abs(result.asFound.byGrams) > result.asFound.uGrams && (
        <p>
          Going by its last check the scale shows {doubtText(Math.abs(result.asFound.byGrams), system)} too{' '}
          {result.asFound.byGrams < 0 ? 'much' : 'little'} here; put right, that would be{' '}
          {aboutGrams(result.bestGrams + result.asFound.byGrams, result.net.unit)}. The book keeps what was read.
        </p>
      )}
      <Best story={story} result={result} />
    </div>
  );
}

/** Where the truth likeliest lies, when that is another mark than the one that was read. */
function BestGuess({ result: { bestGrams, net } }: { result: WeightResult }) {
  const best = aboutGrams(bestGrams, net.unit);
  if (best === formatMass(net)) return null;
  return (
    <p>
      The truth likeliest lies at <b>{best}</b>; the book keeps what was read.
    </p>
  );
}

/** Each doubt as a bar of what it adds: squares add up, so the longest is what to mend first. */
function Budget({ result }: { result: WeightResult }) {
  const system = massSystemOf(result.asRead.unit);
  const most = Math.max(...result.budget.map(({ uGrams }) => uGrams));
  return (
    <div className="mt-2">
      <ul>
        {result.budget.map(({ source, uGrams, why }) => (
          <li key={source} className="border-t border-rule py-2">
            <span className="grid grid-cols-[1fr_5rem_4.5rem] items-center gap-3">
              <span className="font-medium">{SOURCE_WORDS[source]}</span>
              <span aria-hidden className="h-3">
                <span
                  className="block h-full rounded-r-sm border border-water bg-waterfill"
                  style={{ width: `${Math.max(3, (100 * uGrams) / most)}%` }}
                />
              </span>
              <span className="text-right tabular-nums">{doubtText(uGrams, system)}</span>
            </span>
            <span className="text-sm text-soft">{why}</span>
          </li>
        ))}
        <li className="flex justify-between border-t-2 border-ink py-2 font-semibold tabular-nums">
          <span>Together, doubled for 19 in 20</span>
          <span>{doubtText(result.expandedGrams, system)}</span>
        </li>
      </ul>
      <p className="text-sm text-soft">Squares are added and the root is doubled (JCGM 100:2008, k = 2).</p>
    </div>
  );
}

/** Whether it is the heaviest of its kind, as a chance where the two overlap. */
function Best({ story, result }: { story: CaptureStory; result: WeightResult }) {
  const weighed = useWeighed();
  const { species } = story.facts;
  if (!species) return null;
  const others = weighed.filter((fish) => fish.species === species && fish.captureId !== story.captureId);
  const best = Math.max(...others.map(({ grams }) => grams));
  if (others.length === 0) return null;
  // What is known of the best is its weight; it was weighed as well as this one, as far as anybody can say.
  const chance = probabilityHeavier(
    { grams: result.bestGrams, uGrams: result.uGrams },
    { grams: best, uGrams: result.uGrams },
  );
  if (chance < 0.05) return null;
  const kind = speciesName(species).toLowerCase();
  return (
    <p>
      {chance > 0.995
        ? `Your heaviest ${kind}.`
        : `Your heaviest ${kind} so far is so near that it is this one with a chance of ${Math.round(chance * 100)} in 100.`}
    </p>
  );
}
