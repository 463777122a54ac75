import { runText } from './text.en-GB.js';

interface SetOrLaterProps {
  /** What would be set; undefined while nothing is. */
  readonly said: string | undefined;
  /** What it is, under it. */
  readonly under?: string;
  readonly onSet: () => void;
  readonly onLater: () => void;
}

/** The foot of a panel: what was set goes into the book, or it is left for later. */
export function SetOrLater({ said, under, onSet, onLater }: SetOrLaterProps) {
  return (
    <div className="grid grid-cols-[1fr_2fr] gap-3">
      <button type="button" className="button min-h-20 text-xl" onClick={onLater}>
        {runText.later}
      </button>
      <button
        type="button"
        className="button button-main min-h-20 flex-col gap-0 text-2xl"
        disabled={said === undefined}
        onClick={onSet}
      >
        {said ?? runText.setItAbove}
        {under && <span className="text-base font-normal">{under}</span>}
      </button>
    </div>
  );
}
