import { Notice } from './Notice.js';

/** Whether the browser holds back what it gives only to pages that came encrypted, or from this very device. */
export const isHeldBack = () => !window.isSecureContext;

/** Says what does not work on a page that came without encryption, and what to do. */
export function NotSecure() {
  if (!isHeldBack()) return null;
  return (
    <Notice>
      <p className="max-w-prose">
        This page came without encryption, from <b>{window.location.host}</b>. So the browser does not allow: opening it
        without signal, the camera, Bluetooth scales and probes, and keeping the screen awake beside a fish. Taps,
        weights and pictures from the gallery are kept and sent as always. Opened under https, or on the computer that
        keeps the book, all of it works.
      </p>
    </Notice>
  );
}
