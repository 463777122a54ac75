import { wrap, type Remote } from 'comlink';
import { queryOptions } from '@tanstack/react-query';
import type { SheetAnswers } from '@keeper/core/sheet/sheetAnswers';
import type { Mapping } from '@keeper/core/sheet/sheetField';
import type { Named } from '@keeper/core/sheet/matchNames';
import type { BookMark } from '@keeper/core/sheet/bookMark';
import { ask } from '../../data/api.js';
import type { SheetChoices, SheetDesk, TableChoice } from '../../workers/sheetDesk.js';
import type { OpenSheet } from './openSheet.js';

let remote: Remote<SheetDesk> | undefined;

/** Where sheets are read: beside the page, which stays quick while a hundred thousand rows are. */
export function sheetDesk(): Remote<SheetDesk> {
  remote ??= wrap<SheetDesk>(
    new Worker(new URL('../../workers/sheetDesk.ts', import.meta.url), { type: 'module', name: 'sheet' }),
  );
  return remote;
}

export function askMarks(): Promise<BookMark[]> {
  return ask<BookMark[]>('/captures/marks');
}

const once = { staleTime: Infinity, gcTime: 0, retry: false, networkMode: 'always' } as const;

/** What the desk says to the sheet that lies on it. */
export const told = {
  file: ({ id, bytes }: OpenSheet) =>
    queryOptions({
      ...once,
      queryKey: ['sheet', id],
      queryFn: async () => sheetDesk().open(new Uint8Array(await bytes.arrayBuffer())),
    }),
  table: (id: string, choice: TableChoice | undefined) =>
    queryOptions({
      ...once,
      queryKey: ['sheet', id, 'table', choice],
      queryFn: () => (choice ? sheetDesk().look(choice) : null),
      enabled: choice !== undefined,
    }),
  questions: (
    id: string,
    choice: TableChoice | undefined,
    mapping: Mapping | undefined,
    answers: SheetAnswers,
    known: { readonly waters: readonly Named[]; readonly baits: readonly Named[]; readonly today: string },
  ) =>
    queryOptions({
      ...once,
      queryKey: ['sheet', id, 'questions', choice, mapping, answers.lengthUnit, known],
      queryFn: () => (choice && mapping ? sheetDesk().questions(choice, mapping, answers, known) : null),
      enabled: choice !== undefined && mapping !== undefined,
      placeholderData: (before) => before,
    }),
  swims: (
    id: string,
    choice: TableChoice | undefined,
    mapping: Mapping | undefined,
    waters: Readonly<Record<string, string>> | undefined,
    known: { readonly swims: readonly (Named & { readonly waterId: string })[]; readonly today: string },
  ) =>
    queryOptions({
      ...once,
      queryKey: ['sheet', id, 'swims', choice, mapping, waters, known],
      queryFn: () => (choice && mapping && waters ? sheetDesk().swims(choice, mapping, waters, known) : null),
      enabled: choice !== undefined && mapping?.includes('swim') === true && waters !== undefined,
      placeholderData: (before) => before,
    }),
  plan: (id: string, choices: SheetChoices | undefined) =>
    queryOptions({
      ...once,
      queryKey: ['sheet', id, 'plan', choices],
      queryFn: async () => (choices ? sheetDesk().plan(choices, await askMarks()) : null),
      enabled: choices !== undefined,
      placeholderData: (before) => before,
    }),
};
