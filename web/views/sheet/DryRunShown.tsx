import { formatLength } from '@keeper/core/measure/length';
import { formatMass } from '@keeper/core/measure/formatMass';
import { speciesName } from '@keeper/core/domain/fish/species';
import type { CellProblem } from '@keeper/core/sheet/readSheetRow';
import type { PlannedFish } from '@keeper/core/sheet/sheetPlan';
import { pastDateText } from '../../parts/when.js';
import { say } from '../../text/say.js';
import type { DryRun } from '../../workers/sheetDesk.js';
import { sheetText } from './text.en-GB.js';

/** The first fish as they will stand, what is left over, what cannot be read, and what is in the book already. */
export function DryRunShown({ run, alsoPerhaps }: { run: DryRun; alsoPerhaps: boolean }) {
  const { counts } = run;
  const coming = counts.fish - (alsoPerhaps ? 0 : counts.perhaps);
  const shown = run.fish.filter(({ perhaps }) => perhaps === null || alsoPerhaps).slice(0, FIRST_FISH);
  return (
    <div className="grid gap-4">
      <p className="font-book text-2xl">
        {coming === 0 ? sheetText.nothingNew : sheetText.willCome({ fish: coming })}{' '}
        {counts.already > 0 && sheetText.already({ already: counts.already })}
      </p>
      {shown.length > 0 && (
        <ol className="border-b border-rule">
          {shown.map((planned) => (
            <FishLine key={planned.key} planned={planned} />
          ))}
          {coming > shown.length && (
            <li className="border-t border-rule py-2 text-soft">{sheetText.more({ more: coming - shown.length })}</li>
          )}
        </ol>
      )}
      <ProblemList title={sheetText.unread({ rows: counts.unread })} count={counts.unread} problems={run.unread} />
      <ProblemList
        title={sheetText.unreadCells({ cells: counts.unreadCells })}
        count={counts.unreadCells}
        problems={run.unreadCells}
      />
      {counts.leftOver > 0 && (
        <details>
          <summary className="min-h-11 cursor-pointer py-2">{sheetText.leftOver({ rows: counts.leftOver })}</summary>
          <ul>
            {run.leftOver.map(({ row, text }) => (
              <li key={row} className="border-t border-rule py-1 text-sm">
                <span className="text-soft">{sheetText.rowNumber({ row })}</span> {text}
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

const FIRST_FISH = 5;

function FishLine({ planned: { fish, perhaps } }: { planned: PlannedFish }) {
  const { dated, water, swim, kind, weight, length, rig, bait, method, place } = fish;
  const sizes = [weight && formatMass(weight), length && formatLength(length)].filter(Boolean).join(', ');
  const told = [swim, rig, bait, method, place].filter(Boolean).join(', ');
  return (
    <li className="grid grid-cols-[1fr_auto] gap-x-4 border-t border-rule py-2">
      <p className="font-semibold">{say(speciesName(kind.species, kind.form, kind.kindName))}</p>
      <p className="font-book text-xl tabular-nums">{sizes}</p>
      <p className="col-span-2 text-soft">
        {[pastDateText(dated), water, told].filter(Boolean).join(', ')}
        {perhaps !== null && <span className="text-ink">, {sheetText.perhapsSame}</span>}
      </p>
      {fish.note && <p className="col-span-2 line-clamp-2 font-book">{fish.note}</p>}
    </li>
  );
}

/** A sentence names most cells itself; of a long one the beginning is enough. */
function withCell(sentence: string, text: string): string {
  const cell = text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)}…` : text;
  return sentence.includes(text) ? sentence : `${sentence} ${cell}`;
}

const MOST_LETTERS = 80;

interface ProblemListProps {
  readonly title: string;
  readonly count: number;
  readonly problems: readonly CellProblem[];
}

function ProblemList({ title, count, problems }: ProblemListProps) {
  if (count === 0) return null;
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2">{title}</summary>
      <ul>
        {problems.map(({ row, field, text, reason }) => (
          <li key={`${row} ${field}`} className="border-t border-rule py-1 text-sm">
            <span className="text-soft">
              {sheetText.rowNumber({ row })}, {sheetText.fields[field]}:
            </span>{' '}
            {withCell(say(reason), text)}
          </li>
        ))}
        {count > problems.length && (
          <li className="border-t border-rule py-1 text-sm">{sheetText.more({ more: count - problems.length })}</li>
        )}
      </ul>
    </details>
  );
}
