/**
 * Where a page of the book comes from: tapped beside the fish on the bank; begun at the desk from pictures; or written
 * from memory or a notebook. Only of the first is anything known of how the fish was handled.
 */
export const ORIGINS = ['bank', 'pictures', 'memory'] as const;
export type Origin = (typeof ORIGINS)[number];
