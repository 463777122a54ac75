import { picturesText } from './text.en-GB.js';
import { Section } from '../../parts/Section.js';

/** What marks are for, and how many there are. */
export function MarksPart({ count, landmarks }: { count: number; landmarks: boolean }) {
  return (
    <Section title={picturesText.marksToKnowIt}>
      <p className="mb-2">{picturesText.whereAPictureIs}</p>
      <p className="text-soft">
        {picturesText.dragOneToMove({ count })}
        {!landmarks && picturesText.theyCountOnceThe}
      </p>
    </Section>
  );
}
