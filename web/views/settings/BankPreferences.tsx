import { settingsText } from './text.en-GB.js';
import type { KeptSettings } from '@keeper/contract/preferences';
import type { BankChoiceName, BankPractices } from '@keeper/core/domain/practice/bankPractices';
import { Choices } from '../../parts/Choices.js';
import { OwnSeconds } from '../../parts/practice/OwnSeconds.js';
import { PracticeChoice } from '../../parts/practice/PracticeChoice.js';
import { BANK_WAYS } from '../../parts/practice/practiceWays.js';
import { Section } from '../../parts/Section.js';

interface BankWaysProps {
  readonly bank: KeptSettings['bank'];
  readonly onChange: (bank: BankPractices) => void;
}

type Wanted = 'weigh' | 'measure' | 'picture';
const WANTED: readonly { value: Wanted; label: string }[] = [
  { value: 'weigh', label: settingsText.weigh },
  { value: 'measure', label: settingsText.measure },
  { value: 'picture', label: settingsText.picture },
];

/** The keeper's ways with a fish on, in the order of the work. A water's rule comes before each. */
export function BankWays({ bank, onChange }: BankWaysProps) {
  const change = (part: Partial<BankPractices>) => onChange({ ...bank, ...part });
  return (
    <Section title={settingsText.withAFishOn}>
      <p className="mb-4 max-w-prose text-soft">{settingsText.aWaterCanDiffer}</p>
      <div className="grid gap-5">
        {BANK_WAYS.map((practice) => (
          <div key={practice.name} className="grid gap-3">
            <PracticeChoice
              practice={practice}
              value={bank[practice.name as BankChoiceName]}
              onChange={(way) => change({ [practice.name]: way })}
            />
            {practice.name === 'air' && bank.air === 'own' && (
              <OwnSeconds value={bank.airOwnS} onChange={(airOwnS) => change({ airOwnS })} />
            )}
          </div>
        ))}
        <div>
          <p className="mb-1 text-sm">{settingsText.whatYouDoWith}</p>
          <Choices<Wanted>
            label={settingsText.whatYouDoWith}
            value={WANTED.map(({ value }) => value).filter((value) => bank[value])}
            onChange={(wanted) =>
              change({
                weigh: wanted.includes('weigh'),
                measure: wanted.includes('measure'),
                picture: wanted.includes('picture'),
              })
            }
            options={WANTED}
          />
        </div>
      </div>
    </Section>
  );
}
