import { useState } from 'react';
import { paths } from '../../app/paths.js';
import { useAccess, useHome, useOffer } from '../../data/access.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { Square } from '../../parts/Square.js';
import { CodeOffer } from './CodeOffer.js';
import { HomeSwitch } from './HomeSwitch.js';
import { PairedDevices } from './PairedDevices.js';
import { PassphraseForm } from './PassphraseForm.js';
import { devicesText } from './text.en-GB.js';

/** The phone in the pocket: how it gets to the book, and who else has one. */
export function DevicesPage() {
  const access = useAccess();
  const home = useHome();
  return (
    <div data-wide className="grid gap-8">
      <div>
        <h1 className="text-3xl font-semibold">{devicesText.devices}</h1>
        <p className="mt-2 max-w-prose text-soft">{devicesText.whatThisIs}</p>
      </div>
      <div className="grid gap-x-14 gap-y-9 lg:grid-cols-2">
        <div className="grid content-start gap-9">
          {home?.isOpen && <OnThePhone urls={home.urls} fingerprint={home.fingerprint} />}
          {access && !access.hasPassphrase && <PassphraseForm isFirst />}
          {access?.hasPassphrase && home && <HomeSwitch home={home} onMachine={access.onMachine} />}
        </div>
        <div className="grid content-start gap-9">
          <PairedDevices thisId={access?.deviceRowId ?? null} />
          {access?.hasPassphrase && <PassphraseForm isFirst={false} />}
        </div>
      </div>
    </div>
  );
}

/** From the camera of the phone to the book, in three steps. */
function OnThePhone({ urls, fingerprint }: { urls: readonly string[]; fingerprint: string | null }) {
  const offer = useOffer();
  const [isCodeShown, setCodeShown] = useState(false);
  const [url, ...others] = urls;
  if (url === undefined) return <Notice>{devicesText.noAddress}</Notice>;
  const page = `${url}${paths.pair}`;
  const show = (role: 'keeper' | 'helper') => {
    setCodeShown(true);
    offer.mutate(role);
  };
  return (
    <Section title={devicesText.onThePhone}>
      <ol className="grid list-decimal gap-6 pl-6">
        <li className="pl-1">
          <p>{devicesText.stepOne}</p>
          {/* One square at a time: a camera takes whichever it sees. */}
          {!isCodeShown && (
            <div className="my-3">
              <Square text={page} label={devicesText.stepOneSquare({ url: page })} />
            </div>
          )}
          <p className="text-lg font-semibold break-all">{page}</p>
          {others.length > 0 && (
            <details className="mt-1 text-soft">
              <summary className="min-h-9 cursor-pointer">{devicesText.otherAddresses}</summary>
              {others.map((other) => (
                <p key={other} className="break-all">
                  {`${other}${paths.pair}`}
                </p>
              ))}
            </details>
          )}
        </li>
        {fingerprint !== null && (
          <li className="pl-1">
            <p className="max-w-prose">{devicesText.stepTwo}</p>
            <p className="mt-2 font-mono text-sm break-all">{fingerprint}</p>
          </li>
        )}
        <li className="pl-1">
          <p>{devicesText.stepThree}</p>
          <div className="my-3 flex flex-wrap gap-3">
            <button type="button" className="button button-main min-h-14" onClick={() => show('keeper')}>
              {devicesText.showACode}
            </button>
            <button type="button" className="button min-h-14" onClick={() => show('helper')}>
              {devicesText.showAHelperCode}
            </button>
          </div>
          {offer.data?.role === 'helper' && <p className="mb-3 text-soft">{devicesText.helperMay}</p>}
          {offer.data && <CodeOffer key={offer.data.code} offer={offer.data} home={url} />}
          {offer.isError && <Notice role="alert">{devicesText.thatFailed({ sentence: offer.error.message })}</Notice>}
        </li>
      </ol>
    </Section>
  );
}
