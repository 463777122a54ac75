import { useState } from 'react';
import { MOST_RODS, type RodSetup } from '@keeper/core/domain/capture/rodFacts';
import type { OutingEventType, OutingPayloads } from '@keeper/core/domain/outing/event';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import { rodsNow, rodTimeMs } from '@keeper/core/domain/outing/rods';
import { spanText } from '@keeper/core/measure/duration';
import { RodForm } from '../../parts/rod/RodForm.js';
import { Section } from '../../parts/Section.js';
import { Sheet } from '../../parts/Sheet.js';
import { partsText } from '../../parts/text.en-GB.js';
import { RodCard } from './RodCard.js';
import { bankText } from './text.en-GB.js';

/** Writes one event of the outing. */
export type NoteOuting = <T extends OutingEventType>(type: T, payload: OutingPayloads[T]) => Promise<void>;

interface RodsProps {
  readonly state: OutingState;
  readonly nowMs: number;
  readonly note: NoteOuting;
}

/** What each rod fishes: in and out, changed in two taps, and what came of it. */
export function Rods({ state, nowMs, note }: RodsProps) {
  /** The rod whose set-up is open. */
  const [open, setOpen] = useState<number>();
  const rods = rodsNow(state.rods);
  const free = Array.from({ length: MOST_RODS }, (_, i) => i + 1).find((rod) => !rods.some((each) => each.rod === rod));
  const cast = (rod: number, setup: RodSetup) => note('rod-out', { rod, setup, when: new Date().toISOString() });
  const totalMs = rodTimeMs(state.rods, nowMs);
  return (
    <Section
      title={bankText.rods}
      aside={
        totalMs > 0 && <p className="text-soft tabular-nums">{bankText.rodHours({ rodTime: spanText(totalMs) })}</p>
      }
    >
      <div className="grid gap-4">
        {rods.map((spell) => (
          <RodCard
            key={spell.rod}
            state={state}
            spell={spell}
            nowMs={nowMs}
            onCast={(setup) => void cast(spell.rod, setup)}
            onIn={() => void note('rod-in', { rod: spell.rod, why: 'rested', when: new Date().toISOString() })}
            onSign={(kind) => void note(kind, { rod: spell.rod, when: new Date().toISOString() })}
            onLossTold={({ eventId }, loss) => void note('lost-how', { of: eventId, ...loss })}
            onMore={() => setOpen(spell.rod)}
          />
        ))}
        {free !== undefined && (
          <button type="button" className="button min-h-14" onClick={() => setOpen(free)}>
            {rods.length === 0 ? bankText.castTheFirstRod : bankText.anotherRod}
          </button>
        )}
      </div>
      <Sheet
        title={partsText.rodNumber({ rod: open ?? 1 })}
        open={open !== undefined}
        onOpenChange={(is) => {
          if (!is) setOpen(undefined);
        }}
      >
        {open !== undefined && (
          <RodForm
            submit={bankText.castItSo}
            waterId={state.waterId}
            // A second rod is mostly baited and rigged as the first.
            setup={rods.find(({ rod }) => rod === open)?.setup ?? withoutPlace(rods.at(-1)?.setup)}
            onTold={(setup) => {
              setOpen(undefined);
              void cast(open, setup);
            }}
          />
        )}
      </Sheet>
    </Section>
  );
}

function withoutPlace(setup: RodSetup = {}): RodSetup {
  const { place: _place, distanceM: _distanceM, depthM: _depthM, ...rest } = setup;
  return rest;
}
