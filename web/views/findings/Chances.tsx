import { speciesName } from '@keeper/core/domain/fish/species';
import type { ChanceTold } from '@keeper/core/findings/bookTold';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import { formatRoughMass } from '@keeper/core/measure/formatInterval';
import { massSystemOf } from '@keeper/core/measure/mass';
import { useSettings } from '../../data/queries.js';
import { Section } from '../../parts/Section.js';
import { say } from '../../text/say.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';
import { useFindings } from '../../parts/findings/useFindings.js';

/** What the next trips may bring: how likely a fish above a weight that one looks up to. */
export function Chances({ filter }: { filter: RecordFilter }) {
  const { told } = useFindings('chances', filter);
  const { massUnit } = useSettings();
  if (!told) return null;
  const text = ({ species, grams, trips, chance: { share, low, high } }: ChanceTold) =>
    findingsText.chanceOf({
      kind: say(speciesName(species)).toLowerCase(),
      mass: formatRoughMass(grams, massSystemOf(massUnit)),
      trips,
      oneIn: oneIn(share),
      low: low.toFixed(2),
      high: high.toFixed(2),
    });
  return (
    <Section title={findingsText.whatToExpect}>
      {told.length === 0 ? (
        <p className="max-w-prose text-soft">{findingsText.noChances}</p>
      ) : (
        <>
          <ul className="grid max-w-prose gap-1 font-book text-xl">
            {told.map((chance) => (
              <li key={`${chance.species} ${chance.grams}`}>{text(chance)}</li>
            ))}
          </ul>
          <p className="mt-2 max-w-prose text-sm text-soft">{findingsText.chancesHow}</p>
        </>
      )}
    </Section>
  );
}

/** A chance as an angler says it: `1 in 6`, or `5 in 6` where it is likelier than not. */
function oneIn(share: number): string {
  if (share >= 0.5) return findingsText.inTen({ tenths: Math.min(9, Math.round(10 * share)) });
  return findingsText.oneIn({ of: Math.round(1 / Math.max(share, 0.001)) });
}
