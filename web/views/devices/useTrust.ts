import { useEffect, useState } from 'react';

/**
 * Whether the browser trusts the address: only then it lets a page work without a signal. One that was let through a
 * warning is not trusted. Undefined while it is found out.
 */
export function useTrust(): boolean | undefined {
  const [isTrusted, setTrusted] = useState<boolean>();
  useEffect(() => {
    let isHere = true;
    const told = (is: boolean) => isHere && setTrusted(is);
    if (!window.isSecureContext || !('serviceWorker' in navigator)) told(false);
    else
      navigator.serviceWorker.register('/sw.js').then(
        () => told(true),
        () => told(false),
      );
    return () => {
      isHere = false;
    };
  }, []);
  return isTrusted;
}
