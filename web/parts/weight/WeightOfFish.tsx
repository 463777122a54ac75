import { netOf, type CaptureState } from '@keeper/core/domain/capture/captureState';
import { totalLength } from '@keeper/core/domain/fish/bodyLength';
import { formatRoughMass } from '@keeper/core/measure/formatInterval';
import { lengthMm } from '@keeper/core/measure/length';
import { gramsOf, massSystemOf, type MassUnit } from '@keeper/core/measure/mass';
import { MassText } from '../MassText.js';
import { EstimateText } from './EstimateText.js';
import { weightWords } from './text.en-GB.js';

/** As it was read; else what length and girth say, marked as that, and where the scale ended. */
export function WeightOfFish({ state, unit }: { state: Pick<CaptureState, 'facts'>; unit: MassUnit }) {
  const net = netOf(state);
  const { species, length, girth, overScale } = state.facts;
  if (net || (!girth && !overScale)) return <MassText mass={net ?? null} unit={unit} />;
  return (
    <span>
      <EstimateText
        whole
        unit={unit}
        asked={{
          species: species ?? null,
          lengthMm: length ? totalLength(length, species).totalMm : null,
          girthMm: girth ? lengthMm(girth) : null,
          overGrams: overScale ? gramsOf(overScale) : null,
        }}
      />
      {overScale && length && girth && (
        <span className="block text-sm font-normal text-soft">
          {weightWords.pastTheEnd({ end: formatRoughMass(gramsOf(overScale), massSystemOf(unit)) })}
        </span>
      )}
    </span>
  );
}
