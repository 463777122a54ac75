import { layoutText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import type { LayoutJudgement } from '@keeper/core/bank/layoutPoint';
import type { KitPiece } from '@keeper/core/domain/water/plan';
import { Section } from '../../parts/Section.js';

/** Below this a point is something to mend. */
const WRONG = 0.6;

/** What is to be said of a layout: what to mend first, each with its reason; then what is right, in short. */
export function LayoutSaid({
  judged,
  onChoose,
}: {
  judged: LayoutJudgement;
  onChoose: (pieces: readonly KitPiece[]) => void;
}) {
  const wrong = judged.points.filter(({ mark }) => mark < WRONG);
  const right = judged.points.filter(({ mark }) => mark >= WRONG);
  return (
    <div className="grid content-start gap-8">
      <p role="status" className="font-book text-2xl">
        {wrong.length === 0
          ? layoutText.nothingToFix
          : layoutText.toFixRight({ wrongCount: wrong.length, rightCount: right.length })}{' '}
        <span className="font-sans text-base whitespace-nowrap text-soft tabular-nums">
          {layoutText.of({ score: Math.round(judged.score * 100) })}
        </span>
      </p>
      {wrong.length > 0 && (
        <Section title={layoutText.toFix}>
          <ul>
            {wrong.map((point) => (
              <li key={point.id} className="border-t border-rule">
                <button type="button" className="w-full py-2.5 text-left" onClick={() => onChoose(point.pieces)}>
                  <span className="block font-semibold">{say(point.text)}</span>
                  <span className="text-soft">{say(point.reason)}</span>
                </button>
              </li>
            ))}
          </ul>
        </Section>
      )}
      <Section title={layoutText.right}>
        <ul>
          {right.map(({ id, text }) => (
            <li key={id} className="border-t border-rule py-2">
              {say(text)}
            </li>
          ))}
        </ul>
      </Section>
    </div>
  );
}
