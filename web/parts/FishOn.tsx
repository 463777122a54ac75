import { paths } from '../app/paths.js';
import { partsText } from './text.en-GB.js';
import { NotKept } from './NotKept.js';
import { useRecord } from '../data/useRecord.js';
import { useRef } from 'react';
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
  // Nothing is drawn for it: the next thing to be seen is the clock.
  const isBegun = useRef(false);
  const begin = async () => {
    if (isBegun.current) return;
    isBegun.current = true;
    // At once: a page that is drawn in slices comes later on a slow processor.
    await keep(() => fishOn(where, (captureId) => void navigate(paths.run(captureId), { flushSync: true })));
    isBegun.current = false;
  };
  return (
    <>
      <button
        type="button"
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
