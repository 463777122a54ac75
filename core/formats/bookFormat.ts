/** Name and version that open every exported book, so that a reader knows what it holds. */
export const BOOK_FORMAT = { format: 'unhurried-keeper-book', version: 1 } as const;
