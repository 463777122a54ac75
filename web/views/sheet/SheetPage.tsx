import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { paths } from '../../app/paths.js';
import { newId } from '../../data/device.js';
import { Notice } from '../../parts/Notice.js';
import { Imports } from './Imports.js';
import { layOnDesk, useOpenSheet } from './openSheet.js';
import { SheetOnDesk } from './SheetOnDesk.js';
import { sheetText } from './text.en-GB.js';

const KINDS = '.csv,.tsv,.txt,.xlsx,.ods,text/csv,text/tab-separated-values';

/** A sheet of fish comes into the book: read, asked about once, looked at, and kept whole. */
export function SheetPage() {
  const { open, put } = useOpenSheet();
  const [came, setCame] = useState<number>();
  const input = useRef<HTMLInputElement>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setCame(undefined);
    await put(layOnDesk(newId(), file, new Blob([await file.arrayBuffer()])));
    if (input.current) input.current.value = '';
  };
  const clear = async (fish: number) => {
    await put(null);
    setCame(fish);
  };
  return (
    <div
      data-wide
      className="grid gap-8"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        void take(event.dataTransfer.files[0]);
      }}
    >
      <div>
        <h1 className="text-3xl font-semibold">{sheetText.title}</h1>
        <p className="mt-1 mb-4 text-soft">{sheetText.how}</p>
        <input
          ref={input}
          id="sheet-file"
          type="file"
          accept={KINDS}
          className="sr-only"
          onChange={(event) => void take(event.target.files?.[0])}
        />
        <label htmlFor="sheet-file" className={`button inline-flex cursor-pointer ${open ? '' : 'button-main'}`}>
          {open ? sheetText.another : sheetText.choose}
        </label>
        {open && (
          <button type="button" className="quiet-link ml-6 min-h-11" onClick={() => void put(null)}>
            {sheetText.putAway}
          </button>
        )}
      </div>
      {open === undefined && <Notice role="status">{sheetText.reading}</Notice>}
      {open && <SheetOnDesk key={open.id} open={open} put={put} onAll={clear} />}
      {came !== undefined && (
        <Notice role="status">
          {sheetText.done({ fish: came.toLocaleString() })}{' '}
          <Link to={paths.book} className="quiet-link">
            {sheetText.toTheBook}
          </Link>
        </Notice>
      )}
      <Imports />
    </div>
  );
}
