import { whoText } from './text.en-GB.js';
import { useState } from 'react';
import { isFriendFlank } from '../../workers/friendFlank.js';
import type { Answer, PossibleMatch } from '../../workers/whoIsThis.js';
import { chanceWords } from './chanceWords.js';

/** Less likely than this, a fish is listed only when it is asked for. */
const WORTH_A_LOOK = 0.01;
const MOST_LISTED = 5;

interface CandidatesProps {
  readonly answer: Answer;
  readonly nameOf: (mayBe: PossibleMatch) => string;
  readonly chosen: number;
  readonly onChoose: (at: number) => void;
}

/** Who it may be, the likeliest first, a stranger among them where that is likelier. */
export function Candidates({ answer: { mayBe, stranger }, nameOf, chosen, onChoose }: CandidatesProps) {
  const [all, setAll] = useState(false);
  const [first] = mayBe;
  if (!first) return null;
  const listed = mayBe.slice(0, MOST_LISTED);
  const likely = listed.filter((each) => each === first || each.probability >= WORTH_A_LOOK);
  const none = (
    <li className="border-t border-rule py-2 pl-4">
      {whoText.noneOfThem}
      <span className="block text-soft">{chanceWords(stranger)}</span>
    </li>
  );
  const strangerFirst = stranger > first.probability;
  return (
    <div>
      <ul className="grid border-b border-rule">
        {strangerFirst && none}
        {(all ? listed : likely).map((each) => {
          const at = listed.indexOf(each);
          return (
            <li key={keyOf(each)} className="border-t border-rule">
              <button
                type="button"
                aria-pressed={at === chosen}
                className={`grid min-h-14 w-full py-2 pl-3 text-left ${at === chosen ? 'border-l-4 border-water' : 'border-l-4 border-transparent'}`}
                onClick={() => onChoose(at)}
              >
                <b className="font-semibold">{nameOf(each)}</b>
                <span className="text-soft">{chanceWords(each.probability)}</span>
              </button>
            </li>
          );
        })}
        {!strangerFirst && none}
      </ul>
      {!all && likely.length < listed.length && (
        <button type="button" className="quiet-link min-h-12 text-sm" onClick={() => setAll(true)}>
          {whoText.moreEachUnder({ length: listed.length - likely.length })}
        </button>
      )}
    </div>
  );
}

export function keyOf({ flank }: PossibleMatch): string {
  return isFriendFlank(flank) ? flank.fishId : flank.sha256;
}
