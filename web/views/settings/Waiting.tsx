import { settingsText } from './text.en-GB.js';
import { useOutbox } from '../../data/useCapture.js';
import { useLowRoom } from '../../data/storageQuota.js';
import { Section } from '../../parts/Section.js';
import { SaveUnsent } from '../../parts/SaveUnsent.js';

/** What this device holds that the book has not got yet, and how much room there is for more. */
export function WaitingHere() {
  const { events, pictures, rows, trouble } = useOutbox();
  const count = (of: readonly { readonly state: string }[], wanted: string) =>
    of.filter(({ state }) => state === wanted).length;
  // What was refused does not go by itself: it stands below, with what can be done about it.
  const [entries, images] = [count(events, 'waiting') + count(rows, 'waiting'), count(pictures, 'waiting')];
  const refused = count(events, 'refused') + count(rows, 'refused') + count(pictures, 'refused');
  const lowMb = useLowRoom(images);
  if (entries + images + refused === 0 && lowMb === undefined) return null;
  return (
    <Section title={settingsText.waitingOnThisDevice}>
      <p className="mb-3">
        {settingsText.nothingWaitsAndGo({ images: entries + images, entries, images2: images })}
        {trouble && settingsText.nothingGoesJustNow({ sentence: trouble.sentence })}
        {lowMb !== undefined && settingsText.thisDeviceHasAbout({ lowMb })}
      </p>
      {entries + images + refused > 0 && <SaveUnsent />}
    </Section>
  );
}
