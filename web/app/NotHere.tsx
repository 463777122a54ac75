import { Link } from 'react-router';

/** For what neither this device nor the server gives; it stands within a page. */
export function NotHere() {
  return (
    <div className="mx-auto max-w-xl p-6 pt-16">
      <h1 className="mb-3 text-3xl">Not found</h1>
      <p className="mb-6">
        Nothing is lost. Either there is no such page, or what it shows is not on this device and the server cannot be
        reached.
      </p>
      <ToToday />
    </div>
  );
}

/** In place of a page that broke. */
export function Broken() {
  return (
    <main className="mx-auto max-w-xl p-6 pt-16">
      <h1 className="mb-3 text-3xl">This page broke</h1>
      <p className="mb-6">
        What you entered is kept on this device. Load the page again; if it breaks again, start again from Today.
      </p>
      <ToToday />
    </main>
  );
}

function ToToday() {
  return (
    <Link to="/" className="button button-main">
      To Today
    </Link>
  );
}
