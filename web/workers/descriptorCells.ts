import { createStore, delMany, getMany, keys, setMany } from 'idb-keyval';
import { PRINTS_AT_ONCE, type CellsAnswer } from '@keeper/contract/flanks';

const store = createStore('keeper-prints', 'cells');

/**
 * The cells of prints by their names, in base64: what lies on this device, and the rest from the server, which is then
 * kept. What neither has is left out.
 */
export async function cellsOf(prints: readonly string[]): Promise<ReadonlyMap<string, string>> {
  const found = new Map<string, string>();
  const here = await getMany<string>([...prints], store).catch(() => []);
  for (const [i, print] of prints.entries()) {
    const cells = here[i];
    if (cells !== undefined) found.set(print, cells);
  }
  const missing = prints.filter((print) => !found.has(print));
  for await (const some of brought(missing)) for (const [print, cells] of Object.entries(some)) found.set(print, cells);
  return found;
}

/** Sees to it that exactly these prints lie on this device, for when there is no signal. */
export async function keepCells(prints: readonly string[]): Promise<void> {
  const here = new Set(await keys<string>(store).catch(() => []));
  const wanted = new Set(prints);
  await delMany(
    [...here].filter((print) => !wanted.has(print)),
    store,
  ).catch(() => undefined);
  const missing = prints.filter((print) => !here.has(print));
  for await (const _some of brought(missing));
}

/** Fetches prints some at a time, and keeps them before they are handed on; ends where the server does not answer. */
async function* brought(prints: readonly string[]): AsyncGenerator<CellsAnswer> {
  for (let at = 0; at < prints.length; at += PRINTS_AT_ONCE) {
    const some = await fetchCells(prints.slice(at, at + PRINTS_AT_ONCE));
    if (!some) return;
    // Where nothing can be kept, such as in a private window, they still stand.
    await setMany(Object.entries(some), store).catch(() => undefined);
    yield some;
  }
}

/** Undefined when the server does not answer. */
async function fetchCells(prints: readonly string[]): Promise<CellsAnswer | undefined> {
  const answer = await fetch(`/api/flanks/cells?prints=${prints.join(',')}`).catch(() => undefined);
  return answer?.ok ? ((await answer.json().catch(() => undefined)) as CellsAnswer | undefined) : undefined;
}
