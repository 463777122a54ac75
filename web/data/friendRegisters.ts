import { useMemo } from 'react';
import type { ImportedRegister, FriendRegister } from '@keeper/contract/registers';
import { ask, type Asked } from './api.js';
import { queryClient } from './queryClient.js';
import { useAskedOrCached } from './useAskedOrCached.js';
import type { FriendFlank } from '../workers/friendFlank.js';

const NONE: readonly FriendRegister[] = [];

/** Registers of friends; on this device too, so that they are there without a signal. */
export function useFriendRegisters(): readonly FriendRegister[] {
  return useAskedOrCached<FriendRegister[]>('registers', '/registers').data ?? NONE;
}

/** Their flanks, each marked as theirs. */
export function useFriendFlanks(): readonly FriendFlank[] {
  const registers = useFriendRegisters();
  return useMemo(
    () =>
      registers.flatMap(({ id, from, fish }) =>
        fish.flatMap(({ id: fishId, name, species, flanks, catches }) => {
          const last = catches.toSorted((a, b) => a.month.localeCompare(b.month)).at(-1);
          const facts = {
            captureId: `${id}/${fishId}`,
            atMs: Date.parse(`${last?.month ?? '2000-01'}-15T12:00:00Z`),
            elapsedMs: 0,
            species,
            waterId: null,
            lengthMm: last?.lengthMm ?? null,
            grams: last?.grams ?? null,
          };
          return flanks.map(({ side, kind, cells }): FriendFlank => ({
            from,
            name,
            side,
            kind,
            cells,
            facts,
            month: last?.month ?? '',
            fishId: `${id}/${fishId}`,
          }));
        }),
      ),
    [registers],
  );
}

export async function takeInRegister(file: File): Promise<ImportedRegister> {
  const form = new FormData();
  form.append('file', file, file.name);
  const taken = await ask<ImportedRegister>('/registers', { method: 'POST', body: form });
  await queryClient.invalidateQueries({ queryKey: ['registers'] });
  return taken;
}

/**
 * Removes a register: from sight at once, as the server may be slow to answer, and back where it was not removed.
 * @throws ApiError or Unreachable where it still stands
 */
export async function removeRegister(id: string): Promise<void> {
  const queryKey = ['registers'];
  await queryClient.cancelQueries({ queryKey });
  queryClient.setQueryData<Asked<FriendRegister[]>>(
    queryKey,
    (kept) => kept && { ...kept, answer: kept.answer.filter((each) => each.id !== id) },
  );
  try {
    await ask<unknown>(`/registers/${id}`, { method: 'DELETE' });
  } finally {
    await queryClient.invalidateQueries({ queryKey });
  }
}
