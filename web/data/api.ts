import type { ErrorBody } from '@keeper/contract/errors';

/** The server answered, and the answer is no. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly body: ErrorBody,
  ) {
    super(body.sentence);
  }
}

/** The server could not be reached, or broke while answering: the same request may go through later. */
export class Unreachable extends Error {
  constructor() {
    super('The server cannot be reached.');
  }
}

/** Asks the server; throws `ApiError` with its sentence, or `Unreachable`. */
export async function ask<T>(path: string, init?: RequestInit): Promise<T> {
  const answer = await fetch(`/api${path}`, init).catch(() => {
    throw new Unreachable();
  });
  const body: unknown = await answer.json().catch(() => undefined);
  if (answer.ok) return body as T;
  if (answer.status >= 500 || !isErrorBody(body)) throw new Unreachable();
  throw new ApiError(answer.status, body);
}

/** An answer, and when it was asked for: what the server took after that it need not hold. */
export interface Asked<T> {
  readonly answer: T;
  readonly askedMs: number;
}

export async function askedAt<T>(path: string): Promise<Asked<T>> {
  const askedMs = Date.now();
  return { answer: await ask<T>(path), askedMs };
}

/** Sends JSON. */
export function send<T>(method: 'POST' | 'PUT', path: string, body: object): Promise<T> {
  return ask<T>(path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
}

function isErrorBody(body: unknown): body is ErrorBody {
  return typeof body === 'object' && body !== null && 'sentence' in body && 'code' in body;
}
