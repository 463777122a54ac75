import { useState } from 'react';
import type { Angler } from '@keeper/core/domain/capture/angler';
import { anglerText } from '../../parts/anglerText.js';
import { partsText } from '../../parts/text.en-GB.js';
import { runText } from './text.en-GB.js';

interface WhoseFishProps {
  readonly angler: Angler | null;
  readonly onSaid: (angler: Angler | null) => void;
}

/** Whose fish it was: the keeper's, unless two taps say otherwise. A name is for the writing up. */
export function WhoseFish({ angler, onSaid }: WhoseFishProps) {
  const [asking, setAsking] = useState(false);
  if (!asking) {
    return (
      <button
        type="button"
        aria-expanded={false}
        className="quiet-link mb-3 min-h-11 text-left"
        onClick={() => setAsking(true)}
      >
        {runText.yourFishNotRight({ whose: angler && anglerText(angler) })}
      </button>
    );
  }
  const say = (next: Angler | null) => () => {
    setAsking(false);
    onSaid(next);
  };
  return (
    <div role="group" aria-label={partsText.whoCaughtIt} className="mb-5 grid grid-cols-3 gap-2.5">
      <button type="button" className="button min-h-14 px-2" onClick={say(null)}>
        {partsText.iDid}
      </button>
      <button type="button" className="button min-h-14 px-2" onClick={say({ who: 'friend' })}>
        {partsText.aFriend}
      </button>
      <button type="button" className="button min-h-14 px-2" onClick={say({ who: 'child' })}>
        {partsText.aChild}
      </button>
    </div>
  );
}
