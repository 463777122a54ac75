import { messagesOf, type None } from '../measure/message.js';

/** On what an expected weight rests. */
export interface BiometryMessages {
  whatThisFishWeighedBefore: None;
  itsLengthAndOfYour: { fish: number };
  itsLength: None;
  itsLengthAndGirth: None;
  theKindAndWhatYou: None;
  theKind: None;
}

export const biometryMessage = messagesOf<BiometryMessages>('biometry');
