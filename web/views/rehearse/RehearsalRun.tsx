import { paths } from '../../app/paths.js';
import { rehearseText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { X } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { drawScenario, twistsTold, type Scenario } from '@keeper/core/rehearse/scenario';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { ruleMessages } from '@keeper/core/domain/water/ruleMessages';
import { useSettings } from '../../data/queries.js';
import { useRehearsals } from '../../data/rows.js';
import type { RunDesk } from '../run/runDesk.js';
import { RunView } from '../run/RunView.js';
import { Undo } from '../run/Undo.js';
import { useRunningClock } from '../run/useRunningClock.js';
import { RehearsalResult } from './RehearsalResult.js';
import { usePractice } from './usePractice.js';

/** A fish that is only played through: what it is, then the run, then how it went. */
export function RehearsalRun() {
  const seed = useParams()['seed'] ?? '1';
  return <Drawn key={seed} seed={seed} />;
}

function Drawn({ seed }: { seed: string }) {
  const last = useRehearsals().at(-1)?.scenario;
  const [scenario] = useState(() => drawScenario(seed, last ? [last] : []));
  const [begun, setBegun] = useState(false);
  const units = useSettings();
  if (begun) return <Practice scenario={scenario} seed={seed} />;
  const { conditions: around, title, told } = scenario;
  const rules = ruleMessages({ ...NO_RULES, ...scenario.rules }, units).map(say);
  return (
    <main className="mx-auto grid min-h-dvh max-w-xl content-center gap-5 px-4 py-8">
      <p className="text-soft">{rehearseText.rehearsalNothingOfIt}</p>
      <h1 className="text-4xl font-semibold">{say(title)}</h1>
      <p className="text-xl">{say(told)}</p>
      <p className="text-soft">
        {around.waterC !== undefined && rehearseText.waterC({ waterC: around.waterC })}
        {around.airC !== undefined && rehearseText.airC({ airC: around.airC })}
        {rehearseText.withAHelperAlone({ companions: around.companions ?? 0 })}
        {around.dark && rehearseText.inTheDark}.
      </p>
      {rules.length > 0 && (
        <ul aria-label={rehearseText.theRulesOfThis} className="rounded-md border-2 border-edge bg-leaf px-5 py-3">
          {rules.map((rule) => (
            <li key={rule}>{rule}</li>
          ))}
        </ul>
      )}
      <button type="button" className="button button-main min-h-24 text-2xl" onClick={() => setBegun(true)}>
        {rehearseText.itComesToThe}
      </button>
      <Link to={paths.rehearse} className="button min-h-14">
        {rehearseText.notNow}
      </Link>
    </main>
  );
}

function Practice({ scenario, seed }: { scenario: Scenario; seed: string }) {
  const desk = usePractice(scenario);
  return (
    <RunView
      desk={desk}
      expected={[]}
      told={<Told scenario={scenario} desk={desk} />}
      over={<RehearsalResult scenario={scenario} seed={seed} state={desk.state} />}
      header={
        <>
          <Link
            to={paths.rehearse}
            aria-label={rehearseText.leaveTheRehearsal}
            className="grid size-14 place-items-center"
          >
            <X aria-hidden />
          </Link>
          <h1 className="min-w-0 flex-1 truncate text-lg font-semibold">
            {rehearseText.rehearsal({ title: say(scenario.title) })}
          </h1>
          {desk.state.outcome === 'open' && desk.tapped && <Undo desk={desk} />}
        </>
      }
    />
  );
}

/** What has just turned up. */
function Told({ scenario, desk }: { scenario: Scenario; desk: RunDesk }) {
  const nowMs = useRunningClock(desk);
  const last = twistsTold(scenario, desk.state.marks, nowMs).at(-1);
  return (
    <p
      role="status"
      className="min-h-12 rounded-sm border-2 border-dashed border-edge px-3 py-2 font-book text-lg italic"
    >
      {say(last?.tell ?? scenario.told)}
    </p>
  );
}
