import type { FieldProblem } from '@keeper/contract/errors';

/** A number as it is typed, with a decimal comma or point; undefined for nothing, NaN for what is none. Example: `typedNumber('17,5') === 17.5`. */
export function typedNumber(text: string): number | undefined {
  const tidy = text.trim().replace(/[−–]/g, '-').replace(',', '.');
  return tidy === '' ? undefined : Number(tidy);
}

/** The same in centimetres, taken as whole millimetres. */
export function typedCentimetres(text: string): number | undefined {
  const cm = typedNumber(text);
  return cm === undefined ? undefined : Math.round(cm * 10);
}

/** The sentence for a field, or for anything below it. Example: `sentenceAt(problems, 'position')` finds `position.latitudeDeg` too. */
export function sentenceAt(problems: readonly FieldProblem[], field: string): string | undefined {
  return problems.find((problem) => problem.field === field || problem.field.startsWith(`${field}.`))?.sentence;
}
