import { picturesText } from './text.en-GB.js';
import { Section } from '../../parts/Section.js';
import type { LookedAt } from '../../workers/pictureLook.js';
import { VerdictList } from './VerdictList.js';

/** What is thought of the picture, or the plea to show where the fish is. */
export function FishPart({
  looked,
  proposed,
  onAsk,
}: {
  looked: LookedAt | undefined;
  proposed: boolean;
  onAsk: () => void;
}) {
  if (!looked) return null;
  if (!looked.fish) {
    return (
      <Section title={picturesText.noFishFound}>
        <p className="mb-3">{picturesText.noFlankWasFound}</p>
        <button type="button" className="button" onClick={onAsk}>
          {picturesText.setThemByHand}
        </button>
      </Section>
    );
  }
  const { verdicts, doubtful } = looked.fish;
  return (
    <Section title={picturesText.pictureChecks}>
      {proposed && doubtful && <p className="mb-3 border-l-4 border-air pl-3">{picturesText.theSixPointsAre}</p>}
      <VerdictList verdicts={verdicts} />
    </Section>
  );
}
