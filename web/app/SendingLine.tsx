import { paths } from './paths.js';
import { appText } from './text.en-GB.js';
import { Link } from 'react-router';
import { useOutbox } from '../data/useCapture.js';

/** Says in one line whether the server has everything, and why not. Quiet when it has. */
export function SendingLine() {
  const { events, pictures, rows, trouble } = useOutbox();
  const count = (state: string) => [...events, ...pictures, ...rows].filter((each) => each.state === state).length;
  const waiting = count('waiting');
  const refused = count('refused');
  if (waiting === 0 && refused === 0) return null;
  const things = (n: number) => (n === 1 ? '1 entry' : appText.entries({ n }));
  const how =
    trouble === null
      ? appText.onTheWayTo
      : trouble.kind === 'unreachable'
        ? appText.waitingForTheServer
        : appText.keptHere;
  return (
    <p role="status" className="text-sm text-soft">
      {waiting > 0 && appText.safeOnThisDevice({ waiting: things(waiting), how })}
      {refused > 0 && (
        <Link to={paths.settings} className="quiet-link">
          {appText.notAcceptedByThe({ refused: things(refused) })}
        </Link>
      )}
    </p>
  );
}
