import { Notice } from '../../parts/Notice.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';

/** While something is worked out, or why it cannot be. */
export function Working({ isAway, going }: { isAway: boolean; going: { readonly done: number; readonly of: number } }) {
  if (isAway) return <Notice role="alert">{findingsText.away}</Notice>;
  return (
    <p role="status" className="grid max-w-md gap-2">
      {findingsText.working}
      <progress
        className="h-3 w-full accent-water"
        value={going.done}
        max={going.of}
        aria-label={findingsText.working}
      />
    </p>
  );
}
