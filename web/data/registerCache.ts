import { createStore, get, set } from 'idb-keyval';
import { askedAt, Unreachable, type Asked } from './api.js';

const store = createStore('keeper-register', 'answers');

/**
 * Asks the server, and keeps the answer on this device as it is; away from the server the last answer comes back. For
 * what is too large to be written anew with every small answer: the register and its prints.
 */
export async function askOrCached<T>(path: string): Promise<Asked<T>> {
  try {
    const asked = await askedAt<T>(path);
    // Where nothing can be kept, such as in a private window, the answer still stands.
    await set(path, asked.answer, store).catch(() => undefined);
    return asked;
  } catch (error) {
    const kept = error instanceof Unreachable ? await get<T>(path, store).catch(() => undefined) : undefined;
    if (kept === undefined) throw error;
    return { answer: kept, askedMs: 0 };
  }
}

/** Something of this device's own that is kept apart; undefined where there is none, or nothing can be kept. */
export async function getCached<T>(name: string): Promise<T | undefined> {
  return get<T>(name, store).catch(() => undefined);
}

export async function setCached(name: string, value: object): Promise<void> {
  await set(name, value, store).catch(() => undefined);
}
