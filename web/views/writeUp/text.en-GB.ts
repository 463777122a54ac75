import { localised } from '../../text/localised.js';

/** Words of the write-up, in British English. */
export const writeUpText = localised('writeUp', {
  writeUp: 'Write up',
  eachIsAskedAbout: 'Each is asked about once. Leave blank what you do not know.',
  theBookCannotBe: 'The book cannot be reached from here; what waits on this device is listed.',
  nothingWaitsEveryFish: 'Nothing waits. Every fish that was on is in the book.',
  openingThePage: 'Opening the page…',
  whatYouTypedIs: ({ sentence }: { sentence: string }) => `${sentence} What you typed is still here.`,
  aFishThatGot: ({ lost }: { lost: boolean }) => (lost ? 'A fish that got off' : 'Write up'),
  whatWasIt: 'What was it?',
  howHeavy: 'How heavy?',
  howLong: 'How long?',
  readDownToThe: 'Read down to the mark',
  girthBeforeTheBack: 'Girth before the back fin, if taken',
  pictures: 'Pictures',
  anythingElse: 'Anything else',
  onWhatHowIt: 'On what, how it fought, wounds and what was done for them',
  putItInThe: 'Put it in the book',
  emptyFieldsAreFine: 'Empty fields are fine. They will not be asked about again.',
  readOnTheBank: 'Read on the bank',
  long: ({ length }: { length: string }) => `, ${length} long`,
  correctItOnIts: 'Correct it on its page',
  where: 'Where?',
  onWhat: 'What did it take?',
});
