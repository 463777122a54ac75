import { paths } from '../app/paths.js';
import { partsText } from './text.en-GB.js';
import { NotKept } from './NotKept.js';
import { useRecord } from '../data/useRecord.js';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { EventPayloads } from '@keeper/core/domain/capture/event';
import { fishOn } from '../data/record.js';

interface FishOnProps {
  /** Where it is and what was not ready, as far as that is known. */
  readonly where: EventPayloads['hooked'];
  readonly large?: boolean;
}

/** Starts the clocks at the take: always, ready or not. */
export function FishOn({ where, large = false }: FishOnProps) {
  const navigate = useNavigate();
  const { keep, notKept } = useRecord();
  const [begun, setBegun] = useState(false);
  const begin = async () => {
    setBegun(true);
    const kept = await keep(async () => {
      const captureId = await fishOn(where);
      // At once: a page that is drawn in slices comes later on a slow processor.
      await navigate(paths.run(captureId), { flushSync: true });
    });
    if (!kept) setBegun(false);
  };
  return (
    <>
      <button
        type="button"
        disabled={begun}
        className={`button button-main flex-col gap-0 font-book ${large ? 'w-full py-8 text-4xl md:text-5xl' : 'px-8 py-3 text-2xl'}`}
        onClick={() => void begin()}
      >
        {partsText.fishOn}
        {large && <span className="font-sans text-base font-normal">{partsText.theClocksStartAt}</span>}
      </button>
      <NotKept when={notKept} />
    </>
  );
}
