import { Link } from 'react-router';
import { paths } from '../../app/paths.js';
import { useOutbox } from '../../data/useCapture.js';
import { devicesText } from './text.en-GB.js';

/** What a helper's phone shows beside a run: the fish that it tapped for, and that there is nothing else. */
export function HelperPage() {
  const { events } = useOutbox();
  const captureId = events.flatMap(({ event }) => ('captureId' in event ? event.captureId : [])).at(-1);
  return (
    <main className="grid max-w-xl gap-5 p-6">
      <h1 className="text-3xl font-semibold">{devicesText.helps}</h1>
      <p>{devicesText.helpsHow}</p>
      {captureId === undefined ? (
        <p>{devicesText.noFishNow}</p>
      ) : (
        <Link to={paths.run(captureId)} className="button button-main min-h-14 justify-self-start">
          {devicesText.toTheFish}
        </Link>
      )}
    </main>
  );
}
