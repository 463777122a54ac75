import { useEffect, useEffectEvent } from 'react';
import { formatMass } from '@keeper/core/measure/formatMass';
import { gramsOf, type Mass, type MassUnit } from '@keeper/core/measure/mass';
import { roundToDivision } from '@keeper/core/weighing/rounding';
import type { Steadiness } from '@keeper/core/weighing/settle';
import { nearest } from '@keeper/core/weighing/tareBracket';
import { Notice } from '../Notice.js';
import { ScaleTrace } from './ScaleTrace.js';
import type { LiveScale } from './useLiveScale.js';

/** What a scale came to, for the book. */
export interface TakenLive {
  readonly mass: Mass;
  readonly steadyGrams: number;
  readonly support: 'hung' | 'held';
}

const STEADINESS_WORDS: Readonly<Record<Steadiness, { readonly is: string; readonly so: string }>> = {
  empty: { is: 'Nothing on the hook', so: 'Hang it up.' },
  settling: { is: 'Settling', so: 'Hands off. Low over the mat.' },
  moving: { is: 'Fish moving', so: 'A hand over its eye; the value comes by itself.' },
  settled: { is: 'Settled', so: '' },
  held: { is: 'Held, not hung', so: 'A hand on the scale adds to the weight. Hang it by its loop.' },
};

interface LiveScaleReadingProps {
  readonly state: LiveScale;
  readonly division: Mass;
  /** What is taken once it has settled; by itself, or with a tap where a hand holds the scale. */
  readonly onTaken: (taken: TakenLive) => void;
  /** The least that counts as something on the hook; a sling may be lighter than a fish. */
  readonly what: 'fish' | 'sling';
}

/** The scale as it swings: what it says, whether it can be believed, and the value as soon as it can. */
export function LiveScaleReading({ state, division, onTaken, what }: LiveScaleReadingProps) {
  const taken = takenOf(state);
  const settled = state.is === 'reading' && state.settling.steadiness === 'settled';
  // Taken once, when it settles; what it says afterwards is no other weighing.
  const take = useEffectEvent(() => taken && onTaken(taken));
  useEffect(() => {
    if (settled) take();
  }, [settled]);
  if (state.is === 'off') return null;
  if (state.is === 'connecting') return <p role="status">Looking for the {state.name}…</p>;
  if (state.is === 'failed') return <Notice role="alert">{state.why} Set it by hand below.</Notice>;
  const { steadiness, grams } = state.settling;
  const words = STEADINESS_WORDS[steadiness];
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span className={`text-5xl font-bold tabular-nums ${settled ? 'text-ink' : 'text-soft'}`}>
          {grams === undefined ? '0' : shownText(grams, state.unit, division)}
        </span>
        <span role="status" className="text-xl font-semibold">
          {steadiness === 'empty' && what === 'sling' ? 'About nothing' : words.is}
        </span>
      </div>
      <ScaleTrace samples={state.samples} settling={state.settling} />
      {words.so && <p className="text-soft">{words.so}</p>}
      {steadiness === 'held' && taken && (
        <button type="button" className="button min-h-14" onClick={() => onTaken(taken)}>
          Take it all the same, as held
        </button>
      )}
    </div>
  );
}

function takenOf(state: LiveScale): TakenLive | undefined {
  if (state.is !== 'reading') return undefined;
  const { grams, uGrams, steadiness } = state.settling;
  if (grams === undefined || uGrams === undefined) return undefined;
  return {
    mass: nearest(grams, state.unit),
    steadyGrams: Math.round(uGrams * 10) / 10,
    support: steadiness === 'held' ? 'held' : 'hung',
  };
}

function shownText(grams: number, unit: MassUnit, division: Mass): string {
  const read = nearest(grams, unit);
  return formatMass(
    gramsOf(division) > gramsOf({ unit, count: 1 }) ? roundToDivision(read, division, 'nearest') : read,
  );
}
