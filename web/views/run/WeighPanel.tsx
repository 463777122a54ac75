import { massWheels } from '../../parts/massWheels.js';
import { runText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { Suspense, useEffect, useState } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { formatMass } from '@keeper/core/measure/formatMass';
import type { Mass } from '@keeper/core/measure/mass';
import { massFromParts, partsFromMass } from '@keeper/core/measure/massParts';
import { netWeight, type WeightReading } from '@keeper/core/domain/capture/weightReading';
import type { WeighMethod } from '@keeper/core/domain/practice/weighMethod';
import { nearest } from '@keeper/core/measure/nearestMass';
import { scaleRange } from '@keeper/core/weighing/scaleRange';
import { canUseBluetooth } from '../../data/bluetooth.js';
import { setDevicePreference, useDevicePreference, type ScaleWay } from '../../data/devicePreferences.js';
import { useSettings } from '../../data/queries.js';
import { usePracticesAt } from '../../data/usePractices.js';
import { keepTare, lastTare } from '../../data/tares.js';
import { useWeighedWith, useWeighingKit } from '../../data/useWeighingKit.js';
import { Choice } from '../../parts/Choice.js';
import { lazyPart } from '../../parts/lazyPart.js';
import { useWheels } from '../../parts/useWheels.js';
import { Keypad, keypadKeys, Wheels } from '../../parts/Wheels.js';
import { DialPicture } from './DialPicture.js';
import { GuessPanel } from './GuessPanel.js';

// The trace and the judging of a connected scale come when one is used.
const LiveWeight = lazyPart(async () => (await import('./LiveWeight.js')).LiveWeight);

interface WeighPanelProps {
  readonly state: CaptureState;
  readonly onSet: (reading: WeightReading) => void;
  readonly onGuess: (guess: Mass) => void;
  /** The scale ended before the fish did. */
  readonly onPastTheEnd: () => void;
  readonly onLater: () => void;
}

/**
 * The weight beside the fish: off a connected scale by itself, or by steppers and keypad; "later" is always an answer.
 */
export function WeighPanel({ state, onSet, onGuess, onPastTheEnd, onLater }: WeighPanelProps) {
  const way = useDevicePreference('scale');
  const { guessFirst } = useSettings();
  const [guessing, setGuessing] = useState(guessFirst && !state.facts.guess && !state.facts.weight);
  const [byHand, setByHand] = useState(way === 'none' || Boolean(state.facts.weight));
  const guessed = (guess: Mass | undefined) => {
    setGuessing(false);
    if (guess) onGuess(guess);
  };
  if (guessing) return <GuessPanel onGuess={guessed} />;
  if (byHand) {
    return (
      <>
        <ListenTo onChosen={() => setByHand(false)} onPastTheEnd={onPastTheEnd} />
        <ByHand state={state} onSet={onSet} onLater={onLater} />
      </>
    );
  }
  return (
    <div role="group" aria-label={runText.weight} className="grid gap-3">
      <Suspense fallback={<p>{runText.lookingForTheScale}</p>}>
        <LiveWeight state={state} onSet={onSet} />
      </Suspense>
      <button type="button" className="button min-h-14 font-normal" onClick={onPastTheEnd}>
        {runText.itWentPast}
      </button>
      <div className="grid grid-cols-3 gap-3">
        <button type="button" className="button min-h-20 px-2" onClick={() => setByHand(true)}>
          {runText.setItByHand}
        </button>
        <DialPicture state={state} onPictured={onLater} />
        <button type="button" className="button min-h-20 px-2" onClick={onLater}>
          {runText.later}
        </button>
      </div>
    </div>
  );
}

/** A scale is chosen once; from then on it is listened to by itself. */
function ListenTo({ onChosen, onPastTheEnd }: { onChosen: () => void; onPastTheEnd: () => void }) {
  const choose = (way: ScaleWay) => {
    setDevicePreference('scale', way);
    onChosen();
  };
  return (
    <div role="group" aria-label={runText.listenToAScale} className="mb-3 flex flex-wrap items-center gap-2.5">
      <button type="button" className="button min-h-14 font-normal" onClick={onPastTheEnd}>
        {runText.itWentPast}
      </button>
      <span className="text-soft">{runText.listenToAScale2}</span>
      <button type="button" className="button min-h-14 font-normal" onClick={() => choose('simulated')}>
        {runText.theSimulatedOne}
      </button>
      {canUseBluetooth() && (
        <button type="button" className="button min-h-14 font-normal" onClick={() => choose('bluetooth')}>
          {runText.overBluetooth}
        </button>
      )}
    </div>
  );
}

type Row = 'asRead' | 'tare';

/** Sets the weight by steppers or keypad, with wet thumbs and without typing. */
function ByHand({ state, onSet, onLater }: Pick<WeighPanelProps, 'state' | 'onSet' | 'onLater'>) {
  const settings = useSettings();
  const ways = usePracticesAt(state.facts.waterId);
  const current = state.facts.weight ?? undefined;
  const around = useWeighedWith();
  const unit = current?.asRead.unit ?? settings.massUnit;
  const [begun] = useState(() => begunOf(state.captureId));
  const { slingGrams, sling, nature } = useWeighingKit();
  const [method, setMethod] = useState<WeighMethod>(begun?.method ?? current?.method ?? ways.weighMethod);
  // The sling's tare as it is known stands there from the beginning; it is set right beside the scale.
  const knownTare = sling && sling.tares.length > 0 ? nearest(slingGrams, unit) : undefined;
  const parts = massWheels(unit);
  const wheels = useWheels<Row>(
    parts,
    begun?.values ?? {
      asRead: current ? partsFromMass(current.asRead) : [],
      tare: partsOr(current?.tare ?? lastTare(unit) ?? knownTare),
    },
    'asRead',
  );
  const { values } = wheels;
  // Digits that were set survive a reload.
  useEffect(() => void keepBegun(state.captureId, { method, values }), [state.captureId, method, values]);
  const asRead = massFromParts(unit, values.asRead);
  const tare = massFromParts(unit, values.tare);
  const read = { asRead, method, way: 'set' as const, ...around };
  const reading: WeightReading = method === 'zeroed' || tare.count === 0 ? read : { ...read, tare };
  const net = netWeight(reading);
  const range = asRead.count > 0 ? scaleRange(asRead, nature) : 'within';
  return (
    <div role="group" aria-label={runText.weight} className="grid gap-3" onKeyDown={keypadKeys(wheels)}>
      <Choice<WeighMethod>
        label={runText.howItIsWeighed}
        value={method}
        onChange={setMethod}
        options={[
          { value: 'zeroed', label: runText.slingZeroed },
          { value: 'gross-minus-tare', label: runText.grossMinusTare },
        ]}
      />
      {(method === 'zeroed' ? (['asRead'] as const) : (['asRead', 'tare'] as const)).map((row) => (
        <Wheels
          key={row}
          state={wheels}
          row={row}
          name={row === 'tare' ? runText.tare : method === 'zeroed' ? runText.weight : runText.gross}
          named={method !== 'zeroed'}
          wheels={parts}
        />
      ))}
      <Keypad {...wheels} />
      {range !== 'within' && <p className="text-rust">{runText.atTheEdgeOfTheScale({ range })}</p>}
      {method === 'gross-minus-tare' && asRead.count > 0 && net && !net.ok && (
        <p className="text-rust">{say(net.reason)}</p>
      )}
      <div className="sticky bottom-0 z-2 grid grid-cols-[1fr_1fr_2fr] gap-3 bg-paper py-2 short:static">
        <button
          type="button"
          className="button min-h-20 px-2"
          onClick={() => {
            forgetBegun(state.captureId);
            onLater();
          }}
        >
          {runText.later}
        </button>
        <DialPicture state={state} onPictured={onLater} />
        <button
          type="button"
          className="button button-main min-h-20 flex-col gap-0 px-2 text-2xl"
          disabled={asRead.count === 0 || (net !== undefined && !net.ok)}
          onClick={() => {
            if (reading.tare) keepTare(reading.tare);
            forgetBegun(state.captureId);
            onSet({ ...reading, readAt: new Date().toISOString() });
          }}
        >
          {asRead.count === 0 ? runText.setItAbove : net?.ok ? formatMass(net.value) : formatMass(asRead)}
          <span className="text-base font-normal">
            {runText.orLeaveItFor({ count: asRead.count, method, isNet: net !== undefined })}
          </span>
        </button>
      </div>
    </div>
  );
}

function partsOr(mass: Mass | undefined): readonly number[] {
  return mass ? partsFromMass(mass) : [];
}

/** A weight that is being set: how, and where its wheels stand. */
interface Begun {
  readonly method: WeighMethod;
  readonly values: Readonly<Record<Row, readonly number[]>>;
}

const begunKey = (captureId: string) => `keeper.weight.${captureId}`;

function begunOf(captureId: string): Begun | undefined {
  const kept = localStorage.getItem(begunKey(captureId));
  return kept ? (JSON.parse(kept) as Begun) : undefined;
}

function keepBegun(captureId: string, begun: Begun): void {
  if (begun.values.asRead.some((value) => value > 0)) localStorage.setItem(begunKey(captureId), JSON.stringify(begun));
}

function forgetBegun(captureId: string): void {
  localStorage.removeItem(begunKey(captureId));
}

/** Whether a weight was being set when the page was left, and was not taken. */
export function isWeightBegun({ captureId, facts, outcome }: CaptureState): boolean {
  return outcome === 'open' && !facts.weight && begunOf(captureId) !== undefined;
}
