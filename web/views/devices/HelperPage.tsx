import { Link } from 'react-router';
import { paths } from '../../app/paths.js';
import { useHeldSummaries } from '../../data/useCapture.js';
import { useAccess } from '../../data/access.js';
import { devicesText } from './text.en-GB.js';

/** What a helper's phone shows beside a run: the fish that it was handed, and that there is nothing else. */
export function HelperPage() {
  const access = useAccess();
  const open = useHeldSummaries().filter(({ outcome }) => outcome === 'open');
  if (access?.role !== 'helper') return null;
  return (
    <main className="grid max-w-xl gap-5 p-6">
      <h1 className="text-3xl font-semibold">{devicesText.helps}</h1>
      <p>{devicesText.helpsHow}</p>
      {open.length === 0 && <p>{devicesText.noFishNow}</p>}
      {open.map(({ captureId }) => (
        <Link key={captureId} to={paths.run(captureId)} className="button button-main min-h-14 justify-self-start">
          {devicesText.toTheFish}
        </Link>
      ))}
    </main>
  );
}
