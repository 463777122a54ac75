import type { BiometryMessages } from '../../biometry/biometryMessages.js';
import type { Texts } from '../texts.js';

export const biometryTexts: Texts<BiometryMessages> = {
  whatThisFishWeighedBefore: 'what this fish weighed before',
  itsLengthAndOfYour: ({ fish }) => `its length and ${fish} of your own fish of the kind`,
  itsLength: 'its length',
  itsLengthAndGirth: 'its length and girth',
  theKindAndWhatYou: 'the kind, and what you catch of it',
  theKind: 'the kind',
};
