import { sweepText } from './text.en-GB.js';
import type { FlankInBook } from '@keeper/contract/flanks';
import { useRegister } from '../../data/known.js';
import type { AlikeFound } from '../../data/sweep.js';
import { FishPicture } from '../../parts/FishPicture.js';
import { Notice } from '../../parts/Notice.js';
import { whenText } from '../../parts/when.js';
import { Beside } from '../who/Beside.js';
import { chanceWords } from '../who/chanceWords.js';
import { Evidence } from '../who/Evidence.js';
import { useFlankPair } from '../who/useFlankPair.js';

interface PairShownProps {
  readonly alike: AlikeFound;
  readonly flanks: readonly FlankInBook[];
  /** All catches that hang together with it. */
  readonly group: readonly string[];
  readonly left: number;
  readonly decide: (how: 'same' | 'two' | 'later') => void;
}

/** Two catches that look like one fish, and what is to be said of them. */
export function PairShown({ alike, flanks, group, left, decide }: PairShownProps) {
  const pair = useFlankPair(alike, flanks);
  const register = useRegister();
  const flankOf = (captureId: string) => flanks.find((flank) => flank.captureId === captureId);
  const name = (captureId: string) => {
    const fishId = register.fishOf(captureId);
    const day = whenText(flankOf(captureId)?.startedAt ?? '', undefined, flankOf(captureId)?.zone);
    return fishId ? `${register.nameOf(fishId)}, ${day}` : day;
  };
  return (
    <div className="grid items-start gap-x-8 gap-y-6 lg:grid-cols-[1fr_19rem]">
      <div className="order-2 lg:order-1">
        {pair === 'gone' ? (
          <Notice>{sweepText.thePicturesCouldNot}</Notice>
        ) : pair ? (
          <Evidence asked={pair.asked} mayBe={pair.mayBe} says={name(alike.captureId)} />
        ) : (
          <p role="status">{sweepText.straighteningBoth}</p>
        )}
      </div>
      <div className="order-1 grid gap-4 lg:order-2">
        <p className="text-lg">
          <b>{name(alike.captureId)}</b> {sweepText.and} <b>{name(alike.otherId)}</b>
          {sweepText.oneFish} <span className="whitespace-nowrap">{capital(chanceWords(alike.probability))}.</span>
        </p>
        <div className="grid gap-2" role="group" aria-label={sweepText.whatYouSay}>
          <button type="button" className="button button-main min-h-14" onClick={() => decide('same')}>
            {sweepText.theSameFish} <kbd className="ml-2 opacity-80">S</kbd>
          </button>
          <button type="button" className="button min-h-14" onClick={() => decide('two')}>
            {sweepText.differentFish} <kbd className="ml-2 text-soft">D</kbd>
          </button>
          <button type="button" className="button min-h-14" onClick={() => decide('later')}>
            {sweepText.later} <kbd className="ml-2 text-soft">L</kbd>
          </button>
        </div>
        {pair && pair !== 'gone' && <Beside asked={pair.asked} mayBe={pair.mayBe} />}
        {group.length > 2 && (
          <div>
            <p className="mb-1 text-sm text-soft">{sweepText.capturesBelongTogether({ groupCount: group.length })}</p>
            <ul className="grid grid-cols-4 gap-1">
              {group.slice(0, 12).map((captureId) => (
                <li key={captureId}>
                  <FishPicture
                    sha256={flankOf(captureId)?.sha256 ?? ''}
                    size="thumb"
                    alt={name(captureId)}
                    className="aspect-4/3 w-full rounded"
                  />
                </li>
              ))}
            </ul>
          </div>
        )}
        <p className="text-sm text-soft">{sweepText.nothingIsLinkedWithout({ left })}</p>
      </div>
    </div>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
