import { Link } from 'react-router';
import { useOutbox } from '../data/useCapture.js';

/** Says in one line whether the server has everything, and why not. Quiet when it has. */
export function SendingLine() {
  const { events, pictures, rows, trouble } = useOutbox();
  const count = (state: string) => [...events, ...pictures, ...rows].filter((each) => each.state === state).length;
  const waiting = count('waiting');
  const refused = count('refused');
  if (waiting === 0 && refused === 0) return null;
  const things = (n: number) => (n === 1 ? '1 entry' : `${n} entries`);
  const how =
    trouble === null
      ? 'on the way to the server'
      : trouble.kind === 'unreachable'
        ? 'waiting for the server'
        : 'kept here';
  return (
    <p role="status" className="text-sm text-soft">
      {waiting > 0 && `${things(waiting)} safe on this device, ${how}. `}
      {refused > 0 && (
        <Link to="/settings" className="quiet-link">
          {things(refused)} not accepted by the server
        </Link>
      )}
    </p>
  );
}
