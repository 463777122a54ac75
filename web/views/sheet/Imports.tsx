import { useState } from 'react';
import type { KeptImport } from '@keeper/contract/imports';
import { useQueryClient } from '@tanstack/react-query';
import { useImports } from '../../data/rows.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { Sheet } from '../../parts/Sheet.js';
import { dayText } from '../../parts/when.js';
import { takeBackImport } from './takeBackImport.js';
import { sheetText } from './text.en-GB.js';

/** The sheets that came in: each can be taken back whole, at any time. */
export function Imports() {
  const imports = useImports();
  if (imports.length === 0) return null;
  return (
    <Section title={sheetText.earlier}>
      <ul className="border-b border-rule">
        {imports.map((each) => (
          <ImportLine key={each.id} row={each} />
        ))}
      </ul>
    </Section>
  );
}

function ImportLine({ row }: { row: KeptImport }) {
  const client = useQueryClient();
  const [asked, setAsked] = useState(false);
  const [state, setState] = useState<'still' | 'busy' | 'failed'>('still');
  const { name, fish, at, retired } = row;
  const takeBack = async () => {
    setState('busy');
    try {
      await takeBackImport(row);
      setState('still');
      setAsked(false);
    } catch {
      setState('failed');
    }
    await client.invalidateQueries();
  };
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-4 border-t border-rule py-2">
      <p className={retired ? 'text-soft' : ''}>
        {sheetText.takenIn({ name, fish: fish.toLocaleString(), when: dayText(at) })}
      </p>
      {retired ? (
        <p className="text-soft">{sheetText.takenBack}</p>
      ) : (
        <button type="button" className="quiet-link min-h-11 text-sm" onClick={() => setAsked(true)}>
          {sheetText.takeBack}
        </button>
      )}
      <Sheet title={sheetText.takeBack} open={asked} onOpenChange={setAsked}>
        <div className="grid gap-4">
          <p>{sheetText.takeBackSure({ name })}</p>
          {state === 'failed' && <Notice role="alert">{sheetText.failed}</Notice>}
          <button
            type="button"
            className="button button-main min-h-14"
            disabled={state === 'busy'}
            onClick={() => void takeBack()}
          >
            {state === 'busy' ? sheetText.taking : sheetText.takeBack}
          </button>
          <button type="button" className="button" onClick={() => setAsked(false)}>
            {sheetText.keepIt}
          </button>
        </div>
      </Sheet>
    </li>
  );
}
