import { fishText } from './text.en-GB.js';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { growthChange, growthFit, TAPE_U_MM, type Measure } from '@keeper/core/biometry/growth';
import type { KnownFish } from '@keeper/core/domain/identity/knownFish';
import { formatLength } from '@keeper/core/measure/length';
import { formatInterval } from '@keeper/core/measure/formatInterval';
import { gramsOf, massSystemOf } from '@keeper/core/measure/mass';
import { resultOf } from '@keeper/core/weighing/resultOf';
import { useSettings } from '../../data/queries.js';
import { useKit, useWaters } from '../../data/rows.js';
import { Section } from '../../parts/Section.js';
import { changeText } from './fishWords.js';
import { GrowthPlot } from './GrowthPlot.js';

const INCH_MM = 25.4;
/** From here on whole ounces say enough. */
const A_FEW_GRAMS = 110;
const [FINE, WHOLE] = [50, 500];
/** Months from which a difference of two tapes can be growth. */
const LONG_ENOUGH = 4;

/** How it grew: in a sentence, and drawn. */
export function Growth({ fish, states }: { fish: KnownFish; states: readonly CaptureState[] }) {
  const { massUnit, rounding, lengthHabit } = useSettings();
  const kit = useKit();
  const waterId = fish.captures.findLast((each) => each.waterId !== null)?.waterId;
  const isSouthern = (useWaters().find(({ id }) => id === waterId)?.position?.latitudeDeg ?? 0) < 0;
  const system = massSystemOf(massUnit);
  const weights = states.flatMap((state): Measure[] => {
    const result = resultOf(state, kit, rounding);
    return result ? [{ atMs: Date.parse(state.startedAt ?? ''), value: result.best.grams, u: result.best.uGrams }] : [];
  });
  const lengths = fish.captures.flatMap(({ startedAt, lengthMm }): Measure[] =>
    lengthMm === null ? [] : [{ atMs: Date.parse(startedAt ?? ''), value: lengthMm, u: TAPE_U_MM }],
  );
  const inches = lengthHabit === 'in';
  const lengthText = (mm: number) =>
    inches
      ? formatLength({ unit: 'quarter-in', count: Math.max(1, Math.round((mm / INCH_MM) * 4)) })
      : fishText.cm({ mm: (mm / 10).toFixed(1) });
  const weightText = (grams: number) => formatInterval(grams, grams > A_FEW_GRAMS ? WHOLE : FINE, system).value;
  const heavier = growthChange(weights);
  const longer = growthChange(lengths);
  if (weights.length + lengths.length === 0) return null;
  const fit = growthFit(weights, 'weight');
  const told = fit && Math.abs(fit.perYear.value) > fit.perYear.expanded;
  return (
    <Section title={fishText.growth}>
      <div className="grid gap-3">
        {heavier && <p className="text-lg">{changeText(heavier, weightText)}.</p>}
        {weights.length > 1 && (
          <GrowthPlot
            title={fishText.weight}
            measures={weights}
            fit={fit}
            isSouthern={isSouthern}
            unit={system === 'kg' ? 1000 : gramsOf({ unit: 'oz', count: 16 })}
            unitName={system === 'kg' ? 'kg' : 'lb'}
          />
        )}
        {fit && (
          <p className="text-soft">
            {fishText.theBandIsWhere({
              expanded: told
                ? fishText.aboutAYearGive({
                    seasonal: fit.seasonal,
                    value: fit.perYear.value,
                    value2: weightText(Math.abs(fit.perYear.value)),
                    expanded: weightText(fit.perYear.expanded),
                  })
                : fishText.tooFewWeights,
            })}
          </p>
        )}
        {longer && longer.months > LONG_ENOUGH && (
          <p className="text-lg">{fishText.length({ lengthText: changeText(longer, lengthText).toLowerCase() })}</p>
        )}
        {longer && longer.months > LONG_ENOUGH && (
          <GrowthPlot
            title={fishText.length2}
            measures={lengths}
            fit={growthFit(lengths, 'length')}
            isSouthern={isSouthern}
            unit={inches ? INCH_MM : 10}
            unitName={inches ? 'inches' : 'cm'}
          />
        )}
      </div>
    </Section>
  );
}
