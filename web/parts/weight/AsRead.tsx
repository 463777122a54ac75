import { weightWords } from './text.en-GB.js';
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
  // Of a fish that is remembered nobody wrote down how it was weighed: the figure stands alone.
  if (state.origin === 'memory' && weight.method === 'zeroed' && !weight.scalesId)
    return (
      <dl>
        <div className={line}>
          <dt>{weightWords.writtenDown}</dt>
          <dd>{formatMass(weight.asRead)}</dd>
        </div>
        <p className="py-1 text-soft">{weightWords.howIsNotKnown}</p>
        <ConditionLine state={state} />
      </dl>
    );
  return (
    <dl>
      <div className={line}>
        <dt>{weightWords.readWetSlingZeroed({ method: weight.method })}</dt>
        <dd>{formatMass(weight.asRead)}</dd>
      </div>
      {weight.method === 'gross-minus-tare' && (
        <div className={line}>
          <dt>{weightWords.tareTheWetSling}</dt>
          <dd>{weight.tare ? `− ${formatMass(weight.tare)}` : weightWords.notNoted}</dd>
        </div>
      )}
      {weight.also && (
        <div className={line}>
          <dt>{weightWords.secondScale}</dt>
          <dd>
            + {formatMass(weight.also.asRead)}
            {weight.also.tare && ` − ${formatMass(weight.also.tare)}`}
          </dd>
        </div>
      )}
      <div className="flex justify-between border-t-2 border-ink py-2 font-semibold tabular-nums">
        <dt>{weightWords.net}</dt>
        <dd>{net ? formatMass(net) : weightWords.notKnownWithoutThe}</dd>
      </div>
      <ConditionLine state={state} />
      {weight.written && <p className="text-sm text-soft">{weightWords.writtenDownAs({ written: weight.written })}</p>}
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
        weightWords.relativeWeightIsThe({
          relative: Math.round(relative),
          fish: WS_SPREAD.fish,
          spawn: WS_SPREAD.spawn,
          sex: WS_SPREAD.sex,
          river: WS_SPREAD.river,
        })}
      {guess && weightWords.youGuessed({ guess: formatMass(guess) })}
    </p>
  );
}
