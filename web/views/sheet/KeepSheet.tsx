import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { LEFT_OUT } from '@keeper/contract/imports';
import type { NameInSheet } from '@keeper/core/sheet/matchNames';
import type { SwimsOfWater } from '@keeper/core/sheet/swimsOfSheet';
import { deviceId, newId } from '../../data/device.js';
import { usePracticesAt } from '../../data/usePractices.js';
import { ofKeeper } from '../../data/whose.js';
import { Notice } from '../../parts/Notice.js';
import type { DryRun, SheetChoices } from '../../workers/sheetDesk.js';
import { sheetDesk } from './desk.js';
import { keepSheet, makeSwims, makeWaters, noteImport } from './keepSheet.js';
import type { OpenSheet } from './openSheet.js';
import { sheetText } from './text.en-GB.js';

interface KeepSheetProps {
  readonly open: OpenSheet;
  readonly put: (next: OpenSheet | null) => Promise<void>;
  readonly run: DryRun;
  readonly choices: SheetChoices;
  readonly headings: readonly string[];
  readonly waters: readonly NameInSheet[];
  readonly swims: readonly SwimsOfWater[];
  readonly isAnswered: boolean;
  /** All of them are in the book. */
  readonly onAll: (fish: number) => Promise<void>;
}

type Going =
  | { readonly as: 'still' | 'stopped' }
  | { readonly as: 'failed'; readonly sentence: string }
  | { readonly as: 'going'; readonly sent: number; readonly of: number };

/** The last step: the fish come into the book, with how far they are; it can be stopped, and gone on with. */
export function KeepSheet({ open, put, run, choices, headings, waters, swims, isAnswered, onAll }: KeepSheetProps) {
  const [going, setGoing] = useState<Going>({ as: 'still' });
  const { lengthOf } = usePracticesAt(undefined);
  const client = useQueryClient();
  const { counts } = run;
  const coming = counts.fish - (open.alsoPerhaps ? 0 : counts.perhaps);

  const keep = async () => {
    setGoing({ as: 'going', sent: 0, of: coming });
    try {
      const ofBook = await makeWaters(waters, choices.waters, open.waters);
      const swimsOfBook = await makeSwims(swims, ofBook, open.swims);
      const importId = open.importId ?? newId();
      const { answers } = choices;
      const mapping = choices.mapping.map((field) => field ?? LEFT_OUT);
      const row = { name: open.name, at: new Date().toISOString(), fish: coming, headings: [...headings] };
      if (open.importId === undefined) await noteImport(importId, { ...row, mapping, answers });
      // From here on a reload goes on with it: under the same name, into the same waters.
      await put({
        ...open,
        importId,
        waters: { ...open.waters, ...ofBook },
        swims: { ...open.swims, ...swimsOfBook },
      });
      const whole = { ...choices, waters: ofBook, importId, deviceId: deviceId(), lengthOf, swims: swimsOfBook };
      const all = await keepSheet(
        { ...whole, keeperId: ofKeeper().keeperId, alsoPerhaps: open.alsoPerhaps },
        (sent, of) => setGoing({ as: 'going', sent, of }),
      );
      if (all) await onAll(coming);
      else setGoing({ as: 'stopped' });
    } catch (cause) {
      setGoing({ as: 'failed', sentence: cause instanceof Error ? cause.message : '' });
    }
    await client.invalidateQueries({ predicate: ({ queryKey: [name] }) => name !== 'sheet' });
  };

  if (going.as === 'going') {
    const { sent, of } = going;
    return (
      <div className="mt-5 grid max-w-xl gap-3">
        <progress
          className="h-3 w-full accent-water"
          value={sent}
          max={Math.max(1, of)}
          aria-label={sheetText.dryRun}
        />
        <p role="status" className="tabular-nums">
          {sheetText.sent({ sent: sent.toLocaleString(), of: of.toLocaleString() })}
        </p>
        <button type="button" className="button justify-self-start" onClick={() => void sheetDesk().stop()}>
          {sheetText.stop}
        </button>
      </div>
    );
  }
  return (
    <div className="mt-5 grid justify-items-start gap-3">
      {counts.perhaps > 0 && (
        <label className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="size-6 accent-water"
            checked={open.alsoPerhaps}
            onChange={(event) => void put({ ...open, alsoPerhaps: event.target.checked })}
          />
          {sheetText.perhaps({ perhaps: counts.perhaps })} {sheetText.takePerhaps}
        </label>
      )}
      {going.as === 'stopped' && <Notice role="status">{sheetText.stopped}</Notice>}
      {going.as === 'failed' && (
        <Notice role="alert">
          {sheetText.failed} {going.sentence}
        </Notice>
      )}
      <button
        type="button"
        className="button button-main min-h-14 px-8"
        disabled={!isAnswered || coming === 0}
        onClick={() => void keep()}
      >
        {open.importId === undefined ? sheetText.take({ fish: coming }) : sheetText.goOn}
      </button>
      {!isAnswered && <p className="text-sm text-soft">{sheetText.answerFirst}</p>}
    </div>
  );
}
