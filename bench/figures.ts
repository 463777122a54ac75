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

/** One figure of a bench as it is written to a file. */
export interface Figure {
  readonly name: string;
  readonly value: number;
  readonly unit: string;
  readonly aim: string | null;
  /** Null where there is no aim. */
  readonly met: boolean | null;
}

const reported: Figure[] = [];

/** All figures that were printed so far, in their order. */
export function figuresSoFar(): readonly Figure[] {
  return reported;
}

/** Prints one figure with its aim, and whether it is met: less is better, unless it is said that more is. */
export function report(
  name: string,
  value: number,
  unit: string,
  aim?: number,
  better: 'less' | 'more' = 'less',
): void {
  const met = aim === undefined ? null : better === 'less' ? value <= aim : value >= aim;
  write({ name, value, unit, aim: aim === undefined ? null : String(aim), met });
}

/** The same of a figure that should be neither below nor above. Example: the share of intervals that hold the truth. */
export function reportBetween(name: string, value: number, unit: string, low: number, high: number): void {
  write({ name, value, unit, aim: `${low} to ${high}`, met: value >= low && value <= high });
}

function write(figure: Figure): void {
  const { name, value, unit, aim, met } = figure;
  reported.push(figure);
  const verdict = aim === null ? '' : `  aim ${aim} ${unit}: ${met ? 'met' : 'MISSED'}`;
  process.stdout.write(`${name.padEnd(62)}${value.toFixed(value < 10 ? 2 : 1).padStart(9)} ${unit}${verdict}\n`);
}
