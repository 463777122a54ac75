import { localised } from '../../text/localised.js';

/** Words of the screen “more”, in British English. */
export const moreText = localised('more', {
  more: 'More',
});
