import type { BiometryMessages } from '../../biometry/biometryMessages.js';
import type { Texts } from '../texts.js';

export const biometryTexts: Texts<BiometryMessages> = {
  byHistory: 'what this fish weighed before',
  byLengthAndOwnFish: ({ fish }) => `its length and ${fish} of your own fish of the kind`,
  byLength: 'its length',
  byGirth: 'its length and girth',
  byKindAndOwnFish: 'the kind, and what you catch of it',
  byKind: 'the kind',
};
