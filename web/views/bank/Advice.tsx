import { bankText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { basisMessage, type Finding, type Severity } from '@keeper/core/care/counsel';
import type { FishingAdvice } from '@keeper/core/care/fishing';
import { hotCaptureWays } from '@keeper/core/care/hotCapture';
import type { HotCapturePractice } from '@keeper/core/domain/practice/hotCapturePractice';
import { speciesName } from '@keeper/core/domain/fish/species';
import { Section } from '../../parts/Section.js';

const VERDICT: Readonly<Record<Severity, string>> = {
  stop: bankText.leaveThemToday,
  care: bankText.goWithCare,
  good: bankText.go,
};

/** The bar before a finding tells its weight without colour: solid, hatched, or a thin line. */
const BAR: Readonly<Record<Severity, string>> = {
  stop: 'border-l-8 border-solid border-rust',
  care: 'border-l-8 border-double border-airink',
  good: 'border-l-2 border-solid border-water',
};

/** Whether to fish, for each species that is expected, with every reason. */
export function Advice({ advice }: { advice: readonly FishingAdvice[] }) {
  const saturation = advice[0]?.saturationMgL ?? undefined;
  return (
    <Section title={bankText.shouldWeFish}>
      <div className="grid gap-6">
        {advice.map(({ species, verdict, findings }) => (
          <div key={species}>
            <h3 className="mb-2 text-2xl font-semibold">
              {say(speciesName(species))}: {VERDICT[verdict]}
            </h3>
            <ul className="grid gap-3">
              {findings.map((finding) => (
                <FindingItem key={finding.rule} finding={finding} />
              ))}
            </ul>
          </div>
        ))}
      </div>
      {saturation !== undefined && (
        <p className="mt-4">
          {bankText.atThisTemperatureAnd({ saturation: saturation.toFixed(1) })}{' '}
          <span className="text-sm text-soft">{bankText.bensonAndKrause}</span>.
        </p>
      )}
      <p className="mt-4 text-sm text-soft">{bankText.localRulesAndLicences}</p>
    </Section>
  );
}

/** One finding: what, why, on what it stands, and what would change it. */
export function FindingItem({ finding }: { finding: Finding }) {
  return (
    <li className={`pl-4 ${BAR[finding.severity]}`}>
      <p className="font-semibold">{say(finding.text)}</p>
      <p>
        {say(finding.reason)} <span className="text-sm text-soft">({say(basisMessage(finding.basis))})</span>
      </p>
      {finding.changes && <p className="font-book italic">{say(finding.changes)}</p>}
    </li>
  );
}

/** What to do when a fish that should be left alone is hooked all the same. */
export function HotCaptureCard({ advice, school }: { advice: readonly FishingAdvice[]; school: HotCapturePractice }) {
  const warm = advice.filter(({ findings }) => findings.some(({ rule }) => rule === 'too-warm'));
  if (warm.length === 0) return null;
  return (
    <Section title={bankText.ifOneIsHooked}>
      <div className="grid gap-5 sm:grid-cols-2 lg:grid-cols-1">
        {hotCaptureWays(school).map((way, i) => (
          <div key={way.school} className="border-t-2 border-ink pt-3">
            <h3 className="mb-1 text-lg font-semibold">
              {say(way.name)}
              {i === 0 && <span className="ml-2 font-sans text-sm font-normal">{bankText.yourChoice}</span>}
            </h3>
            <ol className="mb-2 list-decimal pl-5">
              {way.steps.map((step) => (
                <li key={say(step)}>{say(step)}</li>
              ))}
            </ol>
            <p>{bankText.forIt({ speaksFor: say(way.speaksFor) })}</p>
            <p className="text-soft">{bankText.againstIt({ speaksAgainst: say(way.speaksAgainst) })}</p>
          </div>
        ))}
      </div>
    </Section>
  );
}
