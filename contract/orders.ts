/** The orders in which the book can be read. */
export const BOOK_ORDERS = ['newest', 'oldest', 'heaviest'] as const;
export type BookOrder = (typeof BOOK_ORDERS)[number];
