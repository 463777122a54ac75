import { speciesName } from '../../domain/fish/species.js';
import type { OwnKitRule } from '../../domain/water/rules.js';
import { dayOfYearMessage } from '../../domain/water/season.js';
import { formatSize } from '../../measure/keeperUnits.js';
import { formatTemperature } from '../../measure/temperature.js';
import type { WaterMessages } from '../../domain/water/waterMessages.js';
import type { Texts } from '../texts.js';

const OWN_KIT: Readonly<Record<OwnKitRule, string>> = {
  allowed: 'Own nets, mats and slings are allowed.',
  dipped: 'Own nets, mats and slings only when dipped or dry.',
  supplied: 'Only the nets, mats and slings that the water supplies.',
};
export const waterTexts: Texts<WaterMessages> = {
  kindLake: 'lake',
  kindPit: 'pit',
  kindRiver: 'river',
  kindCanal: 'canal',
  kindReservoir: 'reservoir',
  kindPond: 'pond',
  bankGrass: 'grass',
  bankGravel: 'gravel',
  bankPlatform: 'platform',
  bankBoat: 'boat',
  bankWading: 'in the water, wading',
  north: 'north',
  northEast: 'north-east',
  east: 'east',
  southEast: 'south-east',
  south: 'south',
  southWest: 'south-west',
  west: 'west',
  northWest: 'north-west',
  ruleOwnKit: ({ ownKit }) => OWN_KIT[ownKit],
  ruleLeastNet: ({ mm, lengthHabit }) => `Landing net at least ${formatSize(mm, lengthHabit)} wide.`,
  ruleLeastMat: ({ mm, lengthHabit }) => `Mat at least ${formatSize(mm, lengthHabit)} long.`,
  ruleBarbless: 'Barbless hooks only.',
  ruleNoRetention: 'No fish is retained.',
  ruleRetention: ({ most }) => `A fish is retained for ${most} minutes at most.`,
  ruleTreatments: ({ treatments }) => `Wound treatments are ${treatments}.`,
  ruleClosed: ({ from, to, species }, say) =>
    `Closed from ${say(dayOfYearMessage(from))} to ${say(dayOfYearMessage(to))}: ${species.length === 0 ? 'all fishing' : species.map((each) => say(speciesName(each)).toLowerCase()).join(', ')}.`,
  ruleStop: ({ species, tempC, tempHabit }, say) =>
    `No fishing for ${say(speciesName(species)).toLowerCase()} from ${formatTemperature(tempC, tempHabit)}.`,
  ruleLegalSize: ({ species, leastMm, mostMm, lengthHabit }, say) => {
    const kind = say(speciesName(species));
    const [least, most] = [leastMm, mostMm].map((mm) => mm && formatSize(mm, lengthHabit));
    if (least && most) return `${kind}: only from ${least} to ${most} counts as takable.`;
    return least ? `${kind}: takable from ${least}.` : `${kind}: takable up to ${most}.`;
  },
  ruleClosedArea: ({ area }) => `Not fished: ${area}.`,
  ruleGuide: 'Only with a guide or warden.',
  dayOfYear: ({ month, day }, _say, dates) => dates.dayOfYear(Date.UTC(2000, month - 1, day)),
  kitNet: 'net',
  kitMat: 'mat',
  kitSling: 'sling',
  kitWeighBar: 'weigh bar',
  kitBucket: 'bucket',
  kitKitRoll: 'forceps and cutters',
  kitCareKit: 'care kit',
  kitBoard: 'measuring board',
  kitCamera: 'camera',
  kitBrolly: 'brolly',
  kitAngler: 'where you kneel',
  kitHelper: 'helper',
  fixtureTree: 'tree',
  fixtureBush: 'bush',
  fixtureStones: 'stones',
  fixtureSoftGround: 'soft ground',
  fixtureSteepEdge: 'steep edge',
  fixturePath: 'path',
  fixturePowerLine: 'power line',
  hazardStones: 'stones',
  hazardPowerLine: 'power line overhead',
  hazardSteepEdge: 'steep edge',
  hazardTraffic: 'people passing',
};
