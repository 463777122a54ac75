import { stableJson } from '@keeper/core/measure/stableJson';

interface Kept {
  readonly deviceId: string;
  readonly at: string;
  readonly type: string;
  readonly payload: string;
  readonly elapsedMs?: number;
}

/** Whether an event that came again is the one that is kept: in all that it says, whatever the order of its fields. */
export function isSameEvent(kept: Kept, came: Omit<Kept, 'payload'> & { readonly payload: object }): boolean {
  return (
    kept.type === came.type &&
    kept.deviceId === came.deviceId &&
    kept.elapsedMs === came.elapsedMs &&
    Date.parse(kept.at) === Date.parse(came.at) &&
    (kept.payload === JSON.stringify(came.payload) || stableJson(JSON.parse(kept.payload)) === stableJson(came.payload))
  );
}
