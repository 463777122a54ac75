import { say } from '../../text/say.js';
import { fabensGrowth, LEAST_FISH, type FabensGrowth } from '@keeper/core/biometry/fabens';
import type { KnownFish } from '@keeper/core/domain/identity/knownFish';
import { recaptureIncrements } from '@keeper/core/biometry/recaptureIncrements';
import { speciesName, type SpeciesId } from '@keeper/core/domain/fish/species';
import { useSettings } from '../../data/queries.js';
import { useWaters } from '../../data/rows.js';
import { Section } from '../../parts/Section.js';

const INCH_MM = 25.4;

/** How fish of one kind grow at each water, from those that were measured twice there. */
export function GrowthHere({ fish, species }: { fish: readonly KnownFish[]; species: SpeciesId }) {
  const waters = useWaters();
  const { lengthHabit } = useSettings();
  const text = (mm: number) =>
    lengthHabit === 'in' ? `${(mm / INCH_MM).toFixed(1)} in` : `${(mm / 10).toFixed(1)} cm`;
  const here = waters.flatMap(({ id, name }) => {
    const pairs = recaptureIncrements(fish, id);
    return pairs.length > 0 ? [{ id, name, pairs, growth: fabensGrowth(pairs) }] : [];
  });
  if (here.length === 0) return null;
  return (
    <Section title={`How ${say(speciesName(species)).toLowerCase()} grow`}>
      <ul className="grid max-w-prose gap-2">
        {here.map(({ id, name, pairs, growth }) => {
          return (
            <li key={id}>
              {growth
                ? `At ${name}, by ${growth.fish} fish measured twice: one of ${text(growth.middleMm)} gains about ${text(growth.gainMm)} a year (${gainRange(growth, text)}, 19 in 20). ${towards(growth, text)}`
                : `At ${name} ${pairs.length === 1 ? 'one fish was' : `${pairs.length} fish were`} measured twice${pairs.length < LEAST_FISH ? `; ${LEAST_FISH} are needed to say how they grow there` : '; too few to give a rate of growth yet'}.`}
            </li>
          );
        })}
      </ul>
    </Section>
  );
}

function gainRange({ gainFromMm, gainToMm }: FabensGrowth, text: (mm: number) => string): string {
  return gainFromMm <= 0 ? `from none to ${text(gainToMm)}` : `${text(gainFromMm)} to ${text(gainToMm)}`;
}

/** Where they grow towards, as far as these fish tell. */
function towards({ mostMm, rateFrom, sdMm }: FabensGrowth, text: (mm: number) => string): string {
  const apart = `Single fish lie ${text(sdMm)} off it.`;
  return rateFrom === 0
    ? `How long they get cannot be told from them yet. ${apart}`
    : `They grow towards about ${text(mostMm)}. ${apart}`;
}
