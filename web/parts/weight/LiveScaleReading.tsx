import { weightWords } from './text.en-GB.js';
import { useEffect, useEffectEvent } from 'react';
import { formatMass } from '@keeper/core/measure/formatMass';
import { gramsOf, type Mass, type MassUnit } from '@keeper/core/measure/mass';
import { liveReading, type LiveReading } from '@keeper/core/weighing/liveReading';
import type { ScaleSupport } from '@keeper/core/domain/capture/weightReading';
import { roundToDivision, type Rounding } from '@keeper/core/weighing/rounding';
import type { Steadiness } from '@keeper/core/weighing/settle';
import { nearest } from '@keeper/core/measure/nearestMass';
import { Notice } from '../Notice.js';
import { ScaleTrace } from './ScaleTrace.js';
import type { LiveScale } from './useLiveScale.js';

/** What a scale came to, for the book. */
export interface TakenLive extends LiveReading {
  readonly support: ScaleSupport;
}

const STEADINESS_WORDS: Readonly<Record<Steadiness, { readonly is: string; readonly so: string }>> = {
  empty: { is: weightWords.nothingOnTheHook, so: weightWords.hangItUp },
  settling: { is: weightWords.settling, so: weightWords.handsOffLowOver },
  moving: { is: weightWords.fishMoving, so: weightWords.aHandOverIts },
  settled: { is: weightWords.settled, so: '' },
  held: {
    is: weightWords.heldNotHung,
    so: weightWords.aHandRoundThe,
  },
};

interface LiveScaleReadingProps {
  readonly state: LiveScale;
  readonly division: Mass;
  /** What is taken once it has settled; by itself, or with a tap where a hand holds the scale. */
  readonly onTaken: (taken: TakenLive) => void;
  readonly rounding: Rounding;
  /** The least that counts as something on the hook; a sling may be lighter than a fish. */
  readonly what: 'fish' | 'sling';
}

/** The scale as it swings: what it says, whether it can be believed, and the value as soon as it can. */
export function LiveScaleReading({ state, division, rounding, onTaken, what }: LiveScaleReadingProps) {
  const taken = takenOf(state, division, rounding);
  const settled = state.is === 'reading' && state.settling.steadiness === 'settled';
  // Taken once, when it settles; what it says afterwards is no other weighing.
  const take = useEffectEvent(() => taken && onTaken(taken));
  useEffect(() => {
    if (settled) take();
  }, [settled]);
  if (state.is === 'off') return null;
  if (state.is === 'connecting') return <p role="status">{weightWords.lookingForThe({ name: state.name })}</p>;
  if (state.is === 'failed') return <Notice role="alert">{weightWords.setItByHand({ why: state.why })}</Notice>;
  const { steadiness, grams } = state.settling;
  const words = STEADINESS_WORDS[steadiness];
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span className={`text-5xl font-bold tabular-nums ${settled ? 'text-ink' : 'text-soft'}`}>
          {grams === undefined ? '0' : shownText(grams, state.unit, division)}
        </span>
        <span role="status" className="text-xl font-semibold">
          {steadiness === 'empty' && what === 'sling' ? weightWords.aboutZero : words.is}
        </span>
      </div>
      <ScaleTrace samples={state.samples} settling={state.settling} />
      {words.so && <p className="text-soft">{words.so}</p>}
      {steadiness === 'held' && taken && (
        <div role="group" aria-label={weightWords.recordItAsHeld} className="grid grid-cols-2 gap-3">
          <button type="button" className="button min-h-16 px-2" onClick={() => onTaken({ ...taken, support: 'loop' })}>
            {weightWords.recordItIHold}
          </button>
          <button
            type="button"
            className="button min-h-16 px-2"
            onClick={() => onTaken({ ...taken, support: 'cupped' })}
          >
            {weightWords.recordItMyHand}
          </button>
        </div>
      )}
    </div>
  );
}

function takenOf(state: LiveScale, division: Mass, rounding: Rounding): TakenLive | undefined {
  if (state.is !== 'reading') return undefined;
  const read = liveReading(state.settling, { unit: state.unit, division, rounding });
  return read && { ...read, support: state.settling.steadiness === 'held' ? 'held' : 'hung' };
}

function shownText(grams: number, unit: MassUnit, division: Mass): string {
  const read = nearest(grams, unit);
  return formatMass(
    gramsOf(division) > gramsOf({ unit, count: 1 }) ? roundToDivision(read, division, 'nearest') : read,
  );
}
