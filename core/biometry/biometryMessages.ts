import { messagesOf, type None } from '../measure/message.js';

/** On what an expected weight rests. */
export interface BiometryMessages {
  byHistory: None;
  byLengthAndOwnFish: { fish: number };
  byLength: None;
  byGirth: None;
  byKindAndOwnFish: None;
  byKind: None;
}

export const biometryMessage = messagesOf<BiometryMessages>('biometry');
