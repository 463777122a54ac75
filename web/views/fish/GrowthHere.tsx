import { fabensGrowth, fabensGain, LEAST_FISH } from '@keeper/core/fish/fabens';
import type { KnownFish } from '@keeper/core/fish/knownFish';
import { lengthsTwice } from '@keeper/core/fish/lengthsTwice';
import { speciesName, type SpeciesId } from '@keeper/core/fish/species';
import { useSettings } from '../../data/queries.js';
import { useWaters } from '../../data/rows.js';
import { Part } from '../../parts/Part.js';

const INCH_MM = 25.4;

/** How fish of one kind grow at each water, from those that were measured twice there. */
export function GrowthHere({ fish, species }: { fish: readonly KnownFish[]; species: SpeciesId }) {
  const waters = useWaters();
  const { lengthHabit } = useSettings();
  const text = (mm: number) =>
    lengthHabit === 'in' ? `${(mm / INCH_MM).toFixed(1)} in` : `${(mm / 10).toFixed(1)} cm`;
  const here = waters.flatMap(({ id, name }) => {
    const pairs = lengthsTwice(fish, id);
    return pairs.length > 0 ? [{ id, name, pairs, growth: fabensGrowth(pairs) }] : [];
  });
  if (here.length === 0) return null;
  return (
    <Part title={`How ${speciesName(species).toLowerCase()} grow`}>
      <ul className="grid max-w-prose gap-2">
        {here.map(({ id, name, pairs, growth }) => {
          const middle = pairs.reduce((sum, { firstMm }) => sum + firstMm, 0) / pairs.length;
          return (
            <li key={id}>
              {growth
                ? `At ${name}, by ${growth.fish} fish measured twice: one of ${text(middle)} gains about ${text(fabensGain(growth, middle, 1))} a year, and they grow towards about ${text(growth.mostMm)}.`
                : `At ${name} ${pairs.length === 1 ? 'one fish was' : `${pairs.length} fish were`} measured twice${pairs.length < LEAST_FISH ? `; from ${LEAST_FISH} on it can be said how they grow there` : '; they do not tell a rate of growth yet'}.`}
            </li>
          );
        })}
      </ul>
    </Part>
  );
}
