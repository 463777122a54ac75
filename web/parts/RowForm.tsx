import { partsText } from './text.en-GB.js';
import type { ReactNode } from 'react';
import { Notice } from './Notice.js';
import type { RowFormState } from './useRowForm.js';

interface RowFormProps {
  readonly title: string;
  readonly above?: string | undefined;
  readonly form: RowFormState;
  /** What the control that keeps it says. */
  readonly keep: string;
  /** Whether it stands in the book already and can be archived. */
  readonly known: boolean;
  readonly wide?: boolean;
  readonly children: ReactNode;
}

/** The frame of every form of a row: its title, its fields, and the controls that keep it or put it away. */
export function RowForm({ title, above, form, keep, known, wide = false, children }: RowFormProps) {
  return (
    <form
      className={wide ? '' : 'max-w-3xl'}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void form.put(false);
      }}
    >
      {above && <p className="text-soft">{above}</p>}
      <h1 className="mb-6 text-3xl font-semibold">{title}</h1>
      {children}
      {form.problems.length > 0 && <Notice role="alert">{partsText.checkTheFieldsMarked}</Notice>}
      {form.notKept && <Notice role="alert">{partsText.itCouldNotBe}</Notice>}
      <div className="mt-8 flex flex-wrap gap-3">
        <button type="submit" className="button button-main min-h-16 px-8 text-lg">
          {keep}
        </button>
        {known && (
          <button type="button" className="button min-h-16" onClick={() => void form.put(true)}>
            {partsText.archiveIt}
          </button>
        )}
      </div>
    </form>
  );
}
