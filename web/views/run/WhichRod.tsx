import { useState } from 'react';
import type { RodFacts } from '@keeper/core/domain/capture/rodFacts';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import type { RodSpell } from '@keeper/core/domain/outing/rods';
import { partsText } from '../../parts/text.en-GB.js';
import { runText } from './text.en-GB.js';

interface WhichRodProps {
  readonly state: CaptureState;
  /** The rods that were out at the take. */
  readonly rods: readonly RodSpell[];
  readonly onTold: (facts: RodFacts) => void;
}

/** How long a take is given, in s, as it is remembered. */
const GIVEN_S = [0, 5, 10, 30] as const;

/**
 * One tap says which rod it took; one more, for who wants it, how long the take was given. Nothing waits for either.
 */
export function WhichRod({ state, rods, onTold }: WhichRodProps) {
  const { rod } = state;
  const [again, setAgain] = useState(false);
  if (!rod || again) {
    if (rods.length < 2) return null;
    return (
      <div role="group" aria-label={runText.whichRod} className="grid auto-cols-fr grid-flow-col gap-2.5">
        {rods.map((spell) => (
          <button
            key={spell.rod}
            type="button"
            className="button min-h-14 flex-col gap-0 px-2 leading-tight"
            onClick={() => {
              setAgain(false);
              onTold({ rod: spell.rod, ...spell.setup });
            }}
          >
            {partsText.rodNumber({ rod: spell.rod })}
            <span className="max-w-full truncate text-sm font-normal">{spell.setup.bait ?? spell.setup.rig}</span>
          </button>
        ))}
      </div>
    );
  }
  if (rod.rod === undefined) return null;
  return (
    <>
      {rods.length > 1 && (
        <button
          type="button"
          className="quiet-link min-h-11 justify-self-start text-left"
          onClick={() => setAgain(true)}
        >
          {runText.rodNotRight({ rod: rod.rod })}
        </button>
      )}
      {rod.givenS === undefined && (
        <div role="group" aria-label={runText.howLongGiven} className="grid grid-cols-4 gap-2.5">
          {GIVEN_S.map((givenS) => (
            <button
              key={givenS}
              type="button"
              className="button min-h-14 px-2 font-normal leading-tight"
              onClick={() => onTold({ ...rod, givenS })}
            >
              {runText.given({ givenS })}
            </button>
          ))}
        </div>
      )}
    </>
  );
}
