import { say } from '../../text/say.js';
import { Suspense, useState } from 'react';
import { Link } from 'react-router';
import { scenarioOf, SCENARIO_IDS } from '@keeper/core/rehearse/scenario';
import { spanText } from '@keeper/core/measure/duration';
import { useRehearsals } from '../../data/rows.js';
import { Section } from '../../parts/Section.js';
import { whenText } from '../../parts/when.js';
import { newSeed } from './RehearsalResult.js';
import { lazyPart } from '../../parts/lazyPart.js';

const ScorePlot = lazyPart(async () => (await import('./ScorePlot.js')).ScorePlot);

/** Playing a fish through before there is one, and how it went over time. */
export function Rehearse() {
  const [seed] = useState(newSeed);
  const played = useRehearsals();
  return (
    <div className="grid gap-9">
      <div className="grid gap-4">
        <h1 className="text-3xl font-semibold">Rehearse</h1>
        <p className="max-w-prose text-lg">
          A fish is drawn, with what goes wrong on banks: it thrashes, the hook is deep, the mat burns, the other rod
          goes. The screen is the one that you will have beside a real one. Use your own net and mat while you tap, and
          the times are real.
        </p>
        <Link to={`/rehearse/${seed}`} className="button button-main min-h-20 max-w-md text-xl">
          Draw a fish
        </Link>
        <p className="text-soft">{SCENARIO_IDS.length} scenarios. Nothing of it goes into the book.</p>
      </div>
      {played.length > 1 && (
        <Section title="How it went">
          <Suspense fallback={<div className="h-56" />}>
            <ScorePlot played={played} />
          </Suspense>
        </Section>
      )}
      {played.length > 0 && (
        <Section title="The last ones">
          <ul>
            {played
              .slice(-8)
              .toReversed()
              .map(({ id, at, scenario, seed: drawn, score, longestAirMs, budgetMs, handledMs }) => (
                <li key={id} className="flex flex-wrap justify-between gap-x-6 border-t border-rule py-2.5">
                  <span>
                    <b>{say(scenarioOf(scenario, drawn).title)}</b> <span className="text-soft">{whenText(at)}</span>
                  </span>
                  <span className="tabular-nums">
                    {Math.round(score * 100)} of 100, {spanText(longestAirMs)} in the air at the longest (
                    {spanText(budgetMs)} allowed)
                    {handledMs === null ? ', not netted' : `, ${spanText(handledMs)} in all`}
                  </span>
                </li>
              ))}
          </ul>
        </Section>
      )}
    </div>
  );
}
