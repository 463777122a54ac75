import { partsText } from './text.en-GB.js';
import { Notice } from './Notice.js';

/** What is said where a tap could not be written down. */
export function NotKept({ when }: { when: boolean }) {
  return when ? <Notice role="alert">{partsText.thatCouldNotBe}</Notice> : null;
}
