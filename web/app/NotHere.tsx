import { paths } from './paths.js';
import { appText } from './text.en-GB.js';
import { Link } from 'react-router';

/** For what neither this device nor the server gives; it stands within a page. */
export function NotHere() {
  return (
    <div className="mx-auto max-w-xl p-6 pt-16">
      <h1 className="mb-3 text-3xl">{appText.notFound}</h1>
      <p className="mb-6">{appText.nothingIsLostEither}</p>
      <ToToday />
    </div>
  );
}

/** In place of a page that broke. */
export function Broken() {
  return (
    <main className="mx-auto max-w-xl p-6 pt-16">
      <h1 className="mb-3 text-3xl">{appText.thisPageBroke}</h1>
      <p className="mb-6">{appText.whatYouEnteredIs}</p>
      <ToToday />
    </main>
  );
}

function ToToday() {
  return (
    <Link to={paths.today} className="button button-main">
      {appText.toToday}
    </Link>
  );
}
