import type { KitMessages } from '../../domain/kit/kitMessages.js';
import type { Texts } from '../texts.js';

export const kitTexts: Texts<KitMessages> = {
  kitKindNet: 'Landing net',
  kitKindMat: 'Mat or cradle',
  kitKindSling: 'Sling',
  kitKindScales: 'Scales',
  kitKindTool: 'Tool',
  kitKindCare: 'Care kit',
  kitKindCamera: 'Camera',
  kitKindBoard: 'Measuring board',
  kitKindBucket: 'Bucket',
  kitKindHooks: 'Hooks',
  kitKindLicence: 'Licence or ticket',
  kitKindOther: 'Other',
  barbBarbless: 'barbless',
  barbRolled: 'barbed, rolled flat',
  barbMicro: 'micro-barbed',
  barbBarbed: 'barbed',
  leadRunning: 'The lead runs',
  leadDropsOff: 'The lead drops off',
  leadPullsFree: 'The lead pulls free',
  leadFixed: 'The lead is fixed',
  leadFloat: 'There is only a float',
  leadNone: 'There is no lead',
};
