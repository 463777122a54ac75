/** What a table program may take for a formula, or strip as blank before one (OWASP, "CSV Injection"). */
const RISKY = /^[=+\-@\t\r]/;
/** A plain number is none, whatever its sign. */
const NUMBER = /^[+-]?\d+(?:\.\d+)?$/;

/**
 * A cell for people who open a file in a table program: one that it could take for a formula begins with an apostrophe,
 * which shows it as text. A negative number stays a number.
 *
 * @example guardedCell('=1+1') // "'=1+1"
 */
export function guardedCell(text: string): string {
  return RISKY.test(text) && !NUMBER.test(text) ? `'${text}` : text;
}
