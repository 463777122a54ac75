import { asked } from '../data/asked.js';
import { appText } from './text.en-GB.js';
import { useQuery } from '@tanstack/react-query';
import { Link, useLocation } from 'react-router';
import { useAccess } from '../data/access.js';
import { paths } from './paths.js';
import { NotHere, NotNow } from '../data/api.js';
import { useOutbox } from '../data/useCapture.js';
import { Notice } from '../parts/Notice.js';

const LOOK_MS = 60_000;

/**
 * What keeps the book from being written, or the address from answering: said where it is seen, before anything is
 * entered.
 */
export function TroubleNotice() {
  const { trouble } = useOutbox();
  const { error } = useQuery({
    ...asked.health,
    refetchInterval: LOOK_MS,
    retry: false,
  });
  const { pathname } = useLocation();
  const access = useAccess();
  // A device that was put out is told so by its own page.
  const isOutside = access !== undefined && access.role === null && !access.putOut;
  const sentence =
    trouble && trouble.kind !== 'unreachable'
      ? trouble.sentence
      : error instanceof NotNow || error instanceof NotHere || isOutside
        ? (error?.message ?? appText.thisDeviceIsNot)
        : undefined;
  // Where the device is being paired there is nothing more to say of it.
  if (!sentence || (isOutside && pathname === paths.pair)) return null;
  return (
    <div className="mb-6">
      <Notice role="alert">
        {appText.whatYouEnterIs({ sentence })}
        {isOutside && (
          <Link to={paths.pair} className="button button-main mt-3">
            {access.isHere ? appText.enterThePassphrase : appText.pairThisDevice}
          </Link>
        )}
      </Notice>
    </div>
  );
}
