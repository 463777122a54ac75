import { BARBS } from '@keeper/core/domain/kit/rig';
import { LOSS_WORDS } from '@keeper/core/domain/capture/rodFacts';
import {
  LEAST_TAKES,
  MISHAPS,
  TACKLE,
  type Mishap,
  type Tackle,
  type TackleOutcome,
} from '@keeper/core/findings/tackleOutcomes';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import type { Proportion } from '@keeper/core/statistics/proportion';
import { Section } from '../../parts/Section.js';
import { say } from '../../text/say.js';
import { FindingsFrame } from './FindingsFrame.js';
import { Working } from './Working.js';
import { percent, shareText } from './shareText.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';
import { useFindings } from '../../parts/findings/useFindings.js';

/** What became of the takes on each rig, hook and bait. */
export function TacklePage() {
  return (
    <FindingsFrame title={findingsText.tackle} how={findingsText.tackleHow}>
      {(filter) => <Outcomes filter={filter} />}
    </FindingsFrame>
  );
}

function Outcomes({ filter }: { filter: RecordFilter }) {
  const { told, isAway, going } = useFindings('tackle', filter);
  if (!told) return <Working isAway={isAway} going={going} />;
  if (TACKLE.every((by) => told[by].length === 0))
    return <p className="max-w-prose font-book text-xl">{findingsText.noTackle({ least: LEAST_TAKES })}</p>;
  const all = TACKLE.flatMap((by) =>
    told[by].flatMap((each) =>
      MISHAPS.filter((mishap) => each.mishaps[mishap].isWorse).map((mishap) => ({ by, each, mishap })),
    ),
  );
  // A hook that is on one rig alone tells nothing that the rig does not.
  const worse = all.filter(
    ({ each, mishap }, i) =>
      !all
        .slice(0, i)
        .some((before) => before.mishap === mishap && isSame(before.each.mishaps[mishap], each.mishaps[mishap])),
  );
  return (
    <>
      {worse.length === 0 ? (
        <p className="max-w-prose font-book text-xl">{findingsText.nothingToChange}</p>
      ) : (
        <ul className="grid max-w-prose gap-3">
          {worse.map(({ by, each, mishap }) => (
            <li key={`${by} ${each.name} ${mishap}`} className="font-book text-2xl">
              {worseText(by, each, mishap)}
            </li>
          ))}
        </ul>
      )}
      {TACKLE.filter((by) => told[by].length > 0).map((by) => (
        <Section key={by} title={findingsText.tackleBy[by]}>
          <OutcomeTable by={by} outcomes={told[by]} />
        </Section>
      ))}
      <p className="max-w-prose text-sm text-soft">{findingsText.tackleMethod}</p>
    </>
  );
}

function isSame(a: Proportion, b: Proportion): boolean {
  return a.times === b.times && a.of === b.of;
}

function worseText(by: Tackle, outcome: TackleOutcome, mishap: Mishap): string {
  const { mishaps } = outcome;
  const { times, of, others, chanceWorse } = mishaps[mishap];
  return findingsText.changeIt({
    name: nameOf(by, outcome),
    mishap,
    times,
    of,
    othersTimes: others.times,
    othersOf: others.of,
    chance: Math.min(0.999, chanceWorse).toFixed(chanceWorse > 0.99 ? 3 : 2),
  });
}

function OutcomeTable({ by, outcomes }: { by: Tackle; outcomes: readonly TackleOutcome[] }) {
  const title = findingsText.tackleBy[by];
  return (
    <div className="overflow-x-auto" role="group" aria-label={title} tabIndex={0}>
      <table className="w-full min-w-3xl border-collapse tabular-nums">
        <thead>
          <tr className="text-left text-sm text-soft">
            <th scope="col" className="w-1/4 font-normal">
              <span className="sr-only">{title}</span>
            </th>
            <th scope="col" className="font-normal">
              {findingsText.takes}
            </th>
            {MISHAPS.map((mishap) => (
              <th key={mishap} scope="col" className="font-normal">
                {findingsText.mishap[mishap]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {outcomes.map((each) => (
            <tr key={each.name} className="border-t border-rule align-top">
              <th scope="row" className="py-3 pr-4 text-left font-semibold">
                {nameOf(by, each)}
                <span className="block text-sm font-normal text-soft">{lossesText(each)}</span>
              </th>
              <td className="py-3 pr-4">
                {each.takes}
                <span className="block text-sm text-soft">{findingsText.landedOf({ landed: each.landed })}</span>
              </td>
              {MISHAPS.map((mishap) => (
                <td key={mishap} className={`py-3 pr-4 ${each.mishaps[mishap].isWorse ? 'font-semibold' : ''}`}>
                  <Share of={each.mishaps[mishap]} isWorse={each.mishaps[mishap].isWorse} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** A hook is named by its size and its barb, all else by the keeper. */
function nameOf(by: Tackle, { name }: TackleOutcome): string {
  const [size = '', barb] = name.split(' ');
  return by === 'hook' ? findingsText.hookOf({ size, barb: BARBS.find((each) => each === barb) ?? 'barbed' }) : name;
}

function lossesText({ losses }: TackleOutcome): string {
  return losses
    .map(({ reason, times }) => findingsText.lossTimes({ times, reason: say(LOSS_WORDS[reason]) }))
    .join(', ');
}

/** A share as a line from its lower to its upper limit, over its words. */
function Share({ of, isWorse }: { of: Proportion; isWorse: boolean }) {
  if (of.of === 0) return <span className="text-soft">{findingsText.notTold}</span>;
  return (
    <>
      {findingsText.timesOf({ times: of.times, of: of.of })}
      <svg viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden className="block h-2 w-24 overflow-visible">
        <line x1="0" x2="100" y1="4" y2="4" className="stroke-rule" vectorEffect="non-scaling-stroke" />
        <line
          x1={100 * of.low}
          x2={100 * of.high}
          y1="4"
          y2="4"
          className={isWorse ? 'stroke-ink' : 'stroke-water'}
          strokeWidth={isWorse ? 5 : 3}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <span className="block text-sm font-normal text-soft">
        <span className="sr-only">{percent(of.share)}: </span>
        {shareText(of)}
      </span>
    </>
  );
}
