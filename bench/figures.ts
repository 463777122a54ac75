/** The value below which a share of all lie. Example: `quantile([1, 2, 3, 4], 0.5) === 2`. */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.max(0, Math.ceil(share * sorted.length) - 1)] ?? NaN;
}

/** Milliseconds of one piece of work. */
export async function timed(work: () => unknown): Promise<number> {
  const began = performance.now();
  await work();
  return performance.now() - began;
}

/** Milliseconds of each of many runs, after some that do not count. */
export async function timedRuns(runs: number, work: (run: number) => unknown): Promise<number[]> {
  for (let run = 0; run < Math.min(30, runs); run += 1) await work(-1 - run);
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) times.push(await timed(() => work(run)));
  return times;
}

/** Prints one figure with its aim, and whether it is met: less is better, unless it is said that more is. */
export function report(
  name: string,
  value: number,
  unit: string,
  aim?: number,
  better: 'less' | 'more' = 'less',
): void {
  const good = aim !== undefined && (better === 'less' ? value <= aim : value >= aim);
  const verdict = aim === undefined ? '' : good ? `  aim ${aim} ${unit}: met` : `  aim ${aim} ${unit}: MISSED`;
  process.stdout.write(`${name.padEnd(62)}${value.toFixed(value < 10 ? 2 : 1).padStart(9)} ${unit}${verdict}\n`);
}
