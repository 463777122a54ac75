/** Whether a value that was read back has a shape that can be worked with. */
export type Shape = (value: unknown) => boolean;

export const isText: Shape = (value) => typeof value === 'string';
export const isNumber: Shape = (value) => typeof value === 'number' && Number.isFinite(value);
export const isFlag: Shape = (value) => typeof value === 'boolean';

/** One of a list of texts. */
export function oneOf(texts: readonly string[]): Shape {
  const known = new Set(texts);
  return (value) => typeof value === 'string' && known.has(value);
}

/** It may be left out. `null` was a way of leaving out, once. */
export function optional(shape: Shape): Shape {
  return (value) => value === undefined || value === null || shape(value);
}

export function nullOr(shape: Shape): Shape {
  return (value) => value === null || shape(value);
}

/** Of one shape or of the other. */
export function eitherOf(one: Shape, other: Shape): Shape {
  return (value) => one(value) || other(value);
}

/** A list, each entry of one shape. */
export function listOf(shape: Shape): Shape {
  return (value) => Array.isArray(value) && value.every(shape);
}

/**
 * One object with these fields, whatever others it has. Example: `record({ x: isNumber })` takes `{ x: 1, y: 2 }` and
 * no list.
 */
export function record(fields: Readonly<Record<string, Shape>>): Shape {
  const shapes = Object.entries(fields);
  return (value) =>
    typeof value === 'object' &&
    value !== null &&
    !Array.isArray(value) &&
    shapes.every(([name, shape]) => shape((value as Record<string, unknown>)[name]));
}
