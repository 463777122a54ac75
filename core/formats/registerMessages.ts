import { messagesOf, type None } from '../measure/message.js';

/** Why a file is no register of fish. */
export interface RegisterMessages {
  tooLarge: None;
  notJson: None;
  noRegister: None;
  wholeBook: None;
  otherVersion: None;
  nobodys: None;
  noList: None;
  fishWithoutName: None;
}

export const registerMessage = messagesOf<RegisterMessages>('register');
