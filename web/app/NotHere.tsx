import { Link, useRouteError } from 'react-router';

/** For an address that leads nowhere, and for a page that broke. */
export function NotHere() {
  const broke = useRouteError() !== undefined;
  return (
    <main className="mx-auto max-w-xl p-6 pt-16">
      <h1 className="mb-3 text-3xl">{broke ? 'This page broke' : 'There is no such page'}</h1>
      <p className="mb-6">
        {broke
          ? 'What you entered is kept on this device. Load the page again; if it breaks again, go on from Today.'
          : 'Nothing is lost; the address leads nowhere.'}
      </p>
      <Link to="/" className="button button-main">
        To Today
      </Link>
    </main>
  );
}
