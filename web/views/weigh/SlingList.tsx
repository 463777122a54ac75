import { paths } from '../../app/paths.js';
import { weighText } from './text.en-GB.js';
import { Link } from 'react-router';
import type { KeptKitItem } from '@keeper/contract/kit';
import { gramsOf, massSystemOf, type MassUnit } from '@keeper/core/measure/mass';
import { slingDrain } from '@keeper/core/weighing/slingDrain';
import { useSettings } from '../../data/queries.js';
import { useStandingKit } from '../../data/rows.js';
import { Section } from '../../parts/Section.js';
import { aboutGrams } from '../../parts/weight/massWords.js';
import { formatDoubt } from '@keeper/core/measure/formatInterval';
import { DrainPlot } from './DrainPlot.js';
import { TareForm } from './TareForm.js';
import { TareList } from './TareList.js';

/** Each sling with its tares, dry and wet, and how quickly it gives its water back. */
export function SlingList() {
  const slings = useStandingKit().filter(({ kind }) => kind === 'sling');
  return (
    <Section title={weighText.slings}>
      {slings.length === 0 && (
        <p className="text-soft">
          {weighText.noSlingStandsIn}{' '}
          <Link to={paths.kit} className="quiet-link">
            {weighText.addItThere}
          </Link>
          .
        </p>
      )}
      <ul className="grid gap-6">
        {slings.map((item) => (
          <li key={item.id}>
            <OneSling item={item} />
          </li>
        ))}
      </ul>
    </Section>
  );
}

function OneSling({ item }: { item: KeptKitItem }) {
  const { massUnit } = useSettings();
  const drain = slingDrain(item.tares);
  const dry = item.tares.filter(({ wet }) => !wet).at(-1);
  return (
    <div className="border-t border-rule pt-3">
      <h3 className="text-lg font-semibold">{item.name}</h3>
      <p className="mt-1">
        {drainWords(drain, massUnit)}
        {dry && weighText.dryItWeighs({ mass: aboutGrams(gramsOf(dry.mass), massUnit) })}
      </p>
      {item.tares.some(({ wet }) => wet) && (
        <DrainPlot tares={item.tares} drain={drain} system={massSystemOf(massUnit)} />
      )}
      {item.tares.length > 0 && <TareList tares={item.tares} />}
      <TareForm item={item} />
    </div>
  );
}

function drainWords(
  { keepsGrams, runsGrams, minutesToDrain, weighings }: ReturnType<typeof slingDrain>,
  unit: MassUnit,
): string {
  const wet = weighText.wetThroughItWeighs({
    runsGrams: aboutGrams(keepsGrams + runsGrams, unit),
    runsGrams2: formatDoubt(runsGrams, massSystemOf(unit)),
    minutesToDrain,
  });
  return weighings < 3 ? weighText.ifItDrainsAs({ wet }) : `${wet}.`;
}
