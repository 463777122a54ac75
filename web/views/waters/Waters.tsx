import { paths } from '../../app/paths.js';
import { watersText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { Fragment, useState } from 'react';
import { Link } from 'react-router';
import { ruleMessages } from '@keeper/core/domain/water/ruleMessages';
import { BANK_WORDS, compassMessage } from '@keeper/core/domain/water/swim';
import { newId } from '../../data/device.js';
import { useSettings } from '../../data/queries.js';
import { useStandingWaters, useStandingSwims, useSwims, useWaters } from '../../data/rows.js';
import { Unread } from '../../parts/Unread.js';

/** The keeper's waters, each with its rules in short and its swims. */
export function Waters() {
  const waters = useStandingWaters();
  const swims = useStandingSwims();
  const units = useSettings();
  const [fresh] = useState(newId);
  return (
    <div className="max-w-3xl">
      <h1 className="mb-6 text-3xl font-semibold">{watersText.waters}</h1>
      <Unread kind="waters" />
      <ul className="grid gap-8">
        {waters.map((water) => {
          const rules = ruleMessages(water.rules, units).map(say);
          const own = swims.filter(({ waterId }) => waterId === water.id);
          return (
            <li key={water.id} className="border-t-2 border-ink pt-3">
              <div className="flex flex-wrap items-baseline justify-between gap-x-6">
                <h2 className="text-2xl font-semibold">{water.name}</h2>
                <Link to={paths.water(water.id)} className="quiet-link">
                  {watersText.rulesAndLocation}
                </Link>
              </div>
              <p className="text-soft">{rules.length === 0 ? watersText.noRulesWrittenDown : rules.join(' ')}</p>
              <ul className="mt-2">
                {own.map((swim) => (
                  <li key={swim.id} className="border-t border-rule">
                    <Link
                      to={paths.swim(water.id, swim.id)}
                      className="flex min-h-14 flex-wrap items-center justify-between gap-x-4 py-2"
                    >
                      <b>{swim.name}</b>
                      <span className="text-soft">
                        {watersText.looks({
                          bank: say(BANK_WORDS[swim.bank]),
                          facingDeg: say(compassMessage(swim.facingDeg)),
                        })}
                      </span>
                    </Link>
                  </li>
                ))}
              </ul>
              <AwaySwims waterId={water.id} />
              <NewSwim waterId={water.id} />
            </li>
          );
        })}
      </ul>
      <PutAway />
      <Link to={paths.water(fresh)} className="button button-main mt-8">
        {watersText.addAWater}
      </Link>
      <p className="mt-6 text-sm text-soft">{watersText.whereTheyLieStays}</p>
    </div>
  );
}

/** Waters that were archived, and the way back to each. */
function PutAway() {
  const away = useWaters().filter(({ retired }) => retired);
  if (away.length === 0) return null;
  return (
    <p className="mt-8 text-soft">
      {watersText.archived}{' '}
      {away.map(({ id, name }, i) => (
        <Fragment key={id}>
          {i > 0 && ', '}
          <Link to={paths.water(id)} className="quiet-link">
            {name}
          </Link>
        </Fragment>
      ))}
    </p>
  );
}

/** Swims of a water that were archived, and the way back to each. */
function AwaySwims({ waterId }: { waterId: string }) {
  const away = useSwims().filter((swim) => swim.waterId === waterId && swim.retired);
  if (away.length === 0) return null;
  return (
    <p className="mt-2 text-soft">
      {watersText.archived}{' '}
      {away.map(({ id, name }, i) => (
        <Fragment key={id}>
          {i > 0 && ', '}
          <Link to={paths.swim(waterId, id)} className="quiet-link">
            {name}
          </Link>
        </Fragment>
      ))}
    </p>
  );
}

function NewSwim({ waterId }: { waterId: string }) {
  const [fresh] = useState(newId);
  return (
    <Link to={paths.swim(waterId, fresh)} className="button mt-3 font-normal">
      {watersText.anotherSwim}
    </Link>
  );
}
