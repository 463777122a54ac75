import type { PracticeName, WaterPractices } from '@keeper/core/domain/practice/practicesAt';
import type { KeptSettings } from '@keeper/contract/preferences';
import { OwnSeconds } from '../../parts/practice/OwnSeconds.js';
import { PracticeChoice } from '../../parts/practice/PracticeChoice.js';
import { PRACTICES_OFFERED } from '../../parts/practice/practiceWays.js';
import { practiceText } from '../../parts/practice/text.en-GB.js';
import { Picker } from '../../parts/Picker.js';

interface WaysHereProps {
  readonly ways: WaterPractices;
  readonly settings: KeptSettings;
  readonly onChange: (ways: WaterPractices) => void;
}

/** What the keeper does differently at this water; all else is as everywhere. */
export function WaysHere({ ways, settings, onChange }: WaysHereProps) {
  const set = PRACTICES_OFFERED.filter(({ name }) => ways[name] !== undefined);
  const others = PRACTICES_OFFERED.filter(({ name }) => ways[name] === undefined);
  return (
    <div className="grid gap-5">
      {set.map((practice) => (
        <div key={practice.name} className="grid gap-2">
          <PracticeChoice
            practice={practice}
            value={shown(ways[practice.name])}
            onChange={(value) => onChange({ ...ways, [practice.name]: kept(value) })}
          />
          {practice.name === 'air' && ways.air === 'own' && (
            <OwnSeconds
              value={ways.airOwnS ?? settings.bank.airOwnS}
              onChange={(airOwnS) => onChange({ ...ways, airOwnS })}
            />
          )}
          <button
            type="button"
            className="quiet-link min-h-11 justify-self-start"
            onClick={() => onChange(without(ways, practice.name))}
          >
            {practiceText.asEverywhere}
          </button>
        </div>
      ))}
      {others.length > 0 && (
        <div className="max-w-sm">
          <Picker
            label={practiceText.doneDifferently}
            value=""
            onChange={(name) => onChange({ ...ways, [name]: everywhere(settings, name as PracticeName) })}
            options={others.map(({ name, title }) => ({ value: name, label: title }))}
          />
        </div>
      )}
    </div>
  );
}

const shown = (value: WaterPractices[PracticeName]) =>
  typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value);
const kept = (value: string) => (value === 'yes' ? true : value === 'no' ? false : value);

/** The beginning is what is done everywhere. */
function everywhere(settings: KeptSettings, name: PracticeName): WaterPractices[PracticeName] {
  return name in settings.bank
    ? settings.bank[name as keyof KeptSettings['bank']]
    : settings[name as 'stopSchool' | 'weighMethod'];
}

function without(ways: WaterPractices, name: PracticeName): WaterPractices {
  const gone: readonly string[] = name === 'air' ? ['air', 'airOwnS'] : [name];
  return Object.fromEntries(Object.entries(ways).filter(([each]) => !gone.includes(each)));
}
