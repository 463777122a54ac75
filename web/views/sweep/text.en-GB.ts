import { localised } from '../../text/localised.js';
import { plural } from '@keeper/core/text/en-GB/plural';

/** Words of the screen “sweep”, in British English. */
export const sweepText = localised('sweep', {
  thePicturesCouldNot: 'The pictures could not be loaded: the server cannot be reached.',
  straighteningBoth: 'Straightening both…',
  and: 'and',
  oneFish: ': one fish?',
  whatYouSay: 'What you say',
  theSameFish: 'The same fish',
  differentFish: 'Different fish',
  later: 'Later',
  capturesBelongTogether: ({ groupCount }: { groupCount: number }) => `${groupCount} captures belong together:`,
  nothingIsLinkedWithout: ({ left }: { left: number }) =>
    `${plural(left, { one: 'The last one for now.', other: `${left} to decide.` })} Nothing is linked without you.`,
  sweepTheBook: 'Sweep the book',
  nothingThatLooksLike: 'Nothing that looks like one fish yet.',
  nothingIsLeftTo: 'Nothing is left to decide. What you left for later comes again when the page is opened anew.',
  everyFlankOfThe:
    'Every flank of the book is compared with every other of its side and kind. What looks like one fish is shown here, the surest first; you decide.',
  takeTheLastOne: 'Take the last one back',
  openingTheRegister: 'Opening the register…',
  thePicturesOfThe: 'The pictures of the book are still being looked at…',
  noFlankIsIn: 'No flank is in the book yet. Once fish have their pictures there is something to go through.',
  pause: 'Pause',
  goOn: 'Go on',
  sweepAgainForNew: 'Sweep again for new ones',
  begin: 'Begin',
  ofFlanksComparedWith: ({ done, total }: { done: number; total: number }) =>
    `${done} of ${total} flanks compared with the others.`,
  picturesOfTheBook: ({ coming }: { coming: number }) => ` ${coming} pictures of the book are still being looked at.`,
  flanksComparedWithThe: 'Flanks compared with the others',
});
