import { Link } from 'react-router';
import type { MeasuredFish } from '@keeper/core/domain/capture/measuredFish';
import { ladderOf, type BestIn, type Rung } from '@keeper/core/findings/bests';
import { formatInterval } from '@keeper/core/measure/formatInterval';
import { formatSize } from '@keeper/core/measure/keeperUnits';
import { massSystemOf } from '@keeper/core/measure/mass';
import { paths } from '../../app/paths.js';
import { useSettings } from '../../data/queries.js';
import { BookPicture } from '../../parts/BookPicture.js';
import { MassText } from '../../parts/MassText.js';
import { takenText } from '../../parts/when.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';
import { useChanceHeavier } from './useChanceHeavier.js';

/** As if it were known to this, so that whole ounces are written: they are fine enough for a step. */
const WHOLE_OUNCES_G = 500;
/** Surer than this needs no chance. */
const SURE = 0.995;
/** So many rungs at most, the last ones. */
const MOST_RUNGS = 8;

/** How a best grew: a rung for each fish that beat all before it, as wide as it was large. */
export function Ladder({ fish, best }: { fish: readonly MeasuredFish[]; best: BestIn }) {
  const rungs = ladderOf(fish, best);
  const size = ({ fish: of }: Rung) => (best === 'weight' ? of.netGrams : of.lengthMm) ?? 0;
  const most = Math.max(1, ...rungs.map(size));
  const shown = rungs.slice(-MOST_RUNGS).toReversed();
  const picture = shown[0]?.fish.pictures[0];
  return (
    <div className={picture ? 'grid items-start gap-4 sm:grid-cols-[9rem_1fr]' : ''}>
      {picture && (
        <BookPicture picture={picture} size="view" decorative className="aspect-4/3 w-full rounded sm:w-36" />
      )}
      <ol>
        {shown.map((rung, i) => (
          <RungLine key={rung.fish.captureId} rung={rung} best={best} share={size(rung) / most} before={shown[i + 1]} />
        ))}
      </ol>
    </div>
  );
}

interface RungLineProps {
  readonly rung: Rung;
  readonly best: BestIn;
  readonly share: number;
  readonly before: Rung | undefined;
}

function RungLine({ rung: { fish, by }, best, share, before }: RungLineProps) {
  const { massUnit, lengthHabit } = useSettings();
  const chanceHeavier = useChanceHeavier();
  const system = massSystemOf(massUnit);
  // Of what was written down nobody knows the doubt.
  const isKnown = fish.dated === null && before?.fish.dated === null;
  const chance = before && isKnown && best === 'weight' ? chanceHeavier(fish.captureId, before.fish.captureId) : null;
  const step =
    by === null
      ? null
      : best === 'weight'
        ? formatInterval(by, WHOLE_OUNCES_G, system).value
        : formatSize(by, lengthHabit);
  return (
    <li className="border-t border-rule">
      <Link to={paths.capture(fish.captureId)} className="block py-2">
        <span className="flex flex-wrap items-baseline justify-between gap-x-4 tabular-nums">
          <b>
            {best === 'weight'
              ? fish.net && <MassText mass={fish.net} unit={massUnit} />
              : formatSize(fish.lengthMm ?? 0, lengthHabit)}
          </b>
          <span className="text-sm text-soft">{takenText(fish)}</span>
        </span>
        <span aria-hidden className="my-1 block h-1.5 rounded-r-sm bg-water" style={{ width: `${100 * share}%` }} />
        {step !== null && (
          <span className="block text-sm text-soft">
            {chance === null || chance > SURE
              ? findingsText.upgrade({ step })
              : findingsText.upgradeLikely({ step, chance: chance.toFixed(2) })}
          </span>
        )}
      </Link>
    </li>
  );
}
