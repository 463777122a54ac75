const UNITS = ['kB', 'MB', 'GB'] as const;

/** How large a file is, in decimal units. Examples: `48 kB`; `3.2 MB`; `4.1 GB`. */
export function bytesText(bytes: number): string {
  const step = bytes < 1e6 ? 0 : bytes < 1e9 ? 1 : 2;
  const value = bytes / 1000 ** (step + 1);
  return `${step === 0 ? Math.ceil(value) : value.toFixed(1)} ${UNITS[step]}`;
}
