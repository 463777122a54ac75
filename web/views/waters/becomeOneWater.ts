import { watersText } from './text.en-GB.js';
import type { BookPage } from '@keeper/contract/book';
import type { KeptSwim } from '@keeper/contract/swims';
import type { KeptWater } from '@keeper/contract/waters';
import { ask } from '../../data/api.js';
import { makeEvent, record, writeRow } from '../../data/record.js';

/**
 * Makes one water of two that are the same: the fish of the first are amended to the other, its swims move there, and
 * last of all it is archived, so that what fails on the way can be done again.
 * @throws Unreachable where the book cannot be read; an error where this device cannot write
 */
export async function becomeOneWater(water: KeptWater, other: KeptWater, swims: readonly KeptSwim[]): Promise<void> {
  const why = watersText.andAreOneWater({ name: water.name, name2: other.name });
  let after: string | null = null;
  do {
    const next = new URLSearchParams({ waterId: water.id, ...(after !== null && { after }) });
    const page: BookPage = await ask<BookPage>(`/captures?${next.toString()}`);
    await record(
      page.rows.map(({ captureId, startedAt }) =>
        makeEvent(captureId, startedAt, 'amended', { facts: { waterId: other.id }, why }),
      ),
    );
    after = page.next;
  } while (after !== null);
  for (const { id, updatedAt: _at, ...swim } of swims) {
    const moved = { ...swim, waterId: other.id };
    await writeRow('swims', id, moved);
  }
  const { id, updatedAt: _at, ...row } = water;
  const away = { ...row, retired: true };
  await writeRow('waters', id, away);
}
