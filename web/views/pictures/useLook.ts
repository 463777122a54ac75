import { useEffect, useState } from 'react';
import { type LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import { lookAtPicture } from '../../data/pictureLooker.js';
import type { LookedAt } from '../../workers/pictureLook.js';

/** What was made out of a picture, once it is; its points as the keeper has told them. */
export function useLook(
  bytes: Blob | undefined,
  kind: Parameters<typeof lookAtPicture>[1],
  told: LandmarksPx | null | undefined,
): { looked: LookedAt | undefined; unreadable: boolean } {
  const [looked, setLooked] = useState<LookedAt>();
  const [unreadable, setUnreadable] = useState(false);
  useEffect(() => {
    if (!bytes) return undefined;
    let past = false;
    lookAtPicture(bytes, kind, told).then(
      (seen) => {
        if (!past) setLooked(seen);
      },
      () => {
        if (!past) setUnreadable(true);
      },
    );
    return () => {
      past = true;
    };
  }, [bytes, kind, told]);
  return { looked, unreadable };
}
