import { watersText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { SPECIES, type SpeciesId } from '@keeper/core/domain/fish/species';
import type { ClosedSeason, DayOfYear } from '@keeper/core/domain/water/season';
import { Choices } from '../../parts/Choices.js';
import { FieldSentence } from '../../parts/Notice.js';
import { Picker } from '../../parts/Picker.js';

interface SeasonFieldsProps {
  readonly seasons: readonly ClosedSeason[];
  readonly problem: string | undefined;
  readonly onChange: (seasons: readonly ClosedSeason[]) => void;
}

const MONTHS = watersText.januaryFebruaryMarchApril.split(' ');
const NEW_SEASON: ClosedSeason = { from: { month: 3, day: 15 }, to: { month: 6, day: 15 }, species: [] };

/** Days on which nothing, or some species, may be fished for. One that ends before it begins runs over the new year. */
export function SeasonFields({ seasons, problem, onChange }: SeasonFieldsProps) {
  const set = (index: number, change: Partial<ClosedSeason>) =>
    onChange(seasons.map((season, i) => (i === index ? { ...season, ...change } : season)));
  return (
    <div className="grid gap-4">
      {seasons.map((season, i) => (
        <div key={i} className="grid gap-3 border-l-4 border-rule pl-4">
          <div className="grid gap-3 sm:grid-cols-2">
            <Day label={watersText.firstClosedDay} value={season.from} onChange={(from) => set(i, { from })} />
            <Day label={watersText.lastClosedDay} value={season.to} onChange={(to) => set(i, { to })} />
          </div>
          <div>
            <p className="mb-1 text-sm">{watersText.forTheseNoneChosen}</p>
            <Choices<SpeciesId>
              label={watersText.closedSpecies}
              value={season.species}
              onChange={(species) => set(i, { species })}
              options={SPECIES.filter(({ id }) => id !== 'other').map(({ id, name }) => ({
                value: id,
                label: say(name),
              }))}
            />
          </div>
          <p>
            <button type="button" className="quiet-link" onClick={() => onChange(seasons.filter((_, at) => at !== i))}>
              {watersText.removeThisSeason}
            </button>
          </p>
        </div>
      ))}
      {problem && <FieldSentence id="season-problem">{problem}</FieldSentence>}
      <p>
        <button type="button" className="button font-normal" onClick={() => onChange([...seasons, NEW_SEASON])}>
          {watersText.aClosedSeasonAdd({ seasonsCount: seasons.length })}
        </button>
      </p>
    </div>
  );
}

function Day({ label, value, onChange }: { label: string; value: DayOfYear; onChange: (value: DayOfYear) => void }) {
  const days = Array.from({ length: 31 }, (_, i) => String(i + 1));
  return (
    <div>
      <p className="mb-1 text-sm">{label}</p>
      <div className="grid grid-cols-[5.5rem_1fr] gap-2">
        <Picker
          label={watersText.day({ label })}
          value={String(value.day)}
          onChange={(day) => onChange({ ...value, day: Number(day) })}
          options={days.map((day) => ({ value: day, label: day }))}
        />
        <Picker
          label={watersText.month({ label })}
          value={String(value.month)}
          onChange={(month) => onChange({ ...value, month: Number(month) })}
          options={MONTHS.map((name, i) => ({ value: String(i + 1), label: name }))}
        />
      </div>
    </div>
  );
}
