import { useEffect, useState } from 'react';
import type { PairingOffer } from '@keeper/contract/access';
import { Square } from '../../parts/Square.js';
import { pairUrl, spokenCode } from './pairLink.js';
import { devicesText } from './text.en-GB.js';

interface CodeOfferProps {
  readonly offer: PairingOffer;
  /** The address of the book in the home network. */
  readonly home: string;
  /** The fish that is handed over with it. */
  readonly captureId?: string;
}

/** A code for another device, as a square and in signs, with the time that it has left. */
export function CodeOffer({ offer, home, captureId }: CodeOfferProps) {
  const [nowMs, setNowMs] = useState(() => Date.now());
  useEffect(() => {
    const looking = setInterval(() => setNowMs(Date.now()), 500);
    return () => clearInterval(looking);
  }, []);
  const seconds = Math.ceil((offer.untilMs - nowMs) / 1000);
  if (seconds <= 0) return <p>{devicesText.codeIsOver}</p>;
  return (
    <div className="grid justify-items-start gap-3">
      <Square text={pairUrl(home, { code: offer.code, captureId })} label={devicesText.codeSquare} />
      <p>
        {devicesText.codeIs} <b className="text-2xl tracking-widest tabular-nums">{spokenCode(offer.code)}</b>{' '}
        <span className="text-soft tabular-nums">{devicesText.secondsLeft({ seconds })}</span>
      </p>
    </div>
  );
}
