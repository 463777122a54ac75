import { estimatedWeight, type EstimateAsked } from '@keeper/core/biometry/estimatedWeight';
import { formatMassRange, formatRoughMass } from '@keeper/core/measure/formatInterval';
import { massSystemOf, type MassUnit } from '@keeper/core/measure/mass';
import { weightWords } from './text.en-GB.js';

interface EstimateTextProps {
  readonly asked: EstimateAsked;
  readonly unit: MassUnit;
  /** With what it rests on. */
  readonly whole?: boolean;
}

/** The weight of a fish that no scale read, by its length and girth: never without saying that it is estimated. */
export function EstimateText({ asked, unit, whole = false }: EstimateTextProps) {
  const system = massSystemOf(unit);
  const estimate = estimatedWeight(asked);
  if (!estimate) {
    return asked.overGrams ? (
      <span>{weightWords.overTheScale({ over: formatRoughMass(asked.overGrams, system) })}</span>
    ) : null;
  }
  const range = formatMassRange(estimate.leastGrams, estimate.mostGrams, system);
  return (
    <span>
      {weightWords.about({ grams: formatRoughMass(estimate.grams, system) })}
      <span className="block text-sm font-normal text-soft">
        {whole ? weightWords.estimatedByGirth({ range }) : weightWords.estimated({ range })}
      </span>
    </span>
  );
}
