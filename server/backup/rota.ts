/** For so many days, weeks and months that have a backup the newest of each is kept. */
export const KEPT_BACKUPS = { days: 7, weeks: 4, months: 12 } as const;
const DAY_MS = 24 * 3600_000;

/**
 * Which backups are kept: the newest of each of the last seven days, four weeks and twelve months that have one. Weeks
 * begin on Monday; all by UTC. Example: of two on one day the earlier goes.
 */
export function keptBackups(madeMs: readonly number[]): ReadonlySet<number> {
  const newestFirst = [...madeMs].sort((a, b) => b - a);
  const kept = new Set<number>();
  const keepNewestOfEach = (spanOf: (ms: number) => string | number, most: number) => {
    const seen = new Set<string | number>();
    for (const ms of newestFirst) {
      if (seen.has(spanOf(ms))) continue;
      if (seen.size === most) return;
      seen.add(spanOf(ms));
      kept.add(ms);
    }
  };
  keepNewestOfEach((ms) => Math.floor(ms / DAY_MS), KEPT_BACKUPS.days);
  // The first of January 1970 was a Thursday: three days after a Monday.
  keepNewestOfEach((ms) => Math.floor((ms / DAY_MS + 3) / 7), KEPT_BACKUPS.weeks);
  keepNewestOfEach((ms) => new Date(ms).toISOString().slice(0, 7), KEPT_BACKUPS.months);
  return kept;
}

/** The hour of the night, by the clocks of the machine, at which one is made. */
const NIGHT_HOUR = 3;

/** Whether one is due: none was made since the last night. One that was slept through is made on waking. */
export function isBackupDue(lastMs: number | null, now: Date): boolean {
  const night = new Date(now);
  night.setHours(NIGHT_HOUR, 0, 0, 0);
  if (night > now) night.setDate(night.getDate() - 1);
  return lastMs === null || lastMs < night.getTime();
}

/** A backup is old after so long without a new one. */
export const BACKUP_OLD_MS = 3 * DAY_MS;
