import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { EventPayloads } from '@keeper/core/domain/capture/event';
import { fishOn } from '../data/keeper.js';

interface FishOnProps {
  /** Where it is and what was not ready, as far as that is known. */
  readonly where: EventPayloads['hooked'];
  readonly large?: boolean;
}

/** Starts the clocks at the take: always, ready or not. */
export function FishOn({ where, large = false }: FishOnProps) {
  const navigate = useNavigate();
  const [begun, setBegun] = useState(false);
  return (
    <button
      type="button"
      disabled={begun}
      className={`button button-main flex-col gap-0 font-book ${large ? 'w-full py-8 text-4xl md:text-5xl' : 'px-8 py-3 text-2xl'}`}
      onClick={() => {
        setBegun(true);
        void fishOn(where).then((captureId) => navigate(`/run/${captureId}`));
      }}
    >
      Fish on
      {large && <span className="font-sans text-base font-normal">the clocks start at the take</span>}
    </button>
  );
}
