import { ROD_BOUNDS } from '@keeper/core/domain/capture/rodFacts';
import { useStandingRigs } from '../../data/rows.js';
import { useRodWords } from '../../data/rods.js';
import { Picker } from '../Picker.js';
import { TextField } from '../TextField.js';
import { partsText } from '../text.en-GB.js';
import type { FarUnits, RodDraft } from './rodDraft.js';

interface RodFieldsProps {
  readonly draft: RodDraft;
  readonly onChange: (change: Partial<RodDraft>) => void;
  readonly waterId: string | null;
  readonly units: FarUnits;
}

const NO_RIG = 'none';

/** How a rod fishes: what was told before is a tap, the rest is typed. */
export function RodFields({ draft, onChange, waterId, units }: RodFieldsProps) {
  const rigs = useStandingRigs();
  const { baits, methods, places } = useRodWords(waterId);
  const rigGone = draft.rig !== '' && !rigs.some(({ id }) => id === draft.rigId);
  return (
    <div className="grid gap-4">
      {rigs.length > 0 && (
        <div>
          <p className="mb-1 text-sm">{partsText.rig}</p>
          <Picker
            label={partsText.rig}
            value={draft.rigId || NO_RIG}
            onChange={(id) =>
              onChange({ rigId: id === NO_RIG ? '' : id, rig: rigs.find((rig) => rig.id === id)?.name ?? '' })
            }
            options={[
              { value: NO_RIG, label: rigGone ? draft.rig : partsText.noRigNamed },
              ...rigs.map(({ id, name }) => ({ value: id, label: name })),
            ]}
          />
        </div>
      )}
      <WordField label={partsText.bait} words={baits} value={draft.bait} onChange={(bait) => onChange({ bait })} />
      <WordField
        label={partsText.method}
        words={methods}
        value={draft.method}
        onChange={(method) => onChange({ method })}
      />
      <WordField label={partsText.place} words={places} value={draft.place} onChange={(place) => onChange({ place })} />
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label={partsText.howFarOut({ units })}
          numeric
          value={draft.distance}
          onChange={(distance) => onChange({ distance })}
        />
        <TextField
          label={partsText.howDeep({ units })}
          numeric
          value={draft.depth}
          onChange={(depth) => onChange({ depth })}
        />
      </div>
    </div>
  );
}

const SHOWN = 5;

interface WordFieldProps {
  readonly label: string;
  readonly words: readonly string[];
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A word of the keeper's own, with those told before a tap away. */
function WordField({ label, words, value, onChange }: WordFieldProps) {
  return (
    <div>
      <TextField label={label} value={value} mostLetters={ROD_BOUNDS.mostText} onChange={onChange} />
      {words.length > 0 && (
        <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label={partsText.toldBefore({ label })}>
          {words.slice(0, SHOWN).map((word) => (
            <button
              key={word}
              type="button"
              aria-pressed={word === value}
              className="button min-h-11 px-3 font-normal aria-pressed:border-ink"
              onClick={() => onChange(word)}
            >
              {word}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
