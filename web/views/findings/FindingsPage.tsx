import { useState } from 'react';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import { speciesName } from '@keeper/core/domain/fish/species';
import type { Finding } from '@keeper/core/findings/findings';
import type { FishingRecord } from '@keeper/core/findings/fishingRecord';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import { useSwims, useWaters } from '../../data/rows.js';
import { Notice } from '../../parts/Notice.js';
import { Picker } from '../../parts/Picker.js';
import { Section } from '../../parts/Section.js';
import { say } from '../../text/say.js';
import type { BookTold } from '../../workers/findingsDesk.js';
import { FindingEntry } from './FindingEntry.js';
import { Stocks } from './Stocks.js';
import { findingsText } from './text.en-GB.js';
import { useFindings } from './useFindings.js';

const ALL = 'all';

/** A winter evening's reading: what the keeper's own outings say, the surest first, and what they do not. */
export function FindingsPage() {
  const [filter, setFilter] = useState<RecordFilter>({});
  const { record, report, going } = useFindings(filter);
  return (
    <div className="grid max-w-5xl gap-6">
      <div>
        <h1 className="text-3xl font-semibold">{findingsText.title}</h1>
        <p className="max-w-prose text-soft">{findingsText.how}</p>
      </div>
      {record.data && <Filters record={record.data} filter={filter} onChange={setFilter} />}
      {record.isError && <Notice role="alert">{findingsText.away}</Notice>}
      {!record.isError && !report.data && (
        <p role="status" className="grid max-w-md gap-2">
          {findingsText.working}
          <progress
            className="h-3 w-full accent-water"
            value={going.done}
            max={going.of}
            aria-label={findingsText.working}
          />
        </p>
      )}
      {report.data && <Told report={report.data} />}
    </div>
  );
}

function Told({ report }: { report: BookTold }) {
  const swims = useSwims();
  const swimName = (id: string) => swims.find((swim) => swim.id === id)?.name;
  const { rests, findings, untold, stocks } = report;
  const of = (says: Finding['says']) => findings.filter((finding) => finding.says === says);
  const list = (title: string, some: readonly Finding[]) =>
    some.length > 0 && (
      <Section title={title}>
        <ul className="border-b border-rule">
          {some.map((finding) => (
            <FindingEntry key={finding.factor} finding={finding} swimName={swimName} />
          ))}
        </ul>
      </Section>
    );
  const asked = untold.map((factor) => findingsText.factor({ factor }).toLowerCase()).join(', ');
  return (
    <>
      {findings.length === 0 && <p className="max-w-prose font-book text-xl">{findingsText.nothingYet}</p>}
      {list(findingsText.sure, of('found'))}
      <Stocks stocks={stocks} />
      {list(findingsText.notYet, of('open'))}
      {list(findingsText.noDifference, of('nothing'))}
      <div className="grid max-w-prose gap-2 text-soft">
        {rests.outings > 0 && <p>{findingsText.rests({ ...rests, rodHours: Math.round(rests.rodHours) })}</p>}
        {rests.withoutRods > 0 && <p>{findingsText.withoutRods({ outings: rests.withoutRods })}</p>}
        {rests.fishOutside > 0 && <p>{findingsText.fishOutside({ fish: rests.fishOutside })}</p>}
        {findings.length > 0 && untold.length > 0 && <p>{findingsText.untold({ factors: asked })}</p>}
      </div>
    </>
  );
}

interface FiltersProps {
  readonly record: FishingRecord;
  readonly filter: RecordFilter;
  readonly onChange: (filter: RecordFilter) => void;
}

function Filters({ record, filter, onChange }: FiltersProps) {
  const waters = useWaters();
  const fished = new Set(record.outings.map(({ waterId }) => waterId));
  const kinds = [...new Set(record.fish.flatMap(({ species }) => species ?? []))];
  const years = [...new Set(record.outings.map(({ fromMs }) => new Date(fromMs).getUTCFullYear()))].sort();
  const change = (what: { readonly [K in keyof RecordFilter]?: RecordFilter[K] | undefined }) =>
    onChange(Object.fromEntries(Object.entries({ ...filter, ...what }).filter(([, value]) => value !== undefined)));
  return (
    <div className="order-last grid gap-3 sm:order-none sm:grid-cols-3">
      <Picker
        label={findingsText.water}
        value={filter.waterId ?? ALL}
        onChange={(id) => change({ waterId: id === ALL ? undefined : id })}
        options={[
          { value: ALL, label: findingsText.everyWater },
          ...waters.filter(({ id }) => fished.has(id)).map(({ id, name }) => ({ value: id, label: name })),
        ]}
      />
      <Picker
        label={findingsText.kind}
        value={filter.species ?? ALL}
        onChange={(kind) => change({ species: kind === ALL ? undefined : (kind as SpeciesId) })}
        options={[
          { value: ALL, label: findingsText.everyKind },
          ...kinds.map((kind) => ({ value: kind, label: say(speciesName(kind)) })),
        ]}
      />
      <Picker
        label={findingsText.year}
        value={filter.year === undefined ? ALL : String(filter.year)}
        onChange={(year) => change({ year: year === ALL ? undefined : Number(year) })}
        options={[
          { value: ALL, label: findingsText.everyYear },
          ...years.toReversed().map((year) => ({ value: String(year), label: String(year) })),
        ]}
      />
    </div>
  );
}
