import { useOutbox } from '../../data/useCapture.js';
import { useLowRoom } from '../../data/room.js';
import { Part } from '../../parts/Part.js';
import { TakeWaiting } from '../../parts/TakeWaiting.js';

/** What this device holds that the book has not got yet, and how much room there is for more. */
export function WaitingHere() {
  const { events, pictures, rows } = useOutbox();
  const count = (of: readonly { readonly state: string }[]) => of.filter(({ state }) => state !== 'sent').length;
  const [entries, images] = [count(events) + count(rows), count(pictures)];
  const lowMb = useLowRoom(images);
  if (entries + images === 0 && lowMb === undefined) return null;
  return (
    <Part title="Waiting on this device">
      <p className="mb-3">
        {entries + images === 0
          ? 'Nothing waits.'
          : `${entries === 1 ? '1 entry' : `${entries} entries`} and ${images === 1 ? '1 picture' : `${images} pictures`} go to the book when it can be reached, in order, once.`}
        {lowMb !== undefined && ` This device has about ${lowMb} MB left for them.`}
      </p>
      {entries + images > 0 && <TakeWaiting />}
    </Part>
  );
}
