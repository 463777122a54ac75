import { paths } from '../../app/paths.js';
import { rehearseText } from './text.en-GB.js';
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
        <h1 className="text-3xl font-semibold">{rehearseText.rehearse}</h1>
        <p className="max-w-prose text-lg">{rehearseText.aFishIsDrawn}</p>
        <Link to={paths.rehearsal(seed)} className="button button-main min-h-20 max-w-md text-xl">
          {rehearseText.drawAFish}
        </Link>
        <p className="text-soft">{rehearseText.scenariosNothingOfIt({ sCENARIOIDSCount: SCENARIO_IDS.length })}</p>
      </div>
      {played.length > 1 && (
        <Section title={rehearseText.howItWent}>
          <Suspense fallback={<div className="h-56" />}>
            <ScorePlot played={played} />
          </Suspense>
        </Section>
      )}
      {played.length > 0 && (
        <Section title={rehearseText.theLastOnes}>
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
                    {rehearseText.ofInTheAir({
                      score: Math.round(score * 100),
                      longestAirMs: spanText(longestAirMs),
                      budgetMs: spanText(budgetMs),
                      handledMs:
                        handledMs === null
                          ? rehearseText.notNetted
                          : rehearseText.inAll({ handledMs: spanText(handledMs) }),
                    })}
                  </span>
                </li>
              ))}
          </ul>
        </Section>
      )}
    </div>
  );
}
