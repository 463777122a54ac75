/** Winter, as far as it is within: December to the end of February, south of the equator June to the end of August. */
export function wintersWithin(from: number, to: number, isSouthern = false): [number, number][] {
  const begins = isSouthern ? 5 : 11;
  const years = Array.from(
    { length: new Date(to).getUTCFullYear() - new Date(from).getUTCFullYear() + 2 },
    (_, i) => new Date(from).getUTCFullYear() - 1 + i,
  );
  return years
    .map((year): [number, number] => [
      Math.max(from, Date.UTC(year, begins, 1)),
      Math.min(to, Date.UTC(year, begins + 3, 1)),
    ])
    .filter(([start, end]) => end > start);
}

/** Where the axis is written on: the turns of the years, or both ends where there is none. */
export function yearsWithin(from: number, to: number): number[] {
  const first = new Date(from).getUTCFullYear() + 1;
  const last = new Date(to).getUTCFullYear();
  const turns = Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => Date.UTC(first + i, 0, 1));
  return turns.length > 0 ? turns : [from, to];
}
