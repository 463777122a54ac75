import { settingsText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import type { KeptSettings } from '@keeper/contract/preferences';
import {
  AIR_PRACTICES,
  AIR_WORDS,
  FIGHT_PRACTICES,
  FIGHT_WORDS,
  KEEP_PRACTICES,
  KEEP_WORDS,
  LIFT_PRACTICES,
  LIFT_WORDS,
  UNHOOK_PRACTICES,
  UNHOOK_WORDS,
  type BankPractices,
  type PracticeWords,
} from '@keeper/core/domain/capture/practices';
import { Choice } from '../../parts/Choice.js';
import { Choices } from '../../parts/Choices.js';
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

/**
 * The schools of the bank: how a fish is played, unhooked, lifted, and how long it may be out. A water's rule comes
 * before each.
 */
export function BankWays({ bank, onChange }: BankWaysProps) {
  const change = (part: Partial<BankPractices>) => onChange({ ...bank, ...part });
  return (
    <Section title={settingsText.withAFishOn}>
      <div className="grid gap-5">
        <School
          title={settingsText.outOfTheWater}
          value={bank.air}
          schools={AIR_PRACTICES}
          words={AIR_WORDS}
          onChange={(air) => change({ air })}
        />
        {bank.air === 'own' && (
          <label className="grid gap-1">
            {settingsText.seconds}
            <input
              type="number"
              inputMode="numeric"
              min={1}
              max={300}
              className="field max-w-40"
              defaultValue={bank.airOwnS}
              onBlur={(event) => {
                const airOwnS = Math.round(Number(event.target.value));
                if (airOwnS >= 1 && airOwnS <= 300) change({ airOwnS });
                else event.target.value = String(bank.airOwnS);
              }}
            />
            <span className="text-soft">{settingsText.fromTo}</span>
          </label>
        )}
        <School
          title={settingsText.theFight}
          value={bank.fight}
          schools={FIGHT_PRACTICES}
          words={FIGHT_WORDS}
          onChange={(fight) => change({ fight })}
        />
        <School
          title={settingsText.theHookComesOut}
          value={bank.unhook}
          schools={UNHOOK_PRACTICES}
          words={UNHOOK_WORDS}
          onChange={(unhook) => change({ unhook })}
        />
        <School
          title={settingsText.theLift}
          value={bank.lift}
          schools={LIFT_PRACTICES}
          words={LIFT_WORDS}
          onChange={(lift) => change({ lift })}
        />
        <School
          title={settingsText.keepingItForA}
          value={bank.keep}
          schools={KEEP_PRACTICES}
          words={KEEP_WORDS}
          onChange={(keep) => change({ keep })}
        />
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

interface SchoolProps<S extends string> {
  readonly title: string;
  readonly value: S;
  readonly schools: readonly S[];
  readonly words: Readonly<Record<S, PracticeWords>>;
  readonly onChange: (school: S) => void;
}

function School<S extends string>({ title, value, schools, words, onChange }: SchoolProps<S>) {
  return (
    <div>
      <p className="mb-1 text-sm">{title}</p>
      <Choice<S>
        label={title}
        value={value}
        onChange={onChange}
        options={schools.map((school) => ({ value: school, label: say(words[school].name) }))}
      />
      <p className="mt-1.5 text-soft">{say(words[value].why)}</p>
    </div>
  );
}
