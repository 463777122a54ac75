import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { speciesName } from '@keeper/core/domain/fish/species';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import { paths } from '../../app/paths.js';
import { useSwims, useWaters } from '../../data/rows.js';
import { Picker } from '../../parts/Picker.js';
import { useHousehold } from '../../parts/useHousehold.js';
import { say } from '../../text/say.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';
import { useInRecord } from '../../parts/findings/useFindings.js';
import { useRecordFilter, type FilterName } from './useRecordFilter.js';

const PAGES = [
  { to: paths.findings, name: findingsText.whenAndWhere },
  { to: paths.tackleFindings, name: findingsText.tackle },
  { to: paths.handlingFindings, name: findingsText.handling },
  { to: paths.bests, name: findingsText.bests },
  { to: paths.stocks, name: findingsText.howMany },
] as const;

interface FindingsFrameProps {
  readonly title: string;
  readonly how: string;
  readonly children: (filter: RecordFilter) => ReactNode;
}

/** One page of what the book tells: the way to the others, and what all of them are asked of. */
export function FindingsFrame({ title, how, children }: FindingsFrameProps) {
  const { filter, change, search } = useRecordFilter();
  return (
    <div className="grid max-w-5xl gap-6">
      <nav aria-label={findingsText.title} className="print:hidden">
        <ul className="flex flex-wrap gap-x-6 border-b border-rule">
          {PAGES.map(({ to, name }) => (
            <li key={to}>
              <NavLink
                end
                to={{ pathname: to, search }}
                className="-mb-px flex min-h-11 items-center border-b-4 border-transparent text-soft aria-[current=page]:border-water aria-[current=page]:font-semibold aria-[current=page]:text-ink"
              >
                {name}
              </NavLink>
            </li>
          ))}
        </ul>
      </nav>
      <div>
        <h1 className="text-3xl font-semibold">{title}</h1>
        <p className="max-w-prose text-soft">{how}</p>
      </div>
      <Filters filter={filter} onChange={change} />
      {children(filter)}
    </div>
  );
}

const ALL = 'all';

interface FiltersProps {
  readonly filter: RecordFilter;
  readonly onChange: (name: FilterName, to: string | null) => void;
}

function Filters({ filter, onChange }: FiltersProps) {
  const there = useInRecord().data;
  const waters = useWaters().filter(({ id }) => there?.waters.includes(id));
  const swims = useSwims().filter(({ id, waterId }) => waterId === filter.waterId && there?.swims.includes(id));
  const household = useHousehold().filter(({ id }) => there?.keepers.includes(id));
  if (!there) return null;
  const picker = (
    name: FilterName,
    label: string,
    all: string,
    options: readonly { readonly value: string; readonly label: string }[],
  ) =>
    options.length > 1 && (
      <Picker
        label={label}
        value={String(filter[name] ?? ALL)}
        onChange={(to) => onChange(name, to === ALL ? null : to)}
        options={[{ value: ALL, label: all }, ...options]}
      />
    );
  const named = (rows: readonly { readonly id: string; readonly name: string }[]) =>
    rows.map(({ id, name }) => ({ value: id, label: name }));
  return (
    <div className="order-last grid gap-3 sm:order-none sm:grid-cols-3 lg:grid-cols-5 print:hidden">
      {picker('waterId', findingsText.water, findingsText.everyWater, named(waters))}
      {picker('swimId', findingsText.swim, findingsText.everySwim, named(swims))}
      {picker(
        'species',
        findingsText.kind,
        findingsText.everyKind,
        there.kinds.map((kind) => ({ value: kind, label: say(speciesName(kind)) })),
      )}
      {picker(
        'year',
        findingsText.year,
        findingsText.everyYear,
        there.years.map((year) => ({ value: String(year), label: String(year) })),
      )}
      {picker('keeperId', findingsText.whose, findingsText.everybodys, named(household))}
    </div>
  );
}
