import { paths } from '../../app/paths.js';
import { bankText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { Link } from 'react-router';
import { expectedMessage } from '@keeper/core/bank/readiness';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import { useSwims, useWaters } from '../../data/rows.js';
import { whenText } from '../../parts/when.js';

/** One outing as a line of a list. */
export function OutingRow({ outing }: { outing: OutingSummary }) {
  const water = useWaters().find(({ id }) => id === outing.waterId);
  const swim = useSwims().find(({ id }) => id === outing.swimId);
  return (
    <li className="border-t border-rule">
      <Link
        to={paths.outing(outing.outingId)}
        className="flex min-h-16 flex-wrap items-center justify-between gap-x-6 py-3"
      >
        <span>
          <span className="block font-semibold">
            {swim ? `${swim.name}, ${water?.name ?? ''}` : (water?.name ?? bankText.aWater)}
          </span>
          <span className="text-sm text-soft">{whenText(new Date(outing.fromMs).toISOString())}</span>
        </span>
        <span className="text-soft">
          {outing.endedAt === null
            ? bankText.notEnded({ expected: say(expectedMessage(outing.expected)).toLowerCase() })
            : outing.calledOff
              ? bankText.calledOff2
              : (outing.note ?? '')}
        </span>
      </Link>
    </li>
  );
}
