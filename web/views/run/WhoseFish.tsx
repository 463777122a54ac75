import { useState } from 'react';
import { keeperOf, type Angler } from '@keeper/core/domain/capture/angler';
import { useHousehold } from '../../parts/useHousehold.js';
import { useWhoseText } from '../../parts/useWhoseText.js';
import { WhoTaps } from '../../parts/WhoCaught.js';
import { runText } from './text.en-GB.js';

interface WhoseFishProps {
  readonly angler: Angler | null;
  readonly begunBy: string | null;
  readonly onSaid: (angler: Angler | null) => void;
}

/**
 * Whose fish it was: of the keeper whose phone it is, unless a tap says otherwise. Where several keep the book they
 * stand there at once; else it takes two taps. A name is for the writing up.
 */
export function WhoseFish({ angler, begunBy, onSaid }: WhoseFishProps) {
  const [asking, setAsking] = useState(false);
  const whose = useWhoseText()({ angler, keeperId: keeperOf(angler, begunBy) });
  const isHousehold = useHousehold().length > 0;
  if (!asking && !isHousehold) {
    return (
      <button
        type="button"
        aria-expanded={false}
        className="quiet-link mb-3 min-h-11 text-left"
        onClick={() => setAsking(true)}
      >
        {runText.yourFishNotRight({ whose })}
      </button>
    );
  }
  return (
    <div className="mb-5">
      {isHousehold && <p className="mb-2">{runText.whoseFishWasIt}</p>}
      <WhoTaps
        value={angler}
        begunBy={begunBy}
        onChange={(next) => {
          setAsking(false);
          onSaid(next);
        }}
      />
    </div>
  );
}
