import { pluralIn } from '../plural.js';

/**
 * British English knows one and other. Example: `plural(2, { one: 'fish was', other: 'fish were' })` is `fish were`.
 */
export const plural = pluralIn('en-GB');
