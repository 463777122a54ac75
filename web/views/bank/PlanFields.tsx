import { bankText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { LONGEST_OUTING_MS, type OutingPayloads } from '@keeper/core/domain/outing/event';
import { SPECIES, type SpeciesId } from '@keeper/core/domain/fish/species';
import { Choice } from '../../parts/Choice.js';
import { Choices } from '../../parts/Choices.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';

/** When, for what and with whom, as it is typed. */
export interface PlanDraft {
  readonly from: string;
  readonly to: string;
  readonly companions: '0' | '1' | '2';
  readonly expected: readonly SpeciesId[];
}

function problemsOf({ from, to }: PlanDraft): { from?: string; to?: string } {
  const [fromMs, toMs] = [Date.parse(from), Date.parse(to)];
  if (!Number.isFinite(fromMs)) return { from: bankText.chooseAStart };
  if (!Number.isFinite(toMs)) return { to: bankText.chooseAnEnd };
  if (toMs <= fromMs) return { to: bankText.itEndsBeforeIt };
  return toMs - fromMs > LONGEST_OUTING_MS ? { to: bankText.longerThanTwoWeeks } : {};
}

/** The plan as it goes into the log; undefined while something is not right with it. */
export function planOf(draft: PlanDraft): Omit<OutingPayloads['outing-planned'], 'waterId'> | undefined {
  if (Object.keys(problemsOf(draft)).length > 0) return undefined;
  return {
    fromAt: new Date(draft.from).toISOString(),
    toAt: new Date(draft.to).toISOString(),
    companions: Number(draft.companions),
    expected: [...draft.expected],
  };
}

interface PlanFieldsProps {
  readonly draft: PlanDraft;
  readonly change: (change: Partial<PlanDraft>) => void;
  /** Problems are said once it was tried to plan it. */
  readonly tried: boolean;
}

/** When, for what and with whom. */
export function PlanFields({ draft, change, tried }: PlanFieldsProps) {
  const problems = tried ? problemsOf(draft) : {};
  return (
    <>
      <Section title={bankText.when}>
        <div className="grid gap-3 sm:grid-cols-2">
          <TextField
            type="datetime-local"
            label={bankText.from}
            value={draft.from}
            problem={problems.from}
            onChange={(from) => change({ from })}
          />
          <TextField
            type="datetime-local"
            label={bankText.untilAbout}
            value={draft.to}
            problem={problems.to}
            onChange={(to) => change({ to })}
          />
        </div>
      </Section>
      <Section title={bankText.fishingFor}>
        <Choices<SpeciesId>
          label={bankText.expectedSpecies}
          value={draft.expected}
          onChange={(expected) => change({ expected })}
          options={SPECIES.filter(({ id }) => id !== 'other').map(({ id, name }) => ({ value: id, label: say(name) }))}
        />
      </Section>
      <Section title={bankText.withWhom}>
        <Choice<PlanDraft['companions']>
          label={bankText.howManyOfYou}
          value={draft.companions}
          onChange={(companions) => change({ companions })}
          options={[
            { value: '0', label: bankText.aloneFirst },
            { value: '1', label: bankText.twoOfUs },
            { value: '2', label: bankText.threeOrMore },
          ]}
        />
      </Section>
    </>
  );
}
