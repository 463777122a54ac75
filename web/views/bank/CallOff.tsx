import { bankText } from './text.en-GB.js';
import { useState } from 'react';
import { Sheet } from '../../parts/Sheet.js';

/** A plan that comes to nothing is no blank: nobody fished. */
export function CallOff({ onCalledOff }: { onCalledOff: () => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="button" onClick={() => setOpen(true)}>
        {bankText.callItOff}
      </button>
      <Sheet title={bankText.callItOff} open={open} onOpenChange={setOpen}>
        <div className="grid gap-5">
          <p className="max-w-prose">{bankText.thePlanLeavesThe}</p>
          <button
            type="button"
            className="button button-main"
            onClick={() => {
              setOpen(false);
              onCalledOff();
            }}
          >
            {bankText.callThisOutingOff}
          </button>
        </div>
      </Sheet>
    </>
  );
}
