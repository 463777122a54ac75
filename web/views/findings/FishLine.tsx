import type { MeasuredFish } from '@keeper/core/domain/capture/measuredFish';
import { speciesName } from '@keeper/core/domain/fish/species';
import { useSettings } from '../../data/queries.js';
import { useWaters } from '../../data/rows.js';
import { MassText } from '../../parts/MassText.js';
import { takenText } from '../../parts/when.js';
import { say } from '../../text/say.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';

/** A fish in a line: what it was, what it weighed, when and where. */
export function FishLine({ fish }: { fish: MeasuredFish | undefined }) {
  const { massUnit } = useSettings();
  const water = useWaters().find(({ id }) => id === fish?.waterId);
  if (!fish) return <span className="text-soft">{findingsText.notWeighed}</span>;
  return (
    <>
      <span className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span>{say(speciesName(fish.species))}</span>
        {fish.net && (
          <span className="font-semibold tabular-nums">
            <MassText mass={fish.net} unit={massUnit} />
          </span>
        )}
      </span>
      <span className="block text-sm text-soft">
        {takenText(fish)}
        {water && `, ${water.name}`}
      </span>
    </>
  );
}
