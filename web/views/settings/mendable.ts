import type { FieldProblem } from '@keeper/contract/errors';

/** A field of an entry that was refused, with what stands in it. */
export interface MendableField {
  /** Within the entry, such as `payload.facts.note`. */
  readonly path: string;
  readonly sentence: string;
  readonly value: string | number;
}

/** The fields that can be put right by writing something else in them: texts and numbers that stand there. */
export function mendableFields(of: object, fields: readonly FieldProblem[]): MendableField[] {
  return fields.flatMap(({ field, sentence }) => {
    const path = field.replace(/^events\.\d+\.?/, '');
    const value = valueAt(of, path.split('.'));
    return typeof value === 'string' || typeof value === 'number' ? [{ path, sentence, value }] : [];
  });
}

function valueAt(of: unknown, path: readonly string[]): unknown {
  return path.reduce<unknown>(
    (inside, name) =>
      typeof inside === 'object' && inside !== null && Object.hasOwn(inside, name)
        ? (inside as Record<string, unknown>)[name]
        : undefined,
    of,
  );
}

/**
 * The entry with another value in one of its fields; a number stays a number. Undefined where that is no number.
 * Example: `mended(event, 'payload.perMinute', '44')`.
 */
export function mended<T extends object>(of: T, path: string, typed: string): T | undefined {
  const names = path.split('.');
  const isNumber = typeof valueAt(of, names) === 'number';
  const number = Number(typed.replace(',', '.'));
  if (isNumber && (typed.trim() === '' || !Number.isFinite(number))) return undefined;
  return withValueAt(of, names, isNumber ? number : typed) as T;
}

function withValueAt(of: unknown, [name, ...rest]: readonly string[], value: unknown): unknown {
  if (name === undefined) return value;
  if (Array.isArray(of))
    return of.map((each, i) => (String(i) === name ? withValueAt(each, rest, value) : (each as unknown)));
  const own = of as Record<string, unknown>;
  return { ...own, [name]: withValueAt(own[name], rest, value) };
}
