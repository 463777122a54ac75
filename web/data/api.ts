import { dataText } from './text.en-GB.js';
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

/** There was no answer: the same request may go through later. */
export class Unreachable extends Error {
  constructor(sentence = dataText.theServerCannotBe) {
    super(sentence);
  }
}

/** The server answered that it cannot just now, and why. */
export class NotNow extends Unreachable {
  constructor(
    readonly status: number,
    readonly body: ErrorBody,
  ) {
    super(body.sentence);
  }
}

/** What answers is not the keeper's book, or the book does not answer under this address. */
export class NotHere extends Unreachable {}

/** The book does not know this device, or has put it out. */
export class NotLetIn extends Unreachable {
  constructor(readonly body: ErrorBody) {
    super(body.sentence);
  }
}

/** How much waits on this device; told with each request, so that the keeper sees it on the list of devices. */
let countWaiting = (): number => 0;
export function tellWaiting(count: () => number): void {
  countWaiting = count;
}

/** The address is wrong, not what was asked. */
const FOREIGN: readonly ErrorBody['code'][] = ['foreign-host', 'foreign-origin'];

const SOMETHING_ELSE = dataText.somethingElseAnswersUnder;

/**
 * Asks the server.
 * @throws ApiError with its sentence; NotNow, NotHere or Unreachable where the same request may go through later
 */
export async function ask<T>(path: string, init?: RequestInit): Promise<T> {
  const headers = { ...init?.headers, 'keeper-waiting': String(countWaiting()) };
  const answer = await fetch(`/api${path}`, { ...init, headers }).catch(() => {
    throw new Unreachable();
  });
  const body: unknown = await answer.json().catch(() => undefined);
  if (answer.ok && (body !== undefined || answer.status === 204)) return body as T;
  if (!isErrorBody(body)) throw answer.status >= 500 ? new Unreachable() : new NotHere(SOMETHING_ELSE);
  if (answer.status === 401) throw new NotLetIn(body);
  if (FOREIGN.includes(body.code)) throw new NotHere(body.sentence);
  throw answer.status >= 500 ? new NotNow(answer.status, body) : new ApiError(answer.status, body);
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
