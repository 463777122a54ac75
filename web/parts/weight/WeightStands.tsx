import { weightWords } from './text.en-GB.js';
import { say } from '../../text/say.js';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { speciesName } from '@keeper/core/domain/fish/species';
import { formatDoubt, formatInterval } from '@keeper/core/measure/formatInterval';
import { formatMass } from '@keeper/core/measure/formatMass';
import { massSystemOf, type MassSystem } from '@keeper/core/measure/mass';
import { keeperOf } from '@keeper/core/domain/capture/angler';
import { comparedWeight, probabilityHeaviest } from '@keeper/core/weighing/heavier';
import type { Contribution, WeightResult } from '@keeper/core/weighing/result';
import { resultOfReading } from '@keeper/core/weighing/resultOf';
import { stateWeight } from '@keeper/core/weighing/statedWeight';
import { useSettings } from '../../data/queries.js';
import { useKit } from '../../data/rows.js';
import { useMyKeeperId } from '../../data/whose.js';
import { useWeighed, useWeightResult } from '../../data/useWeighing.js';

const SOURCE_WORDS: Readonly<Record<Contribution['source'], string>> = {
  resolution: weightWords.theStepOfThe,
  zero: weightWords.theStepOfTheZero,
  repeatability: weightWords.howStillItHung,
  tare: weightWords.theSling,
  calibration: weightWords.theScaleItself,
  drift: weightWords.sinceItsCheck,
  held: weightWords.theHandOnIt,
};

/**
 * The weight of one fish as far as it can be stood behind: one number with its own interval, and where the doubt comes
 * from.
 */
export function WeightStands({ state }: { state: CaptureState }) {
  const result = useWeightResult(state);
  const { massUnit } = useSettings();
  if (!result) return null;
  const keepers = massSystemOf(massUnit);
  const other = keepers === 'kg' ? 'lb-oz' : 'kg';
  const { about, grams, expandedGrams } = stateWeight(result);
  const mine = formatInterval(grams, expandedGrams, keepers);
  const theirs = formatInterval(grams, expandedGrams, other);
  return (
    <div className="grid gap-3">
      <p className="text-lg">
        {about === 'best' ? (
          <>
            {weightWords.bestEstimate} <b>{mine.value}</b>
            {weightWords.giveOrTake} <b>{mine.doubt}</b>
          </>
        ) : (
          <>
            <b>{keepers === massSystemOf(result.stands.unit) ? formatMass(result.stands) : mine.value}</b>
            {weightWords.giveOrTake} <b>{mine.doubt}</b>
          </>
        )}
        <span className="block text-base text-soft">
          {weightWords.giveOrTake2({ value: theirs.value, doubt: theirs.doubt })}
        </span>
      </p>
      {about === 'best' && <Differs result={result} system={keepers} />}
      {result.bracket && <p>{say(result.bracket.says)}</p>}
      <details>
        <summary className="min-h-9 cursor-pointer list-none underline decoration-edge underline-offset-4">
          {weightWords.whereTheDoubtComes}
        </summary>
        <Budget result={result} system={keepers} />
      </details>
      <Best state={state} result={result} />
    </div>
  );
}

/** Why the best estimate is another number than the one that was read. */
function Differs({ result, system }: { result: WeightResult; system: MassSystem }) {
  const { bracket, correction, cuppedByGrams, net, best, asRead } = result;
  const parts = [
    { grams: bracket?.correctionGrams ?? 0, by: weightWords.forTheSling },
    { grams: correction?.byGrams ?? 0, by: weightWords.byTheCheckOf },
    { grams: cuppedByGrams, by: weightWords.forTheHandRound },
  ].filter(({ grams }) => Math.abs(grams) >= 1);
  const said = parts.map(
    ({ grams, by }) => `${formatDoubt(Math.abs(grams), system)} ${grams < 0 ? weightWords.off : weightWords.on} ${by}`,
  );
  const kept = formatMass(massSystemOf(net.unit) === system ? net : asRead);
  return (
    <p className="text-soft">
      {weightWords.theIntervalIsRound({
        kept:
          said.length > 0
            ? weightWords.isKeptAsYou({ said: said.join(', '), kept })
            : weightWords.theScaleSentFiner({ value: formatInterval(best.grams, 20, system).value, kept }),
      })}
    </p>
  );
}

/** Each doubt as a bar of what it adds: squares add up, so the longest is what to mend first. */
function Budget({ result, system }: { result: WeightResult; system: MassSystem }) {
  const { budget, best } = result;
  const most = Math.max(...budget.map(({ uGrams }) => uGrams));
  return (
    <div className="mt-2">
      <ul>
        {budget.map(({ source, uGrams, why }, i) => (
          <li key={i} className="border-t border-rule py-2">
            <span className="grid grid-cols-[1fr_5rem_4.5rem] items-center gap-3">
              <span className="font-medium">{SOURCE_WORDS[source]}</span>
              <span aria-hidden className="h-3">
                <span
                  className="block h-full rounded-r-sm border border-water bg-waterfill"
                  style={{ width: `${Math.max(3, (100 * uGrams) / most)}%` }}
                />
              </span>
              <span className="text-right tabular-nums">{formatDoubt(uGrams, system)}</span>
            </span>
            <span className="text-sm text-soft">{say(why)}</span>
          </li>
        ))}
        <li className="flex justify-between border-t-2 border-ink py-2 font-semibold tabular-nums">
          <span>{weightWords.togetherForIn}</span>
          <span>{formatDoubt(best.expandedGrams, system)}</span>
        </li>
      </ul>
      <p className="text-sm text-soft">
        {weightWords.squaresAreAddedAnd({ uGrams: (best.expandedGrams / best.uGrams).toFixed(1) })}
      </p>
    </div>
  );
}

/** Rivals that are lighter by more than this are beaten for certain. */
const NO_RIVAL_BELOW = 0.7;

/** Whether it is the heaviest of its kind, as a chance where it overlaps with others. */
function Best({ state, result }: { state: CaptureState; result: WeightResult }) {
  const mine = useMyKeeperId();
  const weighed = useWeighed().filter(({ keeperId }) => keeperId === mine);
  const kit = useKit();
  const { rounding } = useSettings();
  const { species, weight } = state.facts;
  // A dead fish is not praised, and another's is not the keeper's best.
  if (!species || state.outcome === 'died' || keeperOf(state.facts.angler, state.begunBy) !== mine) return null;
  const others = weighed.filter((fish) => fish.species === species && fish.captureId !== state.captureId);
  if (others.length === 0) return null;
  const rivals = others.flatMap(({ weighing, startedAt, grams }) => {
    if (!weighing || grams < NO_RIVAL_BELOW * result.best.grams) return [];
    const rival = resultOfReading(weighing, startedAt, kit, rounding);
    return rival ? [comparedWeight(rival, weighing.scalesId)] : [];
  });
  const chance = probabilityHeaviest(comparedWeight(result, weight?.scalesId), rivals);
  if (chance < 0.05) return null;
  const kind = say(speciesName(species)).toLowerCase();
  return (
    <p>
      {chance > 0.995
        ? weightWords.yourHeaviest({ kind })
        : weightWords.yourHeaviestWithA({ kind, chance: Math.round(chance * 100), rivalsCount: rivals.length })}
    </p>
  );
}
