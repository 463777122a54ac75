import type { FishMessages } from '../../domain/fish/fishMessages.js';
import type { Texts } from '../texts.js';
import type { FormId } from '../../domain/fish/species.js';
import type { WoundAlong } from '../../domain/fish/wound.js';

const FORMS: Readonly<Record<FormId, string>> = {
  common: 'Common',
  mirror: 'Mirror',
  linear: 'Linear',
  leather: 'Leather',
};
const ALONG: Readonly<Record<WoundAlong, string>> = {
  head: 'head',
  'behind-head': 'behind the head',
  middle: 'middle of the body',
  'before-tail': 'before the tail',
  tail: 'tail',
};

export const fishTexts: Texts<FishMessages> = {
  speciesCarp: 'Carp',
  speciesPike: 'Pike',
  speciesBarbel: 'Barbel',
  speciesWels: 'Wels catfish',
  speciesTench: 'Tench',
  speciesBream: 'Bream',
  speciesChub: 'Chub',
  speciesZander: 'Zander',
  speciesPerch: 'Perch',
  speciesTrout: 'Trout',
  speciesOther: 'Other species',
  speciesByOwnName: ({ name }) => name,
  speciesNotNoted: 'Species not noted',
  speciesOfForm: ({ form, name }, say) => `${FORMS[form]} ${say(name).toLowerCase()}`,
  woundHookHold: 'hook hold',
  woundScalesMissing: 'missing scales',
  woundScalesLifted: 'lifted scales',
  woundUlcer: 'ulcer',
  woundTornFin: 'torn fin',
  woundSpawning: 'spawning damage',
  woundPredator: 'predator mark',
  woundParasite: 'parasite',
  woundHealed: 'old and healed',
  woundPlace: ({ side, along, across }) =>
    side === 'mouth' ? 'mouth' : `${side} flank, ${ALONG[along]}${across ? `, ${across}` : ''}`,
  woundSize5: 'under 1 cm',
  woundSize20: '1 to 3 cm',
  woundSize45: '3 to 6 cm',
  woundSize80: 'over 6 cm',
};
