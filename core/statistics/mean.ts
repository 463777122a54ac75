/** The mean; 0 of nothing. Example: `mean([1, 2, 6])` is 3. */
export function mean(values: readonly number[]): number {
  return values.length === 0 ? 0 : values.reduce((sum, each) => sum + each, 0) / values.length;
}

/**
 * The squares of what values lie off their own mean, added up: over n − 1 it is their variance.
 * Example: `squaresAboutMean([1, 3])` is 2.
 */
export function squaresAboutMean(values: readonly number[]): number {
  const middle = mean(values);
  return values.reduce((sum, each) => sum + (each - middle) ** 2, 0);
}
