import { fishText } from './text.en-GB.js';
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
    lengthHabit === 'in'
      ? fishText.inIt({ inchMm: (mm / INCH_MM).toFixed(1) })
      : fishText.cm({ mm: (mm / 10).toFixed(1) });
  const here = waters.flatMap(({ id, name }) => {
    const pairs = recaptureIncrements(fish, id);
    return pairs.length > 0 ? [{ id, name, pairs, growth: fabensGrowth(pairs) }] : [];
  });
  if (here.length === 0) return null;
  return (
    <Section title={fishText.howTheyGrow({ species: say(speciesName(species)).toLowerCase() })}>
      <ul className="grid max-w-prose gap-2">
        {here.map(({ id, name, pairs, growth }) => {
          return (
            <li key={id}>
              {growth
                ? fishText.atByFishMeasured({
                    name,
                    fish: growth.fish,
                    middleMm: text(growth.middleMm),
                    gainMm: text(growth.gainMm),
                    growth: gainRange(growth, text),
                    growth2: towards(growth, text),
                  })
                : fishText.atMeasuredTwice({
                    name,
                    pairsCount: pairs.length,
                    leastFish: pairs.length < LEAST_FISH,
                    leastFish2: LEAST_FISH,
                  })}
            </li>
          );
        })}
      </ul>
    </Section>
  );
}

function gainRange({ gainFromMm, gainToMm }: FabensGrowth, text: (mm: number) => string): string {
  return gainFromMm <= 0
    ? fishText.fromNoneTo({ gainToMm: text(gainToMm) })
    : fishText.to2({ gainFromMm: text(gainFromMm), gainToMm: text(gainToMm) });
}

/** Where they grow towards, as far as these fish tell. */
function towards({ mostMm, rateFrom, sdMm }: FabensGrowth, text: (mm: number) => string): string {
  const apart = fishText.singleFishLieOff({ sdMm: text(sdMm) });
  return rateFrom === 0
    ? fishText.howLongTheyGet({ apart })
    : fishText.theyGrowTowards({ mostMm: text(mostMm), apart });
}
