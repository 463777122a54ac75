/** Control characters that no keyboard writes; line ends and tabs are let through. */
// eslint-disable-next-line no-control-regex
const UNPRINTABLE = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;
/** Halves of characters that are made of two: no file holds them. */
const BROKEN = /\p{Surrogate}/u;
/** Blanks, and what takes no room on the screen. */
const UNSEEN = /[\p{Z}\p{Cc}\p{Cf}\p{Mn}\u115f\u1160\u2800\u3164\uffa0]/gu;

/** Whether a value is text that every program can read. Example: half of an emoji is not. */
export function isPlainText(value: unknown): value is string {
  return typeof value === 'string' && !UNPRINTABLE.test(value) && !BROKEN.test(value);
}

/** Whether there is something in a text that can be seen. Example: `'\u200b'` shows nothing. */
export function isVisible(value: unknown): boolean {
  return typeof value === 'string' && value.replace(UNSEEN, '') !== '';
}
