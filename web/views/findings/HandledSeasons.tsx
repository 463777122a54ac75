import type { HandledSeason } from '@keeper/core/findings/handlingBySeason';
import { spanText } from '@keeper/core/measure/duration';
import { Section } from '../../parts/Section.js';
import { IntervalLine } from './IntervalLine.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';

const KINDS = ['fight', 'air', 'held', 'gillBeat'] as const;
type Kind = (typeof KINDS)[number];

/** The keeper's own handling year by year: small pictures side by side, each with its words. */
export function HandledSeasons({ seasons }: { seasons: readonly HandledSeason[] }) {
  const told = KINDS.filter((kind) => seasons.some((season) => season[kind] !== null));
  if (told.length === 0) return null;
  return (
    <Section title={findingsText.throughTheYears}>
      <div className="grid gap-x-8 gap-y-6 sm:grid-cols-2">
        {told.map((kind) => (
          <Years key={kind} kind={kind} seasons={seasons} />
        ))}
      </div>
      <p className="mt-2 max-w-prose text-sm text-soft">{findingsText.middlesHow}</p>
    </Section>
  );
}

function Years({ kind, seasons }: { kind: Kind; seasons: readonly HandledSeason[] }) {
  const most = Math.max(1, ...seasons.map((season) => season[kind]?.high ?? season[kind]?.middle ?? 0));
  return (
    <table className="w-full border-collapse tabular-nums">
      <caption className="pb-1 text-left font-semibold">{findingsText.middleOf[kind]}</caption>
      <tbody>
        {seasons.map((season) => {
          const middle = season[kind];
          return (
            middle && (
              <tr key={season.year} className="border-t border-rule align-baseline">
                <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                  {season.year}
                </th>
                <td className="w-1/2 py-1.5" aria-hidden>
                  <IntervalLine middle={middle.middle} low={middle.low} high={middle.high} most={most} />
                </td>
                <td className="py-1.5 pl-3 text-right">
                  {amount(kind, middle.middle)}
                  <span className="block text-sm text-soft">{findingsText.ofFish({ fish: middle.fish })}</span>
                </td>
              </tr>
            )
          );
        })}
      </tbody>
    </table>
  );
}

function amount(kind: Kind, value: number): string {
  return kind === 'gillBeat' ? findingsText.beats({ perMinute: Math.round(value) }) : spanText(value);
}
