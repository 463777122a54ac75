/** A running clock, down to the second that has passed. Examples: `0:07`, `12:03`, `1:02:03`. */
export function clockText(ms: number): string {
  const seconds = Math.max(0, Math.floor(ms / 1000));
  const two = (value: number) => String(value).padStart(2, '0');
  const minutes = Math.floor(seconds / 60);
  const tail = `${two(seconds % 60)}`;
  return minutes < 60 ? `${minutes}:${tail}` : `${Math.floor(minutes / 60)}:${two(minutes % 60)}:${tail}`;
}

/**
 * A span as one says it. Examples: `40 s`, `1 min 20 s`, `12 min`, `2 h 5 min`. Past ten minutes the seconds are
 * dropped.
 */
export function spanText(ms: number): string {
  const seconds = Math.max(0, Math.floor(ms / 1000));
  if (seconds < 60) return `${seconds} s`;
  const minutes = Math.floor(seconds / 60);
  if (minutes < 10) return seconds % 60 ? `${minutes} min ${seconds % 60} s` : `${minutes} min`;
  if (minutes < 60) return `${minutes} min`;
  return minutes % 60 ? `${Math.floor(minutes / 60)} h ${minutes % 60} min` : `${Math.floor(minutes / 60)} h`;
}
