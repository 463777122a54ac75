import { useEffect, useState } from 'react';
import { ask } from '../../data/api.js';
import { outbox } from '../../data/deviceOutbox.js';
import { useOutbox } from '../../data/useCapture.js';
import { SaveUnsent } from '../../parts/SaveUnsent.js';
import { devicesText } from './text.en-GB.js';

/** What a device shows that the keeper has put out: it hands in what waits on it, then forgets everything. */
export function PutOutPage() {
  const { events, pictures, rows, loaded } = useOutbox();
  const [isCleared, setCleared] = useState(false);
  const going = [...events, ...pictures].filter(({ state }) => state === 'waiting').length;
  // Rows of the keeper's own are not taken from it, nor what was refused: they stay until they were saved.
  const staying = rows.length + [...events, ...pictures].filter(({ state }) => state === 'refused').length;
  const isEmpty = loaded && going + staying === 0;
  useEffect(() => {
    outbox.flush();
  }, []);
  useEffect(() => {
    if (isEmpty) void leave().then(setCleared);
  }, [isEmpty]);
  return (
    <main className="grid max-w-xl gap-5 p-6">
      <h1 className="text-3xl font-semibold">{devicesText.putOutHere}</h1>
      {going > 0 && <p role="status">{devicesText.handsIn({ count: going })}</p>}
      {staying > 0 && (
        <>
          <p>{devicesText.cannotHandIn({ count: staying })}</p>
          <SaveUnsent />
          <button
            type="button"
            className="button justify-self-start text-rust"
            onClick={() => void leave().then(setCleared)}
          >
            {devicesText.leaveNow}
          </button>
        </>
      )}
      {isCleared && <p role="status">{devicesText.isCleared}</p>}
    </main>
  );
}

/** Ends the session; the server has the browser clear what it kept. Says whether it did. */
function leave(): Promise<boolean> {
  return ask('/access/session', { method: 'DELETE' }).then(
    () => true,
    () => false,
  );
}
