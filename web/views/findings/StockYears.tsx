import type { YearStock } from '@keeper/core/findings/openStock';
import { IntervalLine } from './IntervalLine.js';
import { percent } from './shareText.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';

/** How many there were year by year, where some came and some went. */
export function StockYears({ years }: { years: readonly YearStock[] }) {
  const most = Math.max(1, ...years.map(({ high }) => high));
  return (
    <table className="mt-3 w-full max-w-2xl border-collapse tabular-nums">
      <caption className="pb-1 text-left text-sm text-soft">{findingsText.yearByYear}</caption>
      <tbody>
        {years.map(({ year, fish, low, high, stayed }) => (
          <tr key={year} className="border-t border-rule align-baseline">
            <th scope="row" className="py-1.5 pr-3 text-left font-normal">
              {year}
            </th>
            <td className="w-2/5 py-1.5" aria-hidden>
              <IntervalLine middle={fish} low={low} high={high} most={most} />
            </td>
            <td className="py-1.5 pl-3 text-right">
              {findingsText.fishInYear({ fish: Math.round(fish), low: Math.floor(low), high: Math.ceil(high) })}
            </td>
            <td className="py-1.5 pl-3 text-right text-sm text-soft">
              {stayed !== null && findingsText.stayed({ share: percent(stayed) })}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
