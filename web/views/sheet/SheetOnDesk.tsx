import type { ReactNode } from 'react';
import { SPECIES, speciesName } from '@keeper/core/domain/fish/species';
import type { Named } from '@keeper/core/sheet/matchNames';
import { Choice } from '../../parts/Choice.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { say } from '../../text/say.js';
import { Columns } from './Columns.js';
import { DryRunShown } from './DryRunShown.js';
import { KeepSheet } from './KeepSheet.js';
import { Names } from './Names.js';
import type { OpenSheet } from './openSheet.js';
import { Questions } from './Questions.js';
import { sheetText } from './text.en-GB.js';
import { useSheet } from './useSheet.js';

/** The kinds of the book, each by the word that a sheet is read with. */
const KINDS = SPECIES.flatMap(({ id, forms }): Named[] => {
  if (id === 'other') return [];
  if (forms.length === 0) return [{ id, name: say(speciesName(id)) }];
  return forms.map((form) => ({ id: form, name: say(speciesName(id, form)) }));
});

interface SheetOnDeskProps {
  readonly open: OpenSheet;
  readonly put: (next: OpenSheet | null) => Promise<void>;
  readonly onAll: (fish: number) => Promise<void>;
}

/** The sheet that lies on the desk, from its columns to what will come in. */
export function SheetOnDesk({ open, put, onAll }: SheetOnDeskProps) {
  const sheet = useSheet(open);
  const { file, tables, choice, table, mapping, questions, named, answers, run } = sheet;
  const change = (what: Partial<OpenSheet>) => void put({ ...open, ...what });
  if (file.isPending) return <Notice role="status">{sheetText.reading}</Notice>;
  if (!file.data?.ok) {
    const { why = 'not-a-sheet', line } = file.data ?? {};
    return <Notice role="alert">{sheetText.noSheet({ name: open.name, why, line })}</Notice>;
  }
  const { separator, encoding } = file.data;
  return (
    <div className="grid items-start gap-x-10 gap-y-8 xl:grid-cols-[1fr_23rem]">
      <div className="grid min-w-0 gap-8">
        <div>
          <h2 className="font-book text-2xl">{open.name}</h2>
          <p className="text-soft">
            {separator !== null && encoding !== null && `${sheetText.parted({ by: separator, encoding })} `}
            {tables.length === 1 && sheetText.rows({ rows: (tables[0]?.rows ?? 0).toLocaleString() })}
          </p>
          {tables.length > 1 && (
            <div className="mt-3">
              <Choice
                label={sheetText.whichTable}
                value={choice && `${choice.sheet}.${choice.table}`}
                onChange={(chosen) => {
                  const [inSheet = 0, nth = 0] = chosen.split('.').map(Number);
                  const { mapping: _mapping, ...rest } = open;
                  void put({ ...rest, choice: { sheet: inSheet, table: nth } });
                }}
                options={tables.map(({ choice: { sheet: inSheet, table: nth }, name, rows }) => ({
                  value: `${inSheet}.${nth}`,
                  label: sheetText.tableOf({ name, nth: nth + 1, rows: rows.toLocaleString() }),
                }))}
              />
            </div>
          )}
        </div>
        {answers && questions.length > 0 && (
          <Section title={sheetText.open}>
            <Questions questions={questions} answers={answers} onAnswer={(next) => change({ answers: next })} />
          </Section>
        )}
        {table && mapping && (
          <Section title={sheetText.columns} aside={sheet.isRemembered && <Aside>{sheetText.asLastTime}</Aside>}>
            <Columns table={table} mapping={mapping} onChange={(next) => change({ mapping: next })} />
            {!mapping.includes('date') && <Notice role="alert">{sheetText.noDate}</Notice>}
          </Section>
        )}
        {named && (
          <>
            <Names
              title={sheetText.watersNamed}
              names={named.waters}
              known={sheet.waters}
              chosen={open.waters}
              onChoose={(waters) => change({ waters })}
            />
            <Names
              title={sheetText.kindsNamed}
              names={named.kinds}
              known={KINDS}
              chosen={open.kinds}
              onChoose={(kinds) => change({ kinds })}
            />
            {sheet.swimsNamed.map(({ waterKey, water, names }) => (
              <Names
                key={waterKey}
                title={sheetText.swimsNamed({ water })}
                names={names}
                known={sheet.swims.filter(({ waterId }) => waterId === waterKey)}
                chosen={open.swims[waterKey] ?? {}}
                onChoose={(chosen) => change({ swims: { ...open.swims, [waterKey]: chosen } })}
                onlyPerhaps
              />
            ))}
            <Names
              title={sheetText.baitsNamed}
              names={named.baits}
              known={sheet.baits}
              chosen={open.baits}
              onChoose={(baits) => change({ baits })}
              onlyPerhaps
            />
          </>
        )}
      </div>
      {run && sheet.choices && (
        <div className="xl:sticky xl:top-6">
          <Section title={sheetText.dryRun}>
            <DryRunShown run={run} alsoPerhaps={open.alsoPerhaps} />
            <KeepSheet
              open={open}
              put={put}
              run={run}
              choices={sheet.choices}
              headings={table?.headings ?? []}
              waters={named?.waters ?? []}
              swims={sheet.swimsNamed}
              isAnswered={sheet.isAnswered}
              onAll={onAll}
            />
          </Section>
        </div>
      )}
    </div>
  );
}

function Aside({ children }: { children: ReactNode }) {
  return <span className="text-sm text-soft">{children}</span>;
}
