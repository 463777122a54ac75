import { spanText } from '../../measure/duration.js';
import { speciesName } from '../../domain/fish/species.js';
import { dayOfYearMessage } from '../../domain/water/season.js';
import { formatTemperature } from '../../measure/temperature.js';
import { STEP_WORDS, type RunStep } from '../../domain/capture/steps.js';
import { clause } from './clause.js';
import type { CareMessages } from '../../care/careMessages.js';
import type { Texts } from '../texts.js';

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** How a step is done quicker next time; nothing of those that take as long as they take. */
const QUICKER: Partial<Record<RunStep, string>> = {
  netted: 'Stronger tackle and steady side pressure bring it in sooner.',
  'hook-out': 'Forceps and cutters on their lanyards, each in its place; after a few tries, cut the hook.',
  'hook-cut': 'Side cutters first where the hook is deep: no tries before.',
  lifted: 'Sling wet and open, scale zeroed, camera framed while it rests in the net.',
  'looked-over': 'Both sides, mouth, fins: always in the same order.',
  weighed: 'Bar over the mat, sling zeroed, zip closed before it is lifted.',
  measured: 'Board wet, beside the mat, nose end to the left hand.',
  pictured: 'Framing tried on the empty mat; the camera on its stand with a timer.',
  carried: 'A clear way to the water, walked once before.',
};
const quicker = (step: RunStep) => (QUICKER[step] ? ` ${QUICKER[step]}` : '');

