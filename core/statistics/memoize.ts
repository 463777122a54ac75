/**
 * A function of a few numbers or words that remembers its answers, for those that take long and are asked again and again. When
 * it has as many as it may keep it begins anew.
 *
 * @example const slow = remember(1000, (x: number) => costly(x));
 */
export function memoize<A extends readonly (number | string)[], T extends NonNullable<unknown>>(
  most: number,
  work: (...of: A) => T,
): (...of: A) => T {
  const known = new Map<string, T>();
  return (...of) => {
    const key = of.join(' ');
    const before = known.get(key);
    if (before !== undefined) return before;
    if (known.size >= most) known.clear();
    const answer = work(...of);
    known.set(key, answer);
    return answer;
  };
}
