import { MINUTE_MS } from '../../measure/timeSpan.js';
import { median } from '../../statistics/median.js';

/** Beats that a fish's gills can make in a minute; outside of it a tap went wrong. */
const LEAST = 8;
const MOST = 200;
/** A rate needs three beats; the newest six intervals are looked at, for it changes as the fish recovers. */
const LEAST_TAPS = 4;
const NEWEST = 6;

/**
 * Gill beats a minute from taps made along with them, in ms of any clock that runs evenly: by the median interval, so
 * that one tap too many or too few moves little. Null while there are too few, or when the rate cannot be. Example:
 * taps a second apart give 60.
 */
export function gillBeatOf(tapsMs: readonly number[]): number | null {
  if (tapsMs.length < LEAST_TAPS) return null;
  const gaps = tapsMs
    .slice(1)
    .map((atMs, i) => atMs - (tapsMs[i] ?? atMs))
    .slice(-NEWEST);
  const perMinute = Math.round(MINUTE_MS / (median(gaps) ?? 0));
  return perMinute >= LEAST && perMinute <= MOST ? perMinute : null;
}
