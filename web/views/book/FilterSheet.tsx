import { useState } from 'react';
import type { FinerFilter, FinerFilterDto } from '@keeper/contract/finerFilter';
import { formatMassIn } from '@keeper/core/measure/formatMass';
import { gramsOf, massSystemOf, type MassUnit } from '@keeper/core/measure/mass';
import { parseMass } from '@keeper/core/measure/parseMass';
import { useSettings } from '../../data/queries.js';
import { Picker } from '../../parts/Picker.js';
import { Section } from '../../parts/Section.js';
import { Sheet } from '../../parts/Sheet.js';
import { TextField } from '../../parts/TextField.js';
import { parseTypedNumber, parseTypedSize } from '../../parts/typed.js';
import { SaveView } from './SaveView.js';
import { bookText } from './text.en-GB.js';
import { useFilterChoices } from './useFilterChoices.js';

const ANY = 'any';

/** What is being asked for, as it is typed. */
type Draft = Readonly<Partial<Record<FinerFilter, string>>>;

interface FilterSheetProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly filter: FinerFilterDto;
  readonly waterId: string | undefined;
  readonly onFilter: (filter: Draft) => void;
}

/** Everything that is noted of a fish, to be asked for. */
export function FilterSheet({ open, onOpenChange, filter, ...rest }: FilterSheetProps) {
  return (
    <Sheet title={bookText.moreFilters} open={open} onOpenChange={onOpenChange}>
      <Filters key={JSON.stringify(filter)} filter={filter} onDone={() => onOpenChange(false)} {...rest} />
    </Sheet>
  );
}

interface FiltersProps extends Pick<FilterSheetProps, 'filter' | 'waterId' | 'onFilter'> {
  readonly onDone: () => void;
}

function Filters({ filter, waterId, onFilter, onDone }: FiltersProps) {
  const { massUnit, lengthHabit } = useSettings();
  const inches = lengthHabit === 'in';
  const [draft, setDraft] = useState<Draft>(() => draftOf(filter, massUnit, inches));
  const [tried, setTried] = useState(false);
  const choices = useFilterChoices(waterId);
  const read = readDraft(draft, massUnit, inches);
  const change = (name: FinerFilter, value: string) => setDraft((standing) => ({ ...standing, [name]: value }));
  const field = (name: FinerFilter, label: string, type: 'text' | 'date' = 'text') => (
    <TextField
      label={label}
      type={type}
      value={draft[name] ?? ''}
      problem={tried && read.bad.includes(name) ? bookText.cannotBeRead : undefined}
      onChange={(value) => change(name, value)}
    />
  );
  const pick = (name: FinerFilter) => {
    const { label, options } = choices[name] ?? { label: name, options: [] };
    return options.length === 0 ? null : (
      <Picker
        key={name}
        label={label}
        value={draft[name] || ANY}
        onChange={(value) => change(name, value === ANY ? '' : value)}
        options={[{ value: ANY, label: bookText.anyOf({ label }) }, ...options]}
      />
    );
  };
  return (
    <form
      className="grid gap-6"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (read.bad.length > 0) return;
        onFilter(read.filter);
        onDone();
      }}
    >
      <Section title={bookText.when}>
        <div className="grid grid-cols-2 gap-3">
          {field('fromDay', bookText.fromDay, 'date')}
          {field('toDay', bookText.toDay, 'date')}
        </div>
      </Section>
      <Section title={bookText.size}>
        <div className="grid grid-cols-2 gap-3">
          {field('leastGrams', bookText.leastWeight)}
          {field('mostGrams', bookText.mostWeight)}
          {field('leastMm', bookText.leastLength({ inches }))}
          {field('mostMm', bookText.mostLength({ inches }))}
        </div>
      </Section>
      <Section title={bookText.whereAndOnWhat}>
        <div className="grid gap-3">
          {(['swimId', 'bait', 'rig', 'method', 'hookHold'] as const).map(pick)}
          <div className="grid grid-cols-2 gap-3">
            {field('leastWaterC', bookText.leastWaterC)}
            {field('mostWaterC', bookText.mostWaterC)}
          </div>
        </div>
      </Section>
      <Section title={bookText.theFish}>
        <div className="grid gap-3">
          {(['outcome', 'lossReason', 'leaving', 'wounded', 'form', 'known', 'pictured', 'origin'] as const).map(pick)}
        </div>
      </Section>
      <Section title={bookText.outOfTheBook}>
        <div className="grid gap-3">{(['importId', 'struckOut'] as const).map(pick)}</div>
      </Section>
      <div className="sticky -bottom-5 -mx-5 flex flex-wrap gap-3 border-t border-rule bg-paper px-5 py-4 sm:-bottom-7 sm:-mx-7 sm:px-7">
        <button type="submit" className="button button-main min-h-14">
          {bookText.showThese}
        </button>
        <button type="button" className="button min-h-14" onClick={() => setDraft({})}>
          {bookText.clearAll}
        </button>
      </div>
      <SaveView onSaved={onDone} />
    </form>
  );
}

function draftOf(filter: FinerFilterDto, massUnit: MassUnit, inches: boolean): Draft {
  const mm = inches ? 25.4 : 10;
  return Object.fromEntries(
    Object.entries(filter).map(([name, value]) => {
      const is = Number(value);
      if (name === 'leastGrams' || name === 'mostGrams')
        return [name, formatMassIn({ unit: 'g', count: Math.round(is) }, massSystemOf(massUnit))];
      if (name === 'leastMm' || name === 'mostMm') return [name, String(Math.round((is / mm) * 10) / 10)];
      return [name, String(value)];
    }),
  );
}

/** What was typed as the address takes it, and what of it cannot be read. */
function readDraft(draft: Draft, massUnit: MassUnit, inches: boolean): { filter: Draft; bad: FinerFilter[] } {
  const bad: FinerFilter[] = [];
  const filter: Partial<Record<FinerFilter, string>> = {};
  for (const [key, typed] of Object.entries(draft)) {
    const name = key as FinerFilter;
    if (typed.trim() === '') continue;
    const value = readOne(name, typed.trim(), massUnit, inches);
    if (value === undefined) bad.push(name);
    else filter[name] = value;
  }
  return { filter, bad };
}

function readOne(name: FinerFilter, typed: string, massUnit: MassUnit, inches: boolean): string | undefined {
  switch (name) {
    case 'leastGrams':
    case 'mostGrams': {
      // To search by, "20" is pounds or kilograms, as the keeper weighs.
      const bare = /^\d+$/.test(typed) ? `${typed} ${massSystemOf(massUnit) === 'lb-oz' ? 'lb' : 'kg'}` : typed;
      const mass = parseMass(bare, massSystemOf(massUnit));
      return mass.kind === 'mass' ? String(Math.round(gramsOf(mass.mass) * 10) / 10) : undefined;
    }
    case 'leastMm':
    case 'mostMm': {
      const mm = parseTypedSize(typed, inches);
      return mm !== undefined && mm >= 0 ? String(mm) : undefined;
    }
    case 'leastWaterC':
    case 'mostWaterC': {
      const tempC = parseTypedNumber(typed);
      return tempC === undefined || Number.isNaN(tempC) ? undefined : String(tempC);
    }
    default:
      return typed;
  }
}
