/** What a judgement on typed or read input comes to: a value, or a sentence saying why there is none. */
export type Answer<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly reason: string };

/** Wraps a value that was understood. Example: `accept(3).ok === true`. */
export function accept<T>(value: T): Answer<T> {
  return { ok: true, value };
}

/** Wraps a reason, worded for the keeper. Example: `refuse('No weight was given.').ok === false`. */
export function refuse(reason: string): Answer<never> {
  return { ok: false, reason };
}
