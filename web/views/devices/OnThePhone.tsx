import { paths } from '../../app/paths.js';
import { useOffer } from '../../data/access.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { Square } from '../../parts/Square.js';
import { AskForCode } from './AskForCode.js';
import { CodeOffer } from './CodeOffer.js';
import { devicesText } from './text.en-GB.js';

/** From the camera of the phone to the book, in three steps. One square at a time: a camera takes any that it sees. */
export function OnThePhone({ urls, fingerprint }: { urls: readonly string[]; fingerprint: string | null }) {
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
            <AskForCode onAsk={offer.mutate} />
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
