import type { Fished, SwimRate, WaterSwims } from '@keeper/core/findings/swimRates';
import { useWaters } from '../../data/rows.js';
import { Section } from '../../parts/Section.js';
import { dateFormat } from '../../text/language.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';

const MONTH = dateFormat({ month: 'narrow', timeZone: 'UTC' });
const MONTH_NAME = dateFormat({ month: 'long', timeZone: 'UTC' });
const MONTHS = Array.from({ length: 12 }, (_, month) => Date.UTC(2000, month, 15));
const HOURS = 100;
/** The darkest shade, of the best month of all. */
const DARKEST = 85;

interface SwimMonthsProps {
  readonly waters: readonly WaterSwims[];
  readonly swimName: (id: string) => string | undefined;
}

/** Where and in which month fish came: each swim with its likely rate, and its months shaded by theirs. */
export function SwimMonths({ waters, swimName }: SwimMonthsProps) {
  const rows = useWaters();
  if (waters.length === 0) return null;
  return (
    <Section title={findingsText.swimByMonth}>
      <div className="grid gap-6">
        {waters.map(({ waterId, swims }) => (
          <WaterTable
            key={waterId}
            name={rows.find(({ id }) => id === waterId)?.name ?? findingsText.aWater}
            swims={swims}
            swimName={swimName}
          />
        ))}
      </div>
      <p className="mt-2 max-w-prose text-sm text-soft">{findingsText.swimsHow}</p>
    </Section>
  );
}

interface WaterTableProps {
  readonly name: string;
  readonly swims: readonly SwimRate[];
  readonly swimName: SwimMonthsProps['swimName'];
}

function WaterTable({ name, swims, swimName }: WaterTableProps) {
  const most = Math.max(1e-9, ...swims.flatMap(({ months }) => months.map(rateIn)));
  return (
    <div className="overflow-x-auto" role="group" aria-label={name} tabIndex={0}>
      <table className="w-full min-w-2xl border-collapse text-center tabular-nums">
        <caption className="pb-1 text-left font-book text-lg">{name}</caption>
        <thead>
          <tr className="text-sm text-soft">
            <th scope="col" className="text-left font-normal">
              {findingsText.swim}
            </th>
            {MONTHS.map((atMs) => (
              <th key={atMs} scope="col" className="w-9 font-normal" aria-label={MONTH_NAME.format(atMs)}>
                {MONTH.format(atMs)}
              </th>
            ))}
            <th scope="col" className="pl-4 text-right font-normal">
              {findingsText.likely}
            </th>
          </tr>
        </thead>
        <tbody>
          {swims.map(({ swimId, months, likely, fish, rodHours }) => (
            <tr key={swimId} className="border-t border-rule">
              <th scope="row" className="py-2 pr-4 text-left font-normal">
                {swimName(swimId) ?? findingsText.aSwim}
                <span className="block text-sm text-soft">
                  {findingsText.fishInHours({ fish, rodHours: Math.round(rodHours) })}
                </span>
              </th>
              {months.map((month, i) => (
                <MonthCell key={i} month={month} most={most} />
              ))}
              <td className="pl-4 text-right whitespace-nowrap">{likely && rateText(likely)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Fish of a month, on a ground as dark as its rate; empty where nobody fished. */
function MonthCell({ month, most }: { month: Fished; most: number }) {
  if (month.rodHours === 0) return <td />;
  const share = Math.round((DARKEST * rateIn(month)) / most);
  return (
    <td className="border-l border-paper p-0">
      <span
        className="block py-2.5"
        style={{ background: `color-mix(in oklab, var(--water-fill) ${share}%, var(--leaf))` }}
      >
        {month.fish}
      </span>
    </td>
  );
}

function rateIn({ fish, rodHours }: Fished): number {
  return rodHours === 0 ? 0 : fish / rodHours;
}

function rateText({ rate, low, high }: NonNullable<SwimRate['likely']>): string {
  const per = (value: number) =>
    (HOURS * value).toLocaleString(undefined, { maximumFractionDigits: 1, minimumFractionDigits: 1 });
  return findingsText.rateOf({ rate: per(rate), low: per(low), high: per(high) });
}
