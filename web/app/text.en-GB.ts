import { localised } from '../text/localised.js';

/** Words of the frame round all screens, in British English. */
export const appText = localised('app', {
  more: 'More',
  notFound: 'Not found',
  nothingIsLostEither:
    'Nothing is lost. Either there is no such page, or what it shows is not on this device and the server cannot be reached.',
  thisPageBroke: 'This page broke',
  whatYouEnteredIs:
    'What you entered is kept on this device. Load the page again; if it breaks again, start again from Today.',
  toToday: 'To Today',
  entries: ({ n }: { n: number }) => `${n} entries`,
  onTheWayTo: 'on the way to the server',
  waitingForTheServer: 'waiting for the server',
  keptHere: 'kept here',
  safeOnThisDevice: ({ waiting, how }: { waiting: string; how: string }) => `${waiting} safe on this device, ${how}. `,
  notAcceptedByThe: ({ refused }: { refused: string }) => `${refused} not accepted by the server`,
  skipToThePage: 'Skip to the page',
  unhurried: 'Unhurried',
  keeper: 'Keeper',
  mainMenu: 'Main menu',
  whatYouEnterIs: ({ sentence }: { sentence: string }) =>
    `${sentence} What you enter is kept on this device, and is sent by itself once that is put right.`,
  asItWas: ({ when }: { when: string }) => `No signal. The book is shown as this device knew it ${when}.`,
  thisDeviceIsNot: 'This device is not let into the book.',
  enterThePassphrase: 'Enter the passphrase',
  pairThisDevice: 'Pair this device',
  theBank: 'The bank',
  writeUp: 'Write up',
  theBook: 'The book',
  knownFish: 'Known fish',
  weighDesk: 'Weigh desk',
  today: 'Today',
  pictures: 'Pictures',
  waters: 'Waters',
  kit: 'Kit',
  rehearse: 'Rehearse',
  settings: 'Settings',
});
