/** What keeps the book from being written or read. */
export const BOOK_TROUBLES = [
  'disk-full',
  'read-only',
  'book-gone',
  'book-damaged',
  'book-busy',
  'disk-fails',
] as const;
export type BookTrouble = (typeof BOOK_TROUBLES)[number];

/** Each trouble for the keeper: what happened, and what to do. What is on the devices stays there meanwhile. */
export const TROUBLE_SENTENCES: Readonly<Record<BookTrouble, string>> = {
  'disk-full': 'The book cannot be written: the disk is full. Make room on the computer that keeps it.',
  'read-only': 'The book cannot be written: its folder is read-only. Give the server the right to write there.',
  'book-gone': 'The book is gone: its folder was moved or deleted. Put it back, or restart the server.',
  'book-damaged':
    'The book is damaged. Nothing more is written to it. Stop the server and put back a copy; nothing on your devices is lost.',
  'book-busy': 'Another program is using the book. The server keeps trying.',
  'disk-fails': 'The disk that holds the book is failing. Copy the whole folder to another disk while it can be read.',
};

/** How the server and its book are. */
export type Health =
  | { readonly status: 'well' }
  | { readonly status: 'cannot-write'; readonly code: BookTrouble; readonly sentence: string };
