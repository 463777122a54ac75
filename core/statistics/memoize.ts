/**
 * A function of a few numbers or words that remembers its answers, for those that take long and are asked again and
 * again. When it has as many as it may keep it begins anew.
 *
 * @example const slow = remember(1000, (x: number) => costly(x));
 */
export function memoize<A extends readonly (number | string)[], T extends NonNullable<unknown>>(
  most: number,
  work: (...of: A) => T,
): (...of: A) => T {
  const known = new Map<string, T>();
  let last: { readonly of: A; readonly answer: T } | undefined;
  return (...of) => {
    // The same is mostly asked several times in a row: then no key is made.
    const before = last;
    if (before && before.of.every((each, i) => each === of[i])) return before.answer;
    const key = of.join(' ');
    let answer = known.get(key);
    if (answer === undefined) {
      if (known.size >= most) known.clear();
      answer = work(...of);
      known.set(key, answer);
    }
    last = { of, answer };
    return answer;
  };
}
