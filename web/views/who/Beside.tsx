import { whoText } from './text.en-GB.js';
import { Section } from '../../parts/Section.js';
import { useSettings } from '../../data/queries.js';
import type { AskedFlank, PossibleMatch } from '../../workers/whoIsThis.js';
import { besideText } from './besideText.js';

/** What else counts for or against it, beside the flank: length, weight, water and time. */
export function Beside({ asked: { facts }, mayBe: { beside } }: { asked: AskedFlank; mayBe: PossibleMatch }) {
  const { massUnit, lengthHabit } = useSettings();
  if (beside.length === 0) return null;
  return (
    <Section title={whoText.lengthWeightAndWater}>
      <ul className="grid gap-1">
        {beside.map((each) => (
          <li key={each.by}>{besideText(each, facts, { massUnit, lengthHabit })}</li>
        ))}
      </ul>
    </Section>
  );
}
