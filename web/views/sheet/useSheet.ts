import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { LEFT_OUT } from '@keeper/contract/imports';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import type { SheetAnswers } from '@keeper/core/sheet/sheetAnswers';
import type { Named, NameInSheet } from '@keeper/core/sheet/matchNames';
import type { SwimsOfWater } from '@keeper/core/sheet/swimsOfSheet';
import type { Mapping } from '@keeper/core/sheet/sheetField';
import { useRodWords } from '../../data/rods.js';
import { useImports, useStandingSwims, useStandingWaters } from '../../data/rows.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { localInput } from '../../parts/when.js';
import type { SheetChoices, TableChoice } from '../../workers/sheetDesk.js';
import { told } from './desk.js';
import { SAME_AS, type OpenSheet } from './openSheet.js';
import { sheetText } from './text.en-GB.js';

/** The sheet on the desk with all that was found in it, said to it, and remembered of the last one like it. */
export function useSheet(open: OpenSheet) {
  const file = useQuery(told.file(open));
  const tables = file.data?.ok ? file.data.tables : [];
  const choice = open.choice ?? tables.toSorted((a, b) => b.rows - a.rows)[0]?.choice;
  const table = useQuery(told.table(open.id, choice)).data ?? undefined;
  const before = useImports().find(
    ({ headings }) => table !== undefined && headings.join('\t') === table.headings.join('\t'),
  );
  const isRemembered = open.mapping === undefined && before !== undefined;
  const remembered = before?.mapping.map((field) => (field === LEFT_OUT ? null : field));
  const mapping: Mapping | undefined = open.mapping ?? remembered ?? table?.guess;

  const today = localInput(useMinute()).slice(0, 10);
  const [waters, swims] = [useStandingWaters(), useStandingSwims()];
  const { baits: words } = useRodWords(null);
  const baits = useMemo(() => words.map((name) => ({ id: name, name })), [words]);
  const asked =
    useQuery(told.questions(open.id, choice, mapping, open.answers, { waters, baits, today })).data ?? undefined;
  const answers = useMemo((): SheetAnswers | undefined => {
    if (!asked) return undefined;
    const found = asked.questions.flatMap(({ of, found: is }) => (is === null ? [] : [[of, is]]));
    const said = Object.entries(open.answers).filter(([, answer]) => answer !== null);
    return { ...open.answers, ...before?.answers, ...Object.fromEntries([...found, ...said]) } as SheetAnswers;
  }, [asked, open.answers, before]);

  const swimsNamed = useSwimsNamed(open, { choice, mapping, waters: asked?.waters }, { swims, today });

  const choices = useMemo((): SheetChoices | undefined => {
    if (!choice || !mapping || !answers || !asked || !mapping.includes('date')) return undefined;
    const named = {
      waters: namesMeant(asked.waters, open.waters, () => undefined),
      kinds: namesMeant(asked.kinds, open.kinds, (kind) => kind),
      baits: namesMeant(asked.baits, open.baits, (bait) => bait),
    };
    return { choice, mapping, answers, today, fieldNames: sheetText.fields, ...named };
  }, [choice, mapping, answers, asked, today, open.waters, open.kinds, open.baits]);
  const run = useQuery(told.plan(open.id, choices)).data ?? undefined;
  const isAnswered = asked?.questions.every(({ of }) => answers?.[of] !== null) ?? false;
  return {
    file,
    tables,
    choice,
    table,
    mapping,
    isRemembered,
    questions: asked?.questions ?? [],
    named: asked && {
      waters: inNewRows(asked.waters, run?.named.waters),
      kinds: inNewRows(asked.kinds, run?.named.kinds),
      baits: inNewRows(asked.baits, run?.named.baits),
    },
    answers,
    isAnswered,
    choices,
    run,
    waters,
    swims,
    swimsNamed: swimsNamed.map((each) => ({ ...each, names: inNewRows(each.names, run?.named.swims) })),
    baits,
  };
}

/** The swims that the sheet names at each water; one that will be made goes by its folded name until then. */
function useSwimsNamed(
  open: OpenSheet,
  read: {
    readonly choice: TableChoice | undefined;
    readonly mapping: Mapping | undefined;
    readonly waters: readonly NameInSheet[] | undefined;
  },
  known: { readonly swims: readonly (Named & { readonly waterId: string })[]; readonly today: string },
): readonly SwimsOfWater[] {
  const { choice, mapping, waters } = read;
  const waterKeys = waters && namesMeant(waters, open.waters, foldWord);
  return useQuery(told.swims(open.id, choice, mapping, waterKeys, known)).data ?? [];
}

/** The names that stand in rows which are not in the book yet; all of them until that is known. */
function inNewRows(names: readonly NameInSheet[], named: ReadonlySet<string> | undefined): readonly NameInSheet[] {
  return named ? names.filter(({ written }) => named.has(foldWord(written))) : names;
}

/** By the folded name, what each name means; one that means nothing yet is left out. */
function namesMeant(
  names: readonly NameInSheet[],
  chosen: Readonly<Record<string, string>>,
  isNew: (name: string) => string | undefined,
): Readonly<Record<string, string>> {
  return Object.fromEntries(
    names.flatMap(({ written, is }) => {
      const id = is ?? chosenOf(written, chosen, names, isNew);
      return id === undefined ? [] : [[foldWord(written), id]];
    }),
  );
}

/** What a name was said to be: one of the book, or, over another name of the sheet, what that one is. */
function chosenOf(
  written: string,
  chosen: Readonly<Record<string, string>>,
  names: readonly NameInSheet[],
  isNew: (name: string) => string | undefined,
): string | undefined {
  const said = chosen[foldWord(written)] ?? '';
  if (!said.startsWith(SAME_AS)) return said || isNew(written);
  const other = names.find((name) => name.written === said.slice(SAME_AS.length));
  // It stands above this one in the list: no two can mean each other.
  return other && (other.is ?? chosenOf(other.written, chosen, names, isNew));
}
