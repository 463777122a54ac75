/** The middle value; of an even number the mean of the two. Null of nothing. */
export function median(values: readonly number[]): number | null {
  const sorted = [...values].sort((a, b) => a - b);
  const [low, high] = [sorted[Math.floor((sorted.length - 1) / 2)], sorted[Math.ceil((sorted.length - 1) / 2)]];
  return low === undefined || high === undefined ? null : (low + high) / 2;
}
