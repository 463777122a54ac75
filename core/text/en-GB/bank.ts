import { formatTemperature } from '../../measure/temperature.js';
import { HOUR_MS } from '../../measure/timeSpan.js';
import { list } from './list.js';
import { waterMessage } from '../../domain/water/waterMessages.js';
import { KIT_WORDS, FIXTURE_WORDS } from '../../domain/water/plan.js';
import { formatStrain, formatSize } from '../../measure/keeperUnits.js';
import { BARB_TEXT, LEAD_TEXT } from '../../domain/kit/rig.js';
import { spanText } from '../../measure/duration.js';
import type { BankMessages } from '../../bank/bankMessages.js';
import { speciesName } from '../../domain/fish/species.js';
import type { Texts } from '../texts.js';
import { plural } from './plural.js';

const hoursText = (ms: number) => String(Math.round(ms / HOUR_MS));
/** Example: `1 time in 8`. */
const onceText = (chance: number) => `1 time in ${Math.max(1, Math.round(1 / chance))}`;

export const bankTexts: Texts<BankMessages> = {
  carry: ({ carryM, strides }) =>
    `${carryM.toFixed(1)} m from net to mat, ${plural(strides, { one: 'one step', other: `${strides} steps` })}.`,
  carryReason: 'A step or two, low: a fish that is carried far is dropped or held too long.',
  reachAll: 'Everything you need is within arm’s reach of where you kneel.',
  reachOut: ({ outOfReach }, say) =>
    `Out of arm’s reach: ${outOfReach.map((piece) => say(KIT_WORDS[piece])).join(', ')}.`,
  reachReason: 'Leaving a fish to fetch something is the classic mistake.',
  groundHard: 'The mat lies on hard ground.',
  groundSoft: 'The mat lies on soft ground.',
  groundFloor: 'A hard floor: the mat alone is the padding, so take the thick one.',
  groundOther: ({ bank }) => `${bank === 'gravel' ? 'Gravel' : 'No soft ground'} under the mat.`,
  groundReason: 'Blows to the head kill hours or days later and cannot be seen at release.',
  fallClear: 'Nothing hard within falling distance of the mat.',
  fallNear: ({ near }, say) =>
    `Within falling distance of the mat: ${[...new Set(near.map((kind) => say(FIXTURE_WORDS[kind])))].join(', ')}.`,
  hazardsReason: 'What lies below must be soft enough for a fall: a kick carries it a metre and a half.',
  roomTrunk: 'A trunk or a bush stands in the way.',
  roomBranches: 'You work under branches.',
  roomEnough: 'There is room round the mat.',
  roomReason: 'Branches catch net and rod while a fish is in the air.',
  powerLine: ({ withinM }) => `A power line within ${withinM} m.`,
  powerLineReason:
    'A carbon rod near a power line kills, even without touching it. Grid operators ask for 30 m along the ground. Choose another swim.',
  kneelAtMat: 'You kneel at the mat.',
  kneelAway: ({ away }) => `You kneel ${away.toFixed(1)} m from the mat.`,
  kneelReason: 'The fish is worked on kneeling, low, over the mat.',
  weighBarAtMat: 'The weigh bar stands at the mat.',
  weighBarAway: ({ away }) => `The weigh bar stands ${away.toFixed(1)} m from the mat.`,
  weighOverMatReason: 'A sling is always hung over the mat, low: if something gives, it falls soft.',
  missingOnPlan: ({ piece }, say) => `No ${say(KIT_WORDS[piece])} on the plan.`,
  missingOnPlanReason: 'What is still in its bag when a fish takes is no use.',
  moveAfterPredator: 'A predator follows your fish here: move before the next cast.',
  moveAfterPredatorReason:
    'The next fish hooked is its next meal, tired out and held for it. Common practice, no source.',
  quietUnknown: ({ rodMs }) =>
    rodMs === 0
      ? 'Your book has no rod-hours of this water yet, so it cannot say whether this is long.'
      : `Your book has only ${hoursText(rodMs)} rod-hours of this water, too few to say whether this is long.`,
  quietUsual: ({ quietMs, rods, chance }) =>
    `Quiet for ${spanText(quietMs)} on ${plural(rods, { one: 'one rod', other: `${rods} rods` })}: nothing unusual here, ${onceText(chance)}.`,
  quietMove: ({ quietMs, rods, chance }) =>
    `Quiet for ${spanText(quietMs)} on ${plural(rods, { one: 'one rod', other: `${rods} rods` })}. Here that comes by chance ${onceText(chance)}. Move?`,
  quietReason: ({ ownSigns, ownRodMs, here }) =>
    `By your own ${here === 'swim' ? 'hours in this swim' : 'hours on this water'}: ${plural(ownSigns, { one: 'one sign', other: `${ownSigns} signs` })} in ${hoursText(ownRodMs)} rod-hours, taken as a Poisson rate.`,
  loadTestNever: 'Not load-tested.',
  loadTestOld: 'Its load test is more than four weeks old.',
  loadTestAfterFish: 'Not load-tested since the last fish.',
  loadTestAfterSnag: 'Not load-tested since the snag.',
  leadStays: 'The lead stays on: a fish that breaks off tows it.',
  leadStaysReason: 'Towed through weed it tethers the fish until it dies. Let it run, drop off, or pull free.',
  leadStaysChanges: 'A lead that comes free under load.',
  linkTooStrong: ({ linkKg, system, mainLineKg }) =>
    `The link (${formatStrain(linkKg, system)}) is no weaker than the main line (${formatStrain(mainLineKg, system)}).`,
  linkTooStrongReason: 'When the line parts it parts above the rig, and the fish trails the lot.',
  linkTooStrongChanges: ({ mainLineKg, system }) => `A link under ${formatStrain(mainLineKg, system)}.`,
  hookHolds: ({ hookOpensKg, mainLineKg, system }) =>
    `The hook opens at ${formatStrain(hookOpensKg, system)}; the line (${formatStrain(mainLineKg, system)}) parts before.`,
  hookHoldsReason: 'A hook that does not straighten first leaves the fish with the line.',
  hookHoldsChanges: ({ mainLineKg, system }) => `A finer wire that opens under ${formatStrain(mainLineKg, system)}.`,
  hookNotTried: 'At what pull does the hook open?',
  hookNotTriedReason: 'Your way is a hook that straightens: it does so only where its wire is the weakest.',
  hookNotTriedChanges: 'Pull one straight against your scale, at home, and write it down.',
  noWirePike: 'No wire: a pike bites through it.',
  noWire: 'Nothing against teeth.',
  noWireReason: 'A fish that bites off swims away with hooks in its throat.',
  noWirePikeChanges: 'A wire trace.',
  noWireChanges: 'A wire or heavy mono trace.',
  noUpTrace: 'No up-trace: the bait can swing back on to the main line.',
  noUpTraceReason: 'On the cast or the drop the bait doubles back; the take is then above the wire.',
  noUpTraceChanges: 'A second trace as long as the first, above the lead or float.',
  waterWantsBarbless: ({ barb }, say) => `Barbless only here; this hook is ${say(BARB_TEXT[barb])}.`,
  waterWantsBarblessReason: 'The water’s rule comes before any preference.',
  waterWantsBarblessChanges: 'A barbless hook.',
  barbStands: 'A full barb tears on the way out, of fish and of fingers.',
  barbStandsReason: 'Rolled flat in the jaws of the pliers it holds nearly as well; a straight squeeze seldom does it.',
  barbStandsChanges: 'Roll the barb flat, or a barbless hook.',
  notYourSchool: ({ barb }, say) => `You fish barbless; this hook is ${say(BARB_TEXT[barb])}.`,
  notYourSchoolReason: 'Barbless goes in with less force and comes out in a second.',
  notYourSchoolChanges: 'Another hook, or another preference under Settings.',
  leadcore: 'Leadcore: a break above it leaves a heavy tail on the fish.',
  leadcoreReason: 'It snags in weed and does not rot. Many waters forbid it.',
  leadcoreChanges: 'Tubing, or no leader.',
  notLoadTestedReason:
    'A knot that slips is found on a fixed point, not on a fish: hook it to something solid, walk back, hold it 10 to 20 s.',
  notLoadTestedChanges: 'One test under full load.',
  comesFree: 'Lead ejects: a lost fish tows nothing.',
  comesFreeReason: ({ lead }, say) => `${say(LEAD_TEXT[lead])} and the link is the weak point.`,
  backdropWater: 'Water stands behind the fish.',
  backdropGreen: 'Green stands behind the fish.',
  backdropPath: 'The path runs behind the fish.',
  backdropOpen: 'Open ground stands behind the fish.',
  backdropReason: 'A clean backdrop, trees or water, shows the outline; clutter hides it and can give the place away.',
  spellAt: ({ first }) => `at ${first}`,
  spellFromTo: ({ first, last }) => `from ${first} to ${last}`,
  spells: ({ spells }, say) => list(spells.map(say)),
  matInSun: ({ text }, say) => `The mat lies in the sun ${say(text)}.`,
  matInShade: 'The mat lies in shade.',
  matShadeReason:
    'A dark mat in the sun gets hot enough to burn. Shade it, or lay it face down and turn it when needed.',
  bucketInSun: ({ text }, say) => `The bucket stands in the sun ${say(text)}.`,
  bucketInShade: 'The bucket stands in shade.',
  bucketShadeReason: 'Ten litres in a high summer sun gain three degrees in about an hour.',
  cameraLightGood: 'The sun falls on the fish from the camera’s side.',
  cameraLightOtherSide: ({ against }, say) =>
    `The camera should stand on the other side: ${say(against)} it looks into the sun.`,
  cameraLightAgainst: ({ against }, say) => `The camera looks into the sun ${say(against)}.`,
  cameraLightReason: 'The sun should fall on the side you photograph: face it while you hold the fish.',
  expected: ({ species }, say) =>
    species.length === 0
      ? 'Whatever comes'
      : list(species.map((each, i) => (i === 0 ? say(speciesName(each)) : say(speciesName(each)).toLowerCase()))),
  notChecked: ({ text }, say) => `${say(text)}: not checked`,
  tooSmall: ({ kind, sizes, lengthHabit, leastMm }) =>
    `Your largest ${kind} has ${formatSize(Math.max(...sizes), lengthHabit)}; ${formatSize(leastMm, lengthHabit)} are wanted.`,
  net: 'Landing net put together, wet, within reach of the rods',
  netSize: ({ leastMm, lengthHabit, longestMm }) =>
    `at least ${formatSize(leastMm, lengthHabit)} wide for a fish of ${formatSize(longestMm, lengthHabit)}; knotless or rubber mesh`,
  netReason: 'A take can come on the first cast. Knotted mesh strips slime and splits fins.',
  netMissing: 'No net stands in your kit.',
  cleanKitSupplied: 'The water’s own net, mat and sling fetched',
  cleanKit: 'Net, mat and sling dipped or dry since the last water',
  cleanKitReason: 'Nets, mats and slings carry disease from water to water.',
  cleanKitUnclean: ({ unclean }) => `Last wet at another water and not disinfected since: ${unclean.join(', ')}.`,
  footingWading: 'Waders, belt and staff',
  footing: 'Boots or waders on, to go to the fish',
  footingReason: 'In trainers the fish is dragged up the bank. Wading and cold water drown.',
  boatFloor: 'Padded floor fixed, sides kept clear; lifejacket on',
  boatFloorReason: 'In a boat the floor is the mat. At the edge a kicking fish goes overboard rather than inboard.',
  matHot: 'Mat laid face down or in shade, soaked just before use',
  mat: 'Mat laid on soft, flat ground, wet',
  matSize: ({ leastMm, lengthHabit }) =>
    `at least ${formatSize(leastMm, lengthHabit)} long, a step or two from the water`,
  matSoakLasts: ({ soakLastsMs }) => `; one soaking lasts about ${spanText(soakLastsMs)} then`,
  matBurns: ({ size, clock, lasts }, say) =>
    `${say(size)}. Face up and dry it is burning hot from about ${clock}${lasts ? say(lasts) : ''}`,
  matTooWarm: ({ size, clock }, say) => `${say(size)}. Face up and dry it is too warm from about ${clock}`,
  matReason: 'A dry mat takes the slime, a hot one burns. In frost the same wetting warms it.',
  waterMeasured: 'Water temperature taken',
  waterMeasuredAt: ({ waterC, tempHabit }) => formatTemperature(waterC, tempHabit),
  rigTrouble: ({ rig, trouble }, say) => `${rig}: ${trouble ? say(trouble) : ''}`,
  rigTroubles: ({ troubles }, say) => troubles.map(say).join(' '),
  barblessOnly: 'barbless',
  waterMeasuredReason: 'How long a fish may be fought and held depends on it.',
  waterNotMeasured: 'Not measured on this outing.',
  bucket: 'Bucket filled from the lake',
  bucketChange: ({ clock }) => `change it by ${clock}`,
  bucketReason:
    'Everything that touches a fish is wet and near water temperature. After hours in the sun a bucket is hot.',
  bucketOut: 'Out of arm’s reach on your plan.',
  sling: 'Weigh sling soaked, zips closed',
  slingSize: ({ leastMm, lengthHabit, longestMm }) =>
    `at least ${formatSize(leastMm, lengthHabit)} long for a fish of ${formatSize(longestMm, lengthHabit)}; soak it for two minutes before zeroing`,
  slingReason:
    'A dry sling takes slime; an open zip drops the fish. Its tare is that of the sling as wet as it will be.',
  slingMissing: 'No sling stands in your kit.',
  scalesZeroed: 'Scales hung and zeroed with the wet sling on',
  scalesTare: 'Scales hung; tare of the wet sling read',
  scalesHang: 'from a bar or tripod, by their own loop; a zero is good for a quarter of an hour',
  scalesZeroedAt: ({ clock, clock2 }) =>
    `from a bar or tripod, by their own loop; zeroed at ${clock}, good until ${clock2}`,
  scalesReason: 'Most false weights are a sling that was not taken off. A drained sling is lighter than a fresh one.',
  scalesMissing: 'No scales stand in your kit.',
  scalesBattery: 'Their battery is low.',
  scalesNeverChecked: 'Never compared with a known mass.',
  scalesCheckOverdue: ({ days }) => `Scale check overdue: last compared with a known mass ${days} days ago.`,
  scalesZeroOld: ({ minutes }) => `The zero is ${minutes} minutes old: dip the sling, let it run off, zero again.`,
  toolsToothed: 'Long pliers, side cutters, jaw spreader and hook pick, each at its place',
  tools: 'Forceps, pliers and side cutters, each at its place',
  toolsPliers: ({ leastMm, lengthHabit, longestMm }) =>
    `pliers at least ${formatSize(leastMm, lengthHabit)} long, for the teeth of a fish of ${formatSize(longestMm, lengthHabit)}; within arm’s reach, on a lanyard`,
  toolsReach: 'within arm’s reach of where you kneel, on a lanyard',
  toolsReason: 'Cut rather than tear: the cutters must go through the hooks in use.',
  toolsOut: 'Out of arm’s reach on your plan.',
  toolsToReplace: ({ tools }) => `To replace: ${tools.join(', ')}.`,
  toolsLoose: ({ loose }) => `Not on a lanyard: ${loose.join(', ')}.`,
  spareHooks: 'Spare hooks in the sizes in use',
  spareHooksReason: 'Without a spare you hesitate to cut.',
  spareHooksOwed: 'Cut hooks have not been replaced.',
  rigs: 'Each rig load-tested on a fixed point',
  rigsHeld: 'held under full load for 10 to 20 s',
  rigsReason:
    'A knot that slips is found on a post, not on a fish. The lead must come free, the link must be the weak point.',
  careKit: 'Antiseptic and sealing paste ready, in this order',
  careKitReason:
    'Sealed without cleaning, a dirty wound is only closed in. The label and the law decide what may be used.',
  careKitOld: ({ old }) => `Out of date: ${old.join(', ')}.`,
  noTreatment: 'Care kit stays closed: wounds are not treated here',
  noTreatmentReason: 'The water forbids treatments.',
  cameraHelper: 'Camera in your helper’s hand, framing tried',
  camera: 'Camera on its stand, framing tried, tethered',
  cameraReason: 'Exposure and framing are tried before a fish is out, not while it is in the air.',
  cameraBattery: 'Its battery is low.',
  board: 'Measuring board wet and as cool as the water',
  boardSize: ({ leastMm, lengthHabit, longestMm }) =>
    `at least ${formatSize(leastMm, lengthHabit)} long for a fish of ${formatSize(longestMm, lengthHabit)}`,
  boardReason: 'A board that lay in the sun burns a fish from cool water; in frost a wet one is the warmer.',
  roles: 'Who nets, who unhooks, who pictures: said aloud',
  rolesReason: 'Two who both wait for the other are slower than one.',
  frost: 'Nothing out of the water in frost: unhook in the net, picture in the water',
  frostReason: 'Gills and eyes freeze in moving air below zero.',
  light: 'Head-torch charged, screen set to night light',
  lightReason: 'A fish at two in the morning is handled by what the torch shows.',
  hazardPowerLine: 'Power line overhead: another swim',
  hazardSteepEdge: 'Steep edge: where to land a fish, and where to get out',
  hazardStones: 'Stones: where the fish must not touch',
  hazardTraffic: 'People pass: rods and rigs out of their way',
  swimHazardsReason:
    'A carbon rod near a power line kills. Slippery edges drown. Blows on stones cannot be seen at release.',
  hazardsPowerLineProblem: 'A carbon rod near it kills, even without touching.',
  licence: 'Licence and ticket with you, in date',
  licenceUntil: ({ atMs }, _say, dates) => `Good until ${dates.day(atMs)}.`,
  licenceReason: 'Without them nothing of the day is lawful; they stand in the kit with their last day.',
  licenceLapsed: ({ names }) => `Lapsed: ${list(names)}.`,
  licenceSoon: ({ names }) => `Lapses within two weeks: ${list(names)}.`,
  guide: 'Guide or warden asked, and there',
  guideReason: 'This water is fished only with one.',
  closedAreas: 'Nowhere near what is closed',
  closedAreasAre: ({ areas }) => `Closed: ${list(areas)}.`,
  closedAreasReason: 'Spawning grounds, other people’s swims, birds: what the water closes it closes for a reason.',
  legalSizes: 'Legal sizes known',
  legalSizesAre: ({ sizes, lengthHabit }, say) =>
    sizes.map((size) => say(waterMessage('ruleLegalSize', { ...size, lengthHabit }))).join(' '),
  legalSizesReason: 'They say what could be taken, even where nothing is; a meeting goes by them too.',
  rulesRead: 'The water’s rules read; licence with you',
  rulesReadReason: 'Local rules and licences decide, before anything said here.',
};