export const careTexts: Texts<CareMessages> = {
  basisPublished: ({ source }) => source,
  basisCommonPractice: 'common practice',
  basisLocalRule: ({ water }) => `rule of ${water ?? 'this water'}`,
  basisMeeting: ({ name }) => `rules of ${name}`,
  basisChoice: ({ name, water }, say) => `your choice${water === null ? '' : ` for ${water}`}: ${clause(say(name))}`,
  basisComputed: ({ method }, say) => `computed: ${say(method)}`,
  deathWarm: ({ waterC, tempC }) =>
    `The water was at ${waterC.toFixed(1)} °C, over the limit of ${tempC.toFixed(1)} °C.`,
  deathOxygen: ({ oxygenShare }) => `The water held ${Math.round(oxygenShare * 100)} % of the oxygen it can hold.`,
  deathFight: ({ fightMs }) => `It was played for ${spanText(fightMs)}.`,
  deathSwallowed: 'The hook was swallowed.',
  deathDeep: 'The hook was deep or near the gills.',
  deathBled: 'It bled.',
  deathAir: ({ longestAirMs, spellMs }) =>
    `It was out of the water for ${spanText(longestAirMs)} at one time; the limit was ${spanText(spellMs)}.`,
  deathFrost: 'It was lifted in frost.',
  deathDropped: 'It was dropped.',
  deathKept: ({ ms }) => `It was in net and sling for ${spanText(ms)}.`,
  budgetTooWarm: 'The water is too warm for this fish.',
  budgetNearlyTooWarm: 'The water is within three degrees of the limit for this fish.',
  budgetOxygen: 'The water is short of oxygen.',
  budgetFight20: 'The fight was longer than 20 minutes.',
  budgetFight10: 'The fight was longer than 10 minutes.',
  budgetFrost: 'In frost, gills and eyes freeze in the air.',
  budgetBleeding: 'It is bleeding.',
  budgetSpent: 'It is exhausted.',
  closedSeason: ({ species, today }, say) =>
    `${say(speciesName(species))} are closed here on ${say(dayOfYearMessage(today))}.`,
  closedSeasonReason: ({ from, to }, say) =>
    `Closed from ${say(dayOfYearMessage(from))} to ${say(dayOfYearMessage(to))}, both days counted.`,
  closedSeasonChanges: ({ to }, say) => `The day after ${say(dayOfYearMessage(to))}.`,
  closedSeasonAhead: ({ species, at }, say) =>
    `${say(speciesName(species))} close here on ${say(dayOfYearMessage(at))}, while this outing goes on.`,
  closedSeasonAheadReason: ({ from, to }, say) =>
    `Closed from ${say(dayOfYearMessage(from))} to ${say(dayOfYearMessage(to))}, both days counted. Rods for them come in the evening before.`,
  closedSeasonAheadChanges: ({ at }, say) => `Finish before ${say(dayOfYearMessage(at))}.`,
  lightning: 'Thunder is about: rods down.',
  lightningReason: 'A carbon rod is the best conductor on the bank, and you hold it.',
  lightningChanges: 'Half an hour after the last thunder.',
  tooWarm: ({ species, waterC, tempHabit, lineC }, say) =>
    `Leave ${say(speciesName(species)).toLowerCase()} alone: the water is at ${formatTemperature(waterC, tempHabit)}, the limit is ${formatTemperature(lineC, tempHabit)}.`,
  tooWarmReason:
    'Warm water holds less oxygen and clears the acid of a fight more slowly: a fish that swims off well may die within a day.',
  nearlyTooWarm: ({ tempC, tempHabit }) =>
    `Close to the limit of ${formatTemperature(tempC, tempHabit)}: short fights, no long pictures.`,
  nearlyTooWarmReason: ({ waterC, tempHabit }) =>
    `The water is at ${formatTemperature(waterC, tempHabit)}. Every degree costs oxygen, and recovery takes longer.`,
  nearlyTooWarmChanges: ({ clock }) => `From about ${clock} the surface should be over the limit; then stop.`,
  warmingPastTheLine: ({ clock }) => `Fish early: from about ${clock} it should be too warm.`,
  warmingPastTheLineReason: 'The surface warms through the day faster than it looks from the bank.',
  warmingPastTheLineMethod: 'heat balance of the margin',
  warmingPastTheLineChanges: 'A new reading of the water; the forecast of the margin is good to a degree and a half.',
  coolBelow: ({ deepC, tempHabit }) =>
    `The bottom at ${formatTemperature(deepC, tempHabit)} changes nothing: the surface decides.`,
  coolBelowReason:
    'Deep, cool water is often short of oxygen in the warm season, and the fish is fought and handled in the warm layer above.',
  coolBelowChanges: 'A cooler reading at the surface or at the depth of the net.',
  oxygenDanger: ({ oxygenMgL }) => `Do not fish: only ${oxygenMgL.toFixed(1)} mg/L of oxygen.`,
  oxygenLow: ({ oxygenMgL }) =>
    `Little oxygen: ${oxygenMgL.toFixed(1)} mg/L. Quick releases only; rest nothing in a sling.`,
  oxygenLowReason: ({ species, leastMgL, dangerMgL, share }, say) =>
    `${say(speciesName(species))} need ${leastMgL} mg/L and are in danger below ${dangerMgL}: short of breath before they are hooked.${share === null ? '' : ` That is ${percent(share)} of what it can hold.`}`,
  oxygenLowChanges: 'Wind, rain or the afternoon, when plants give oxygen; it is least at dawn. Measure again then.',
  oxygenAbove: ({ share, danger }) =>
    `${percent(share)} of what the water can hold: ${danger ? 'more than fish bear for long' : 'more than it should'}.`,
  oxygenAboveReason:
    'Plants in full sun, or water over a weir, push in more gas than it can hold: bubbles form in gills and blood from about 110 to 120 %. What climbs that far by day drops as far by dawn.',
  oxygenAboveChanges: 'A second reading with the meter set to air; and one at first light.',
  oxygenLimited: ({ saturationMgL }) => `At best it holds ${saturationMgL.toFixed(1)} mg/L of oxygen.`,
  oxygenLimitedReason:
    'That is the most that water at this temperature and height can take from the air; at dawn in weed it is far less.',
  oxygenLimitedChanges: 'A meter reading would tell.',
  frost: 'In frost a fish stays in the water: eyes and gills freeze in seconds.',
  frostReason: 'Wet gill filaments and eyes freeze in moving air below zero. Mat and board are wetted to warm them.',
  frostChanges: 'The air above freezing.',
  frostAhead: ({ clock }) => `Frost from about ${clock}: from then on no fish leaves the water.`,
  frostAheadReason: 'Wet gill filaments and eyes freeze in moving air below zero. Scale and camera stay in the bag.',
  frostAheadMethod: 'the forecast of the air',
  frostAheadChanges: 'Another forecast, or finishing before then.',
  waterNotMeasured: 'No water temperature yet.',
  waterNotMeasuredReason:
    'How long a fish may be fought and held depends on this one number. Two taps, at the depth of the net.',
  waterNotMeasuredChanges: 'A reading of the water.',
  coolEnough: ({ waterC, tempHabit, tempC }) =>
    `The water is well under the limit: ${formatTemperature(waterC, tempHabit)} against ${formatTemperature(tempC, tempHabit)}.`,
  coolEnoughReason: 'A fish that is landed quickly has the oxygen to recover.',
  oxygenGood: ({ oxygenMgL, saturationMgL }) =>
    `${oxygenMgL.toFixed(1)} mg/L of oxygen, ${percent(oxygenMgL / saturationMgL)} of what the water can hold.`,
  oxygenGoodReason: ({ saturationMgL }) =>
    `Saturated, it would hold ${saturationMgL.toFixed(1)} mg/L at this temperature, height and salinity.`,
  coolerFrom: ({ clock, lineC, tempHabit }) =>
    `After about ${clock} the surface should be under ${formatTemperature(lineC, tempHabit)}; measure it then.`,
  notCoolerYet: ({ lineC, tempHabit }) =>
    `Not in the hours ahead. Come back when the water is under ${formatTemperature(lineC, tempHabit)}.`,
  reviewAir: ({ longestAirMs, spellMs, most }, say) =>
    `${spanText(longestAirMs)} out of the water at one time; the limit was ${spanText(spellMs)}.${most ? ` Most of it went to “${say(STEP_WORDS[most].todo).toLowerCase()}”.${quicker(most)}` : ''}`,
  reviewAirReason:
    'Your chosen limit. A rest in the water between scale and camera would have split it into two short spells.',
  reviewDropped: 'It dropped. Next time lower, over the mat, down with it when it kicks.',
  reviewDroppedReason: 'A blow to the head kills hours or days later.',
  reviewSlow: ({ step, tookMs, medianMs }, say) =>
    `“${say(STEP_WORDS[step].todo)}” took ${spanText(tookMs)}, against your usual ${spanText(medianMs)}.${quicker(step)}`,
  reviewSlowReason: ({ times }) => `Your own median over ${times} fish.`,
  reviewSlowMethod: 'median of your own fish',
  reviewNotLookedOver: 'It was lifted and not looked over. Both sides, mouth and fins take five seconds.',
  reviewNotLookedOverReason: 'Wounds that are seen can be treated, and found healed next time.',
  reviewNeverLifted: 'It never left the water. It does not get kinder than that.',
  reviewGood: 'Nothing to change. Carry on like this.',
  reviewNeverLiftedReason: 'Time out of the water costs it most.',
  reviewGoodReason: 'Within its measure, and no step slower than your habit.',
  hotLand: 'Land it as fast as the tackle allows',
  hotLandPressure: 'Full pressure at once; the net is in already.',
  hotLandHook: 'Hook out in the water, in the net. Not lifted, not weighed, no picture.',
  hotLandHold: 'Held upright, head into the current, for as long as it takes.',
  hotLandFor: 'No tackle stays in the fish, and you see how it leaves.',
  hotLandAgainst: 'Every further minute of fight is a minute of acid that warm water clears slowly.',
  hotBreakOff: 'Break it off, or straighten the hook',
  hotBreakOffPoint: 'Point the rod at the fish, clamp the spool, walk back until hook or link gives.',
  hotBreakOffLink: 'Only with a link that is weaker than the main line, and a lead that comes free.',
  hotBreakOffStop: 'Then stop fishing here.',
  hotBreakOffFor: 'The fight ends at once.',
  hotBreakOffAgainst: 'A hook, perhaps a deep one, stays in the fish.',
  stopPerSpecies: 'A limit for each species',
  stopPerSpeciesWhy: 'Cold-water fish are in trouble long before carp are. Each species has its own limit.',
  stopEighty: '80 °F for large toothed predators',
  stopEightyWhy: 'Pike, wels and zander stop at 26.7 °C; the others have their own limit.',
  stopCoolPike: 'Pike stop at 20.5 °C',
  stopCoolPikeWhy: 'Pike fight to a standstill and die of it a day later; leave them alone early in warm water.',
};
