import { sql } from 'drizzle-orm';

/**
 * Which captures are in the book: not those that were begun by mistake or merged. Written as in the indexes, so that
 * SQLite takes them.
 */
export const IN_THE_BOOK = sql`outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL`;
