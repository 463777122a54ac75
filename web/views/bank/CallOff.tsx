import { useState } from 'react';
import { Sheet } from '../../parts/Sheet.js';

/** A plan that comes to nothing is no blank: nobody fished. */
export function CallOff({ onCalledOff }: { onCalledOff: () => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="button" onClick={() => setOpen(true)}>
        Call it off
      </button>
      <Sheet title="Call it off" open={open} onOpenChange={setOpen}>
        <div className="grid gap-5">
          <p className="max-w-prose">
            The plan leaves the list of coming outings. Nobody fished, so it is not a blank and does not count. You can
            put it back on.
          </p>
          <button
            type="button"
            className="button button-main"
            onClick={() => {
              setOpen(false);
              onCalledOff();
            }}
          >
            Call this outing off
          </button>
        </div>
      </Sheet>
    </>
  );
}
