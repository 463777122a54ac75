import { localised } from '../../text/localised.js';

/** Words of what a reader sees, in British English. */
export const readersText = localised('readers', {
  title: 'The fish of this book',
  whatItIs: 'You are let in to read. Where they were caught stays with the keeper.',
  nothingYet: 'There is no fish to see yet.',
  unreachable: 'The book cannot be reached just now. What you see is as it was when you last looked.',
  more: 'Show more',
  whoseFish: ({ name }: { name: string }) => `${name}’s fish`,
  picture: ({ kind }: { kind: string }) => `Picture of this ${kind.toLowerCase()}`,
});
