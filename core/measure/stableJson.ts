/**
 * A value as JSON with the fields of each object in order of their names: two values say the same exactly when their
 * texts are the same.
 *
 * @example stableJson({ b: 1, a: 2 }) // '{"a":2,"b":1}'
 */
export function stableJson(value: unknown): string {
  return JSON.stringify(value, (_name, inner: unknown) =>
    typeof inner === 'object' && inner !== null && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  );
}
