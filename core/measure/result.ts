import type { Message } from './message.js';
/** What a judgement on typed or read input comes to: a value, or a message saying why there is none. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly reason: Message };

/** Wraps a value that was understood. Example: `ok(3).ok === true`. */
export function ok<T>(value: T): Result<T> {
  return { ok: true, value };
}

/** Wraps a reason. Example: `err(measureMessage('massMissing')).ok === false`. */
export function err(reason: Message): Result<never> {
  return { ok: false, reason };
}
