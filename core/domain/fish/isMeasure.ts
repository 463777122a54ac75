/**
 * Whether something is a weight or a length at all: above nothing and a number. Whatever else a book may hold says
 * nothing. Example: 0 is none.
 */
export function isMeasure(value: number | null | undefined): value is number {
  return value !== null && value !== undefined && value > 0 && Number.isFinite(value);
}
