import { asked, type Row } from './asked.js';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { KeptFish } from '@keeper/contract/fish';
import type { KeptKeeper } from '@keeper/contract/keepers';
import type { KeptImport } from '@keeper/contract/imports';
import type { KeptJoining } from '@keeper/contract/joinings';
import type { KeptMeeting } from '@keeper/contract/meetings';
import type { KeptKitItem } from '@keeper/contract/kit';
import type { KeptRehearsal } from '@keeper/contract/rehearsals';
import type { KeptRig } from '@keeper/contract/rigs';
import type { KeptSwim } from '@keeper/contract/swims';
import type { KeptView } from '@keeper/contract/views';
import type { KeptWater } from '@keeper/contract/waters';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import type { RowKind } from './deviceStore.js';
import { useOutbox } from './useCapture.js';

const NONE: readonly never[] = [];

/**
 * What a row has when nothing was said of it: a form that knows only its name leaves the rest out. One that is on its
 * way has no moment yet.
 */
const BLANK: Readonly<Record<RowKind, object>> = {
  waters: { position: null, altitudeM: null, salinity: 0, rules: NO_RULES, note: null, retired: false, updatedAt: '' },
  swims: {},
  rigs: {},
  kit: {},
  rehearsals: {},
  fish: { note: null },
  meetings: {},
  imports: {},
  joinings: { updatedAt: '' },
  views: {},
  keepers: {},
};

/** Rows as the server has them, with what this device wrote since laid over them. */
function useRows<T extends Row>(kind: RowKind): readonly T[] {
  const kept = (useQuery(asked.rows(kind)).data ?? NONE) as readonly T[];
  const { rows } = useOutbox();
  return useMemo(() => {
    const byId = new Map(kept.map((row) => [row.id, row]));
    for (const { id, body, state } of rows.filter((row) => row.kind === kind)) {
      const standing = byId.get(id);
      // A row that was refused is shown where it is said why; here the server's version stands.
      if (state !== 'waiting' || (standing && standing.revision > body.revision)) continue;
      byId.set(id, { ...BLANK[kind], ...standing, ...body, id, revision: body.revision + 1 } as unknown as T);
    }
    return [...byId.values()];
  }, [kept, rows, kind]);
}

/**
 * Whether rows of a kind were never read on this device, and cannot be read now: then an empty list says nothing of the
 * book.
 */
export function useUnread(kind: RowKind): boolean {
  const { data, isError } = useQuery(asked.rows(kind));
  return data === undefined && isError;
}

/** Every water that the book names, those that were archived too. */
export function useWaters(): readonly KeptWater[] {
  const rows = useRows<KeptWater>('waters');
  return useMemo(() => rows.toSorted((a, b) => a.name.localeCompare(b.name)), [rows]);
}

/** The waters to choose from: those that are not archived. */
export function useStandingWaters(): readonly KeptWater[] {
  return useStanding(useRows<KeptWater>('waters'));
}

/** Every swim, rig and piece of kit that the book names: fish of years ago hang on what was archived since. */
export function useSwims(): readonly KeptSwim[] {
  return useRows<KeptSwim>('swims');
}

export function useRigs(): readonly KeptRig[] {
  return useRows<KeptRig>('rigs');
}

export function useKit(): readonly KeptKitItem[] {
  return useRows<KeptKitItem>('kit');
}

/** Those of them to choose from: what is not archived. */
export function useStandingSwims(): readonly KeptSwim[] {
  return useStanding(useRows<KeptSwim>('swims'));
}

export function useStandingRigs(): readonly KeptRig[] {
  return useStanding(useRows<KeptRig>('rigs'));
}

export function useStandingKit(): readonly KeptKitItem[] {
  return useStanding(useRows<KeptKitItem>('kit'));
}

/** Meetings and seasons that are not archived. */
export function useMeetings(): readonly KeptMeeting[] {
  return useStanding(useRows<KeptMeeting>('meetings'));
}

/** The sheets that came in, the newest first; those that were taken back too. */
export function useImports(): readonly KeptImport[] {
  const rows = useRows<KeptImport>('imports');
  return useMemo(() => rows.toSorted((a, b) => b.at.localeCompare(a.at)), [rows]);
}

/** Waters and swims that were made one, those that were made two again too. */
export function useJoinings(): readonly KeptJoining[] {
  return useRows<KeptJoining>('joinings');
}

/** Views of the book that were saved. */
export function useViews(): readonly KeptView[] {
  return useStanding(useRows<KeptView>('views'));
}

/** Those who keep this book or kept it: fish stay theirs. Nobody, while its one keeper was never named. */
export function useKeepers(): readonly KeptKeeper[] {
  return useRows<KeptKeeper>('keepers');
}

/** What the known fish are called. */
export function useFishNames(): readonly KeptFish[] {
  return useRows<KeptFish>('fish');
}

/** The rehearsals, oldest first. */
export function useRehearsals(): readonly KeptRehearsal[] {
  const rows = useRows<KeptRehearsal>('rehearsals');
  return useMemo(() => rows.toSorted((a, b) => a.at.localeCompare(b.at)), [rows]);
}

function useStanding<T extends { readonly retired: boolean; readonly name: string }>(rows: readonly T[]): readonly T[] {
  return useMemo(() => rows.filter(({ retired }) => !retired).sort((a, b) => a.name.localeCompare(b.name)), [rows]);
}

/** One row as the server has it, whatever this device wrote. */
export function useRow(kind: RowKind, id: string): Row | undefined {
  const kept = useQuery(asked.rows(kind)).data;
  return kept?.find((row) => row.id === id);
}
