import { netOf, type CaptureState } from '@keeper/core/domain/capture/captureState';
import { relativeWeight, WS_SPREAD } from '@keeper/core/biometry/relativeWeight';
import { formatMass } from '@keeper/core/measure/formatMass';
import { totalLength } from '@keeper/core/domain/fish/bodyLength';
import { gramsOf } from '@keeper/core/measure/mass';

/** The subtraction as one would check it on paper. */
export function AsRead({ state }: { state: CaptureState }) {
  const { weight } = state.facts;
  if (!weight) return null;
  const net = netOf(state);
  const line = 'flex justify-between border-t border-rule py-2 tabular-nums';
  return (
    <dl>
      <div className={line}>
        <dt>{weight.method === 'zeroed' ? 'Read, wet sling zeroed' : 'Gross, fish in the sling'}</dt>
        <dd>{formatMass(weight.asRead)}</dd>
      </div>
      {weight.method === 'gross-minus-tare' && (
        <div className={line}>
          <dt>Tare, the wet sling</dt>
          <dd>{weight.tare ? `− ${formatMass(weight.tare)}` : 'not noted'}</dd>
        </div>
      )}
      <div className="flex justify-between border-t-2 border-ink py-2 font-semibold tabular-nums">
        <dt>Net</dt>
        <dd>{net ? formatMass(net) : 'not known without the tare'}</dd>
      </div>
      <ConditionLine state={state} />
      {weight.written && <p className="text-sm text-soft">Written down as “{weight.written}”.</p>}
    </dl>
  );
}

/** How well fed it is for its length, where a standard weight is published for its kind; and what it was taken for. */
function ConditionLine({ state }: { state: CaptureState }) {
  const { species, length, guess } = state.facts;
  const net = netOf(state);
  const relative =
    species && length && net ? relativeWeight(species, totalLength(length, species).totalMm, gramsOf(net)) : undefined;
  if (relative === undefined && !guess) return null;
  return (
    <p className="py-1 text-soft">
      {relative !== undefined &&
        `Relative weight ${Math.round(relative)}: 100 is the published standard for its length. Healthy fish vary by ${WS_SPREAD.fish} either side; before spawning up to ${WS_SPREAD.spawn} more, males ${WS_SPREAD.sex} less, river fish ${WS_SPREAD.river} less. `}
      {guess && `You guessed ${formatMass(guess)}.`}
    </p>
  );
}
