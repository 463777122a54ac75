import type { Finding } from '@keeper/core/findings/findings';
import type { Rate } from '@keeper/core/findings/rateInterval';
import { findingsText } from '../../parts/findings/text.en-GB.js';
import { IntervalLine } from './IntervalLine.js';
import { headed, levelText } from '../../parts/findings/levelText.js';

interface LevelRatesProps {
  readonly finding: Finding;
  readonly swimName: (id: string) => string | undefined;
  /** Its fish and blanks are asked for. */
  readonly onLevel: (level: string) => void;
}

/** So many rod-hours a rate is said of: one can picture a season. */
const HOURS = 100;

/** How often fish came at each level: a point with its interval, its words beside it. */
export function LevelRates({ finding: { factor, levels, level: meant }, swimName, onLevel }: LevelRatesProps) {
  const told = levels.flatMap(({ rate, ...each }) => (rate ? [{ ...each, rate }] : []));
  const most = Math.max(...told.map(({ rate }) => rate.high), 1e-9);
  return (
    <table className="w-full border-collapse">
      <caption className="pb-1 text-right text-sm text-soft">{findingsText.rate}</caption>
      <tbody>
        {told.map((each) => (
          <tr key={each.level} className="border-t border-rule align-baseline">
            <th scope="row" className={`py-2 pr-4 text-left ${each.level === meant ? 'font-semibold' : 'font-normal'}`}>
              {headed(levelText(factor, each.level, swimName))}
            </th>
            <td className="w-1/3 py-2" aria-hidden>
              <IntervalLine
                middle={each.rate.rate}
                low={each.rate.low}
                high={each.rate.high}
                most={most}
                isMeant={each.level === meant}
              />
            </td>
            <td className="py-2 pl-4 text-right tabular-nums">
              {rateText(each.rate)}
              <button
                type="button"
                className="quiet-link block w-full text-right text-sm"
                onClick={() => onLevel(each.level)}
              >
                {findingsText.restsOn({
                  fish: each.fish,
                  rodHours: Math.round(each.rodHours),
                  outings: each.outings,
                })}
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** A rate with its limits, all of them written as finely as the rate. */
function rateText({ rate, low, high }: Rate): string {
  const digits = HOURS * rate < 10 ? 1 : 0;
  const per = (value: number) =>
    (HOURS * value).toLocaleString(undefined, { minimumFractionDigits: digits, maximumFractionDigits: digits });
  return findingsText.rateOf({ rate: per(rate), low: per(low), high: per(high) });
}
