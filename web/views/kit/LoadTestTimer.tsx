import { kitText } from './text.en-GB.js';
import { useEffect, useState } from 'react';
import { LOAD_TEST_S, LOAD_TEST_WEEKS, type LoadTest } from '@keeper/core/domain/kit/rig';
import { Section } from '../../parts/Section.js';
import { whenText } from '../../parts/when.js';

interface LoadTestTimerProps {
  readonly tests: readonly LoadTest[];
  readonly onTested: (test: LoadTest) => void;
  /** When it was last pulled out of a snag, and what notes that it just was. */
  readonly snaggedAt: string | null;
  readonly onSnagged: () => void;
}

/** Counts while the rig is under full load on a fixed point: one tap to begin, one to end. */
export function LoadTestTimer({ tests, onTested, snaggedAt, onSnagged }: LoadTestTimerProps) {
  const [began, setBegan] = useState<number>();
  const [heldS, setHeldS] = useState(0);
  useEffect(() => {
    if (began === undefined) return;
    const looking = setInterval(() => setHeldS(secondsSince(began)), 200);
    return () => clearInterval(looking);
  }, [began]);
  const share = Math.min(1, heldS / LOAD_TEST_S.least);
  return (
    <Section title={kitText.loadTest}>
      <p className="mb-3 text-soft">{kitText.hookItToSomething}</p>
      <button
        type="button"
        className="button relative min-h-20 w-full overflow-hidden text-xl"
        onClick={() => {
          setHeldS(0);
          if (began === undefined) return setBegan(performance.now());
          setBegan(undefined);
          onTested({ at: new Date().toISOString(), heldS: Math.round(secondsSince(began) * 10) / 10 });
        }}
      >
        <span className="absolute inset-y-0 left-0 bg-waterfill" style={{ width: `${share * 100}%` }} aria-hidden />
        <span className="relative tabular-nums">
          {began === undefined
            ? kitText.underLoadNow
            : `${Math.floor(heldS)} s: ${heldS < LOAD_TEST_S.least ? kitText.holdIt : kitText.itHeldLetGo}`}
        </span>
      </button>
      <p className="mt-3 flex flex-wrap items-center justify-between gap-3 text-sm text-soft">
        <span>
          {kitText.aTestStandsFor({ loadTestWeeks: LOAD_TEST_WEEKS })}
          {snaggedAt && kitText.lastSnagged({ snaggedAt: whenText(snaggedAt) })}
        </span>
        <button type="button" className="button font-normal" onClick={onSnagged}>
          {kitText.itWasSnagged}
        </button>
      </p>
      <ul className="mt-3">
        {tests
          .toReversed()
          .slice(0, 3)
          .map((test) => (
            <li key={test.at} className="border-t border-rule py-2 tabular-nums">
              {whenText(test.at)}: {test.heldS.toFixed(0)} s
              {test.heldS < LOAD_TEST_S.least && <span className="text-rust">{kitText.tooShortToCount}</span>}
            </li>
          ))}
      </ul>
    </Section>
  );
}

function secondsSince(beganMs: number): number {
  return (performance.now() - beganMs) / 1000;
}
