import { partsText } from './text.en-GB.js';
import { Notice } from './Notice.js';

/** Whether the browser holds back what it gives only to pages that came encrypted, or from this very device. */
export const isHeldBack = () => !window.isSecureContext;

/** Says what does not work on a page that came without encryption, and what to do. */
export function NotSecure() {
  if (!isHeldBack()) return null;
  return (
    <Notice>
      <p className="max-w-prose">
        {partsText.thisPageCameWithout} <b>{window.location.host}</b>
        {partsText.soTheBrowserDoes}
      </p>
    </Notice>
  );
}
