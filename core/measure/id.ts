const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;

/**
 * Whether a text is an id as it stands in the book: a UUID (RFC 9562, 2024) in small letters. Example: capitals are
 * another text, and would be another fish.
 */
export function isId(value: unknown): value is string {
  return typeof value === 'string' && UUID.test(value);
}
