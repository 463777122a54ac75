import type { QueryClient } from '@tanstack/react-query';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { WeighedFish } from '@keeper/contract/weighed';
import type { Asked } from './api.js';
import type { Sent } from './outbox.js';

/** What says who a fish is, or takes it back. */
const OF_IDENTITY = new Set(['identified', 'undone', 'discarded', 'merged']);
/** What makes a fish one that was weighed, or takes that back. */
const OF_WEIGHT = new Set(['reading-taken', 'described', 'amended', 'undone', 'discarded', 'merged']);

/** Small lists that most entries change. */
const ALWAYS = ['book', 'tally', 'outings', 'pictured'] as const;

/**
 * Reads again what the server's lists say otherwise now that it has taken something. The large ones, known fish and
 * weighed fish, are asked for again only where what was sent can change them: a tap in a run of a fish that is in
 * neither changes neither.
 */
export async function readAgain(client: QueryClient, { subjects, types, rows }: Sent): Promise<void> {
  const again = (...queryKey: string[]) => client.invalidateQueries({ queryKey });
  for (const id of subjects) {
    void again('capture', id);
    void again('outing', id);
  }
  const says = (of: ReadonlySet<string>) => types.some((type) => of.has(type));
  const lists = (of: readonly { readonly captureId: string }[] | undefined) =>
    of?.some(({ captureId }) => subjects.includes(captureId)) ?? false;
  if (subjects.length > 0) for (const name of ALWAYS) void again(name);
  if (says(OF_IDENTITY)) void again('decisions');
  if (says(OF_IDENTITY) || lists(client.getQueryData<Asked<CaptureSummary[]>>(['known'])?.answer)) void again('known');
  if (says(OF_WEIGHT) || lists(client.getQueryData<WeighedFish[]>(['weighed']))) {
    void again('weighed');
    void again('measured');
  }
  if (types.includes('rod-told') || types.includes('discarded')) void again('setups');
  // Two that become one change lines, outings, swims and meetings alike.
  // A row is let go only when the server's answer stands in its place: no form may blink back to what it was.
  const everything = rows.includes('joinings') ? client.invalidateQueries() : undefined;
  await Promise.all([everything, ...rows.map((kind) => again(kind))]);
}
