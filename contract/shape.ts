/**
 * No answer of the book is deeper, longer or wider than a tenth of this; what goes beyond is not looked at any closer.
 */
export const DEEPEST = 12;
export const LONGEST_LIST = 500;
export const MOST_KEYS = 100;
export const MOST_VALUES = 40_000;

/** Names that would reach into what every object is made of. */
const RESERVED = new Set(['__proto__', 'constructor', 'prototype']);

/**
 * Why a parsed body is not even looked at: too deep, too long, too wide, or with nothing where a value belongs.
 * Undefined when it may be checked against its class. The cost is linear in what it has looked at, and it stops at the
 * first reason.
 *
 * @example whyMisshapen({ events: [null] }) // 'A list here holds no gaps.'
 */
export function whyMisshapen(body: unknown): string | undefined {
  let values = 0;
  const level: unknown[] = [body];
  for (let depth = 0; level.length > 0; depth += 1) {
    if (depth > DEEPEST) return `Nothing here lies more than ${DEEPEST} levels deep.`;
    const around = level.splice(0);
    for (const value of around) {
      values += 1;
      if (values > MOST_VALUES) return `That is more than ${MOST_VALUES} values at once. Send it in parts.`;
      if (typeof value !== 'object' || value === null) continue;
      if (Array.isArray(value)) {
        if (value.length > LONGEST_LIST) return `No list here has more than ${LONGEST_LIST} entries.`;
        if (value.includes(null)) return 'A list here holds no gaps.';
        for (const each of value as unknown[]) level.push(each);
        continue;
      }
      const names = Object.keys(value);
      if (names.length > MOST_KEYS) return `Nothing here has more than ${MOST_KEYS} fields.`;
      if (names.some((name) => RESERVED.has(name))) return 'A field has a name that no field here has.';
      for (const name of names) level.push((value as Record<string, unknown>)[name]);
    }
  }
  return undefined;
}
