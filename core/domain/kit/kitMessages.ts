import { messagesOf, type None } from '../../measure/message.js';

/** What kit and the parts of a rig are called. */
export interface KitMessages {
  kitKindNet: None;
  kitKindMat: None;
  kitKindSling: None;
  kitKindScales: None;
  kitKindTool: None;
  kitKindCare: None;
  kitKindCamera: None;
  kitKindBoard: None;
  kitKindBucket: None;
  kitKindHooks: None;
  kitKindLicence: None;
  kitKindOther: None;
  barbBarbless: None;
  barbRolled: None;
  barbMicro: None;
  barbBarbed: None;
  leadRunning: None;
  leadDropsOff: None;
  leadPullsFree: None;
  leadFixed: None;
  leadFloat: None;
  leadNone: None;
}

export const kitMessage = messagesOf<KitMessages>('kit');
