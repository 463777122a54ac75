import { Notice } from './Notice.js';

/** What is said where a tap could not be written down. */
export function NotKept({ when }: { when: boolean }) {
  return when ? (
    <Notice role="alert">That could not be kept: this device may have no room left. Tap it again.</Notice>
  ) : null;
}
