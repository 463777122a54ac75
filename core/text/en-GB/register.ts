import type { RegisterMessages } from '../../formats/registerMessages.js';
import type { Texts } from '../texts.js';

export const registerTexts: Texts<RegisterMessages> = {
  tooLarge: 'This register cannot be read: it takes more memory than any register should.',
  notJson: 'This file is not JSON: it is cut short, or something else.',
  noRegister: 'There is no register of fish in this file.',
  wholeBook: 'This is a whole book, not a register of fish.',
  otherVersion: 'This register was made by another version; its flanks cannot be compared here. Ask for a new one.',
  nobodys: 'This register does not say whose it is.',
  noList: 'This register has no list of fish, or too long a one.',
  fishWithoutName: 'A fish of this register has no name or no id. Nothing was taken in.',
};
