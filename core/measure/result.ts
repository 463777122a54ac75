/** What a judgement on typed or read input comes to: a value, or a sentence saying why there is none. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly reason: string };

/** Wraps a value that was understood. Example: `accept(3).ok === true`. */
export function ok<T>(value: T): Result<T> {
  return { ok: true, value };
}

/** Wraps a reason, worded for the keeper. Example: `refuse('No weight was given.').ok === false`. */
export function err(reason: string): Result<never> {
  return { ok: false, reason };
}
