import { Download } from 'lucide-react';
import { Section } from '../../parts/Section.js';
import { Notice } from '../../parts/Notice.js';
import { useClockOff } from './useClockOff.js';
import { devicesText } from './text.en-GB.js';

const SYSTEMS = [
  {
    name: devicesText.onAndroid,
    steps: [devicesText.androidOne, devicesText.androidTwo],
    away: devicesText.androidAway,
    is: /Android/,
  },
  {
    name: devicesText.onIphone,
    steps: [devicesText.iphoneOne, devicesText.iphoneTwo],
    away: devicesText.iphoneAway,
    is: /iPhone|iPad/,
  },
] as const;

/** How a phone comes to trust the book, once, and how that is taken back. */
export function CertificateSteps() {
  const daysOff = useClockOff();
  return (
    <Section title={devicesText.certificate}>
      {daysOff > 0 && <Notice>{devicesText.clockIsOff({ days: daysOff })}</Notice>}
      <p className="max-w-prose">{devicesText.certificateWhy}</p>
      <a href="/api/access/authority.crt" download className="button button-main my-4 min-h-14">
        <Download size={20} aria-hidden />
        {devicesText.getCertificate}
      </a>
      <p className="max-w-prose">
        {devicesText.compare} <span className="text-soft">{devicesText.constrained}</span>
      </p>
      {SYSTEMS.map(({ name, steps, away, is }) => (
        <details key={name} open={is.test(navigator.userAgent)} className="mt-3 border-t border-rule pt-2">
          <summary className="min-h-11 cursor-pointer text-lg font-semibold">{name}</summary>
          <ol className="grid max-w-prose list-decimal gap-2 pl-6">
            {steps.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
          <p className="mt-2 max-w-prose text-soft">{away}</p>
        </details>
      ))}
      <p className="mt-4 flex flex-wrap items-center gap-3">
        {devicesText.thenAgain}
        <button type="button" className="button" onClick={() => window.location.reload()}>
          {devicesText.loadAgain}
        </button>
      </p>
    </Section>
  );
}
