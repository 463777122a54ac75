import { Link } from 'react-router';
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
          </div>
        )}
      </div>
    </div>
  );
}

/** From the camera of the phone to the book, in three steps. One square at a time: a camera takes any that it sees. */
function OnThePhone({ urls, fingerprint }: { urls: readonly string[]; fingerprint: string | null }) {
  const offer = useOffer();
  const [url, ...others] = urls;
  if (url === undefined) return <Notice>{devicesText.noAddress}</Notice>;
  const page = `${url}${paths.pair}`;
  return (
    <Section title={devicesText.onThePhone}>
      <div className="grid gap-x-14 gap-y-6 lg:grid-cols-2">
        <ol className="grid list-decimal content-start gap-5 pl-6">
          <li className="pl-1">
            <p>{devicesText.stepOne}</p>
            <p className="text-lg font-semibold break-all">{page}</p>
            {others.length > 0 && (
              <details className="text-soft">
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
              <p className="mt-1 text-sm tracking-wide break-all text-soft tabular-nums">{fingerprint}</p>
            </li>
          )}
          <li className="pl-1">
            <p>{devicesText.stepThree}</p>
            <div className="mt-3 flex flex-wrap gap-3">
              <button type="button" className="button button-main min-h-14" onClick={() => offer.mutate('keeper')}>
                {devicesText.showACode}
              </button>
              <button type="button" className="button min-h-14" onClick={() => offer.mutate('helper')}>
                {devicesText.showAHelperCode}
              </button>
            </div>
            {offer.data?.role === 'helper' && <p className="mt-3 text-soft">{devicesText.helperMay}</p>}
          </li>
        </ol>
        <div>
          {offer.data ? (
            <CodeOffer key={offer.data.code} offer={offer.data} home={url} />
          ) : (
            <Square text={page} label={devicesText.stepOneSquare({ url: page })} />
          )}
          {offer.isError && <Notice role="alert">{devicesText.thatFailed({ sentence: offer.error.message })}</Notice>}
        </div>
      </div>
    </Section>
  );
}
