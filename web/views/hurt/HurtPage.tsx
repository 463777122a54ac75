import { useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { emergencyNumber } from '@keeper/core/domain/water/emergency';
import { paths } from '../../app/paths.js';
import { useWaters } from '../../data/rows.js';
import { useCapture } from '../../data/useCapture.js';
import { currentOuting, useOutings } from '../../data/useOuting.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { Section } from '../../parts/Section.js';
import { written } from '../../text/language.js';
import { FishWaits } from './FishWaits.js';
import { HARMS } from './harms.js';
import { hurtText } from './text.en-GB.js';

/** Somebody is hurt: whom to call, where to be met, and the first steps. All of it is on the device. */
export function HurtPage() {
  const [params] = useSearchParams();
  const captureId = params.get('fish');
  const [chosen, setChosen] = useState<string>();
  /** What is read now comes to the top, under the thumb lie the others. */
  const steps = useRef<HTMLDivElement>(null);
  const harm = HARMS.find(({ id }) => id === chosen);
  return (
    <article className="mx-auto grid max-w-3xl gap-6">
      <h1 className="text-3xl font-semibold">{hurtText.somebodyIsHurt}</h1>
      {captureId && <FishWaits captureId={captureId} />}
      {captureId ? <HelpBesideFish captureId={captureId} /> : <Help />}
      <div ref={steps} className="scroll-mt-4">
        {harm && (
          <div aria-live="polite">
            <Section title={harm.name}>
              <ol className="grid gap-3 text-lg">
                {harm.steps.map((step, i) => (
                  <li key={step} className="grid grid-cols-[2.25rem_1fr] border-t border-rule pt-3">
                    <span className="font-book text-2xl leading-none">{i + 1}</span>
                    <span>{step}</span>
                  </li>
                ))}
              </ol>
              <p className="mt-3 text-sm text-soft">{hurtText.source({ source: harm.source })}</p>
            </Section>
          </div>
        )}
      </div>
      <Section title={harm ? hurtText.somethingElse : hurtText.whatHappened}>
        <div role="group" aria-label={hurtText.whatHappened} className="grid grid-cols-2 gap-2.5 sm:grid-cols-3">
          {HARMS.filter(({ id }) => id !== chosen).map(({ id, name }) => (
            <button
              key={id}
              type="button"
              className="button min-h-16 px-2 text-lg leading-tight"
              onClick={() => {
                setChosen(id);
                steps.current?.scrollIntoView({ block: 'start' });
              }}
            >
              {name}
            </button>
          ))}
        </div>
      </Section>
      <p className="text-sm text-soft">{hurtText.noDoctor}</p>
    </article>
  );
}

function HelpBesideFish({ captureId }: { captureId: string }) {
  return <Help waterId={useCapture(captureId).state.facts.waterId} />;
}

/**
 * The number of the country of the water, and where helpers are met: of the water that is named, else of the outing
 * that one is on.
 */
function Help({ waterId }: { waterId?: string | null | undefined }) {
  const outing = currentOuting(useOutings(), useMinute());
  const water = useWaters().find(({ id }) => id === (waterId ?? outing?.waterId));
  const number = emergencyNumber(water?.country);
  const country = water?.country && new Intl.DisplayNames(written.language, { type: 'region' }).of(water.country);
  const position = water?.position;
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <div>
        <a href={`tel:${number}`} className="button button-main min-h-20 w-full flex-col gap-0 font-book text-3xl">
          {hurtText.callNumber({ number })}
        </a>
        <p className="mt-1 text-soft">{country ? hurtText.callFor({ country }) : hurtText.callAnywhere}</p>
        <p className="mt-2">{hurtText.firstYourself}</p>
      </div>
      {water && (
        <Section title={hurtText.whereYouAre}>
          <p className="text-lg font-semibold">{water.name}</p>
          {water.meetingPoint ? (
            <p className="text-lg">
              {hurtText.meetThem} {water.meetingPoint}
            </p>
          ) : (
            <p className="text-soft">
              {hurtText.noPlace}{' '}
              <Link to={paths.water(water.id)} className="quiet-link">
                {hurtText.addAPlace}
              </Link>
            </p>
          )}
          {position && (
            <p className="tabular-nums">
              {hurtText.positionIs({
                latitude: position.latitudeDeg.toFixed(5),
                longitude: position.longitudeDeg.toFixed(5),
              })}
            </p>
          )}
        </Section>
      )}
    </div>
  );
}
