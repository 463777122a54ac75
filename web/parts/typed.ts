import type { FieldProblem } from '@keeper/contract/errors';

/**
 * A number as it is typed, with a decimal comma or point; undefined for nothing, NaN for what is none. Example:
 * `typedNumber('17,5') === 17.5`.
 */
export function parseTypedNumber(text: string): number | undefined {
  const tidy = text.trim().replace(/[−–]/g, '-').replace(',', '.');
  return tidy === '' ? undefined : Number(tidy);
}

/** A size in inches or centimetres, as whole millimetres. Example: `typedSize('42', true) === 1067`. */
export function parseTypedSize(text: string, inches: boolean): number | undefined {
  const size = parseTypedNumber(text);
  return size === undefined ? undefined : Math.round(size * (inches ? 25.4 : 10));
}

/**
 * The sentence for a field, or for anything below it. Example: `sentenceAt(problems, 'position')` finds
 * `position.latitudeDeg` too.
 */
export function sentenceAt(problems: readonly FieldProblem[], field: string): string | undefined {
  return problems.find((problem) => problem.field === field || problem.field.startsWith(`${field}.`))?.sentence;
}
