import type { Message } from '../../measure/message.js';
import type { FormId } from './species.js';
import type { WoundAlong, WoundSide } from './wound.js';
import { messagesOf, type None } from '../../measure/message.js';

/** What a fish, its kind and its wounds are called. */
export interface FishMessages {
  speciesCarp: None;
  speciesPike: None;
  speciesBarbel: None;
  speciesWels: None;
  speciesTench: None;
  speciesBream: None;
  speciesChub: None;
  speciesZander: None;
  speciesPerch: None;
  speciesTrout: None;
  speciesOther: None;
  speciesByOwnName: { name: string };
  speciesNotNoted: None;
  speciesOfForm: { form: FormId; name: Message };
  woundHookHold: None;
  woundScalesMissing: None;
  woundScalesLifted: None;
  woundUlcer: None;
  woundTornFin: None;
  woundSpawning: None;
  woundPredator: None;
  woundParasite: None;
  woundHealed: None;
  woundPlace: { side: WoundSide; along: WoundAlong; across: 'back' | 'belly' | null };
  woundSize5: None;
  woundSize20: None;
  woundSize45: None;
  woundSize80: None;
}

export const fishMessage = messagesOf<FishMessages>('fish');
