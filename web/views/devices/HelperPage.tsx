import { useState } from 'react';
import { Link, Navigate, useLocation, useNavigate } from 'react-router';
import { readCode } from '@keeper/contract/access';
import { paths } from '../../app/paths.js';
import { useLetIn } from '../../data/access.js';
import { deviceId } from '../../data/device.js';
import { useOutbox } from '../../data/useCapture.js';
import { CodeField } from './CodeField.js';
import { deviceName } from './deviceName.js';
import { isWholeCode, readPairLink } from './pairLink.js';
import { devicesText } from './text.en-GB.js';

/**
 * What a helper's phone shows beside a run: the fish that it tapped for, the way to another that it is handed, and that
 * there is nothing else.
 */
export function HelperPage() {
  const { events } = useOutbox();
  // A square that was looked at leads to its fish: this phone is let in already.
  const { captureId: handed } = readPairLink(useLocation().hash);
  const captureId = events.flatMap(({ event }) => ('captureId' in event ? event.captureId : [])).at(-1);
  if (handed !== undefined) return <Navigate to={paths.run(handed)} replace />;
  return (
    <main className="grid max-w-xl gap-5 p-6">
      <h1 className="text-3xl font-semibold">{devicesText.helps}</h1>
      <p>{devicesText.helpsHow}</p>
      {captureId === undefined ? (
        <p>{devicesText.noFishNow}</p>
      ) : (
        <Link to={paths.run(captureId)} className="button button-main min-h-14 justify-self-start">
          {devicesText.toTheFish}
        </Link>
      )}
      <AnotherFish />
    </main>
  );
}

/** For a phone whose camera does not read the square: the code that stands below it. */
function AnotherFish() {
  const navigate = useNavigate();
  const [code, setCode] = useState('');
  const letIn = useLetIn((captureId) => {
    if (captureId !== null) void navigate(paths.run(captureId));
  });
  const go = () => letIn.mutate({ code: readCode(code), name: deviceName(navigator.userAgent), deviceId: deviceId() });
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <CodeField value={code} onChange={setCode} problem={letIn.isError ? letIn.error.message : undefined} />
      {letIn.data?.captureId === null && <p role="status">{devicesText.noFishWithIt}</p>}
      <button type="submit" className="button justify-self-start" disabled={!isWholeCode(code) || letIn.isPending}>
        {devicesText.takeOver}
      </button>
    </form>
  );
}
