import { useState } from 'react';
import type { FieldProblem } from '@keeper/contract/errors';
import { problemsIn } from '@keeper/contract/validation';
import type { RowKind } from '../data/deviceStore.js';
import { writeRow } from '../data/record.js';
import { useRecord } from '../data/useRecord.js';
import { sentenceAt } from './typed.js';

interface RowFormWanted {
  readonly kind: RowKind;
  readonly id: string;
  /** The contract's class that the row must satisfy. */
  readonly contract: new () => object;
  /** What is typed, as the row that it makes; `retired` puts it away. */
  readonly bodyOf: (retired: boolean) => { readonly revision: number };
  /** Called once the row is on the device. */
  readonly onKept: () => void | Promise<void>;
}

export interface RowFormState {
  /** What is wrong, once it was tried to keep it. */
  readonly problems: readonly FieldProblem[];
  readonly at: (field: string) => string | undefined;
  readonly notKept: boolean;
  readonly put: (retired: boolean) => Promise<void>;
}

/**
 * What every form of a row does: checks it against the contract, keeps it on the device, says what is wrong at its
 * field.
 */
export function useRowForm({ kind, id, contract, bodyOf, onKept }: RowFormWanted): RowFormState {
  const [tried, setTried] = useState(false);
  const { keep, notKept } = useRecord();
  const problems = tried ? problemsIn(contract, bodyOf(false)) : [];
  return {
    problems,
    at: (field) => sentenceAt(problems, field),
    notKept,
    put: async (retired) => {
      setTried(true);
      if (!retired && problemsIn(contract, bodyOf(false)).length > 0) return;
      if (await keep(() => writeRow(kind, id, bodyOf(retired)))) await onKept();
    },
  };
}
