import { settingsText } from './text.en-GB.js';
import { useState } from 'react';

interface HeldActionsProps {
  /** What is given up, as a sentence begins. */
  readonly what: string;
  readonly onAgain: () => Promise<void>;
  readonly onDrop: () => Promise<void>;
}

/** Sends what was refused once more, or gives it up after asking. */
export function HeldActions({ what, onAgain, onDrop }: HeldActionsProps) {
  const [asked, setAsked] = useState(false);
  const [failed, setFailed] = useState(false);
  const doing = (work: () => Promise<void>) => {
    setFailed(false);
    work().catch(() => setFailed(true));
  };
  return (
    <>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="button" onClick={() => doing(onAgain)}>
          {settingsText.sendAgain}
        </button>
        {asked ? (
          <>
            <button type="button" className="button" onClick={() => doing(onDrop)}>
              {settingsText.deleteItForGood}
            </button>
            <button type="button" className="button" onClick={() => setAsked(false)}>
              {settingsText.keepIt}
            </button>
          </>
        ) : (
          <button type="button" className="button" onClick={() => setAsked(true)}>
            {settingsText.giveUp}
          </button>
        )}
      </div>
      {asked && <p className="mt-2">{settingsText.isNowhereButOn({ what })}</p>}
      {failed && (
        <p role="alert" className="mt-2 font-medium text-rust">
          {settingsText.thisDeviceCouldNot}
        </p>
      )}
    </>
  );
}
