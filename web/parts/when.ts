/** A date as one writes it in a book. Example: `Sat 6 June, 05:12`. The year is said only when it is not this one. */
export function whenText(iso: string, now = new Date()): string {
  const date = new Date(iso);
  const day = date.toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'long',
    ...(date.getFullYear() !== now.getFullYear() && { year: 'numeric' }),
  });
  return `${day.replace(/^(\w+),/, '$1')}, ${timeText(date)}`;
}

/** A day of the calendar, written out. Example: `2026-10-19` → `19 October 2026`. */
export function dayText(day: string): string {
  return new Date(`${day.slice(0, 10)}T12:00:00`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  });
}

/** Example: `05:12`. */
export function timeText(date: Date): string {
  return date.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
}

/** Heads a stretch of the book. Example: `June 2026`. */
export function monthText(iso: string): string {
  return new Date(iso).toLocaleDateString('en-GB', { month: 'long', year: 'numeric' });
}

/** A moment as a `datetime-local` field wants it, in the keeper's own time. Example: `2026-07-15T05:30`. */
export function localInput(atMs: number): string {
  const date = new Date(atMs);
  const two = (value: number) => String(value).padStart(2, '0');
  const day = `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
  return `${day}T${two(date.getHours())}:${two(date.getMinutes())}`;
}
