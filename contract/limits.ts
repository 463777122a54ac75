/** Most events in one request; a longer outbox is sent in several. */
export const MOST_EVENTS = 200;

/** The most that one picture may weigh and measure. */
export const MOST_PICTURE_BYTES = 25 * 1024 * 1024;
export const MOST_PICTURE_PIXELS = 100_000_000;

/** The most that a shared register may weigh: a thousand fish with both flanks and small pictures. */
export const MOST_REGISTER_BYTES = 120 * 1024 * 1024;

/** How a picture is named: by the SHA-256 of its original bytes. */
export const SHA256 = /^[0-9a-f]{64}$/;

/** A book that comes in as JSON. What is larger comes as a backup. */
export const MOST_BOOK_BYTES = 400 * 1024 * 1024;
