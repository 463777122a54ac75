import { Link } from 'react-router';
import { paths } from '../../app/paths.js';
import { useAccess, useHome } from '../../data/access.js';
import { AskedHere } from './AskedHere.js';
import { HomeSwitch } from './HomeSwitch.js';
import { OnThePhone } from './OnThePhone.js';
import { PairedDevices } from './PairedDevices.js';
import { PassphraseForm } from './PassphraseForm.js';
import { devicesText } from './text.en-GB.js';

/** The phone in the pocket: how it gets to the book, and who else has one. */
export function DevicesPage() {
  const access = useAccess();
  const home = useHome();
  return (
    <div data-wide className="grid gap-9">
      <div>
        <Link to={paths.settings} className="quiet-link text-sm">
          {devicesText.settings}
        </Link>
        <h1 className="text-3xl font-semibold">{devicesText.devices}</h1>
        <p className="mt-2 max-w-prose text-soft">{devicesText.whatThisIs}</p>
      </div>
      {home?.isOpen && <OnThePhone urls={home.urls} fingerprint={home.fingerprint} />}
      {access && !access.hasPassphrase && <PassphraseForm isFirst />}
      <div className="grid gap-x-14 gap-y-9 lg:grid-cols-2">
        <PairedDevices thisId={access?.deviceRowId ?? null} />
        {access?.hasPassphrase && home && (
          <div className="grid content-start gap-9">
            <HomeSwitch home={home} onMachine={access.onMachine} />
            <PassphraseForm isFirst={false} />
            {access.onMachine && <AskedHere isAsked={access.isAskedHere} />}
          </div>
        )}
      </div>
    </div>
  );
}
