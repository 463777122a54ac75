import { useState } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { netWeight, type WeightReading } from '@keeper/core/domain/capture/weightReading';
import { formatMass } from '@keeper/core/measure/formatMass';
import { massFromParts } from '@keeper/core/measure/massParts';
import type { Mass } from '@keeper/core/measure/mass';
import { useSettings } from '../../data/queries.js';
import { useWeighedWith, useWeighingKit } from '../../data/useWeighingKit.js';
import { massWheels } from '../../parts/massWheels.js';
import { useWheels } from '../../parts/useWheels.js';
import { Keypad, keypadKeys, Wheels } from '../../parts/Wheels.js';
import { say } from '../../text/say.js';
import { SetOrLater } from './SetOrLater.js';
import { runText } from './text.en-GB.js';

interface PastTheEndProps {
  readonly state: CaptureState;
  /** Where the scale ended. */
  readonly onOver: (over: Mass) => void;
  readonly onSet: (reading: WeightReading) => void;
  readonly onMeasure: () => void;
  readonly onLater: () => void;
}

/** It went past the end of the scale: two scales, or tape and board, or nothing at all. */
export function PastTheEnd({ state, onOver, onSet, onMeasure, onLater }: PastTheEndProps) {
  const [way, setWay] = useState<'two'>();
  const { nature } = useWeighingKit();
  const over = state.facts.overScale ?? nature.capacity ?? undefined;
  if (!over) return <WhereItEnded onSet={onOver} onLater={onLater} />;
  const choose = (next: () => void) => () => {
    if (!state.facts.overScale) onOver(over);
    next();
  };
  if (way === 'two') return <TwoScales onSet={onSet} onLater={onLater} />;
  return (
    <div role="group" aria-label={runText.pastTheEnd} className="grid gap-3">
      <p className="text-lg">{runText.itWeighsMoreThan({ over: formatMass(over) })}</p>
      <button
        type="button"
        className="button min-h-20 flex-col gap-0 px-3 text-xl leading-tight"
        onClick={choose(() => setWay('two'))}
      >
        {runText.twoScales}
        <span className="text-base font-normal">{runText.twoScalesHow}</span>
      </button>
      <button
        type="button"
        className="button min-h-20 flex-col gap-0 px-3 text-xl leading-tight"
        onClick={choose(onMeasure)}
      >
        {runText.lengthAndGirth}
        <span className="text-base font-normal">{runText.lengthAndGirthHow}</span>
      </button>
      <button type="button" className="button min-h-20 px-3 text-xl" onClick={choose(onLater)}>
        {runText.leaveItAtThat}
      </button>
    </div>
  );
}

/** Of a scale that nobody described: where does it end? */
function WhereItEnded({ onSet, onLater }: { onSet: (over: Mass) => void; onLater: () => void }) {
  const { massUnit } = useSettings();
  const wheels = useWheels<'over'>(massWheels(massUnit), { over: [] }, 'over');
  const over = massFromParts(massUnit, wheels.values.over);
  return (
    <div role="group" aria-label={runText.pastTheEnd} className="grid gap-3" onKeyDown={keypadKeys(wheels)}>
      <p className="text-lg">{runText.whereDoesItEnd}</p>
      <Wheels state={wheels} row="over" name={runText.weight} named={false} wheels={massWheels(massUnit)} />
      <Keypad {...wheels} />
      <SetOrLater said={over.count === 0 ? undefined : formatMass(over)} onSet={() => onSet(over)} onLater={onLater} />
    </div>
  );
}

/** Both scales set to zero with bar and sling; the fish is the sum. */
function TwoScales({ onSet, onLater }: Pick<PastTheEndProps, 'onSet' | 'onLater'>) {
  const { massUnit: unit } = useSettings();
  const around = useWeighedWith();
  const parts = massWheels(unit);
  const wheels = useWheels<'first' | 'second'>(parts, { first: [], second: [] }, 'first');
  const asRead = massFromParts(unit, wheels.values.first);
  const second = massFromParts(unit, wheels.values.second);
  const reading: WeightReading = { asRead, method: 'zeroed', way: 'set', ...around, also: { asRead: second } };
  const net = netWeight(reading);
  const both = asRead.count > 0 && second.count > 0;
  return (
    <div role="group" aria-label={runText.twoScales} className="grid gap-3" onKeyDown={keypadKeys(wheels)}>
      <p>{runText.bothZeroed}</p>
      <Wheels state={wheels} row="first" name={runText.firstScale} named wheels={parts} />
      <Wheels state={wheels} row="second" name={runText.secondScale} named wheels={parts} />
      <Keypad {...wheels} />
      {both && net && !net.ok && <p className="text-rust">{say(net.reason)}</p>}
      <SetOrLater
        said={both && net?.ok ? formatMass(net.value) : undefined}
        under={runText.bothTogether}
        onSet={() => onSet({ ...reading, readAt: new Date().toISOString() })}
        onLater={onLater}
      />
    </div>
  );
}
