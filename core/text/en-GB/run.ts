import { clause } from './clause.js';
import { spoken } from './spoken.js';
import type { RunMessages, TreatedWhere } from '../../care/run/runMessages.js';
import type { Texts } from '../texts.js';

const atATime = (spellMs: number) => `${Math.round(spellMs / 1000)} seconds at a time`;

const GRIPS = {
  chin: 'Fingers along the gill cover’s edge up to the chin, wrist cocked, chin up.',
  plate: 'Fingers flat along the inside of the gill plate, up to the stop, clear of the red rakers; chin up.',
  cradle: 'The cradle holds it; no hand in its head. Spreader in from the front.',
} as const;
const WELS_GRIPS = {
  thumb: 'Glove on, thumb over the lower lip, jaw pressed against the cradle.',
  cradle: 'The cradle holds it; hands off the jaw.',
} as const;
const PREPARATIONS: Readonly<Record<TreatedWhere, string>> = {
  mouth: 'The mouth’s own preparation, not the body’s.',
  body: 'The body’s preparation, not the mouth’s.',
  both: 'Mouth and body have a preparation each.',
};

export const runTexts: Texts<RunMessages> = {
  hung: 'Level, at once: the other hand under its belly, between the hind fins.',
  hungReason:
    'Hung by jaw or gill plate its own weight tears at jaw, gills and spine; the bigger it is, the more. Never upright, not for a moment.',
  gripToothed: ({ way, onMat }) =>
    `${onMat ? 'On the mat, its back towards you. ' : ''}${GRIPS[way]} Long pliers, from the far side of the teeth.`,
  gripWels: ({ way, onMat }) =>
    `${onMat ? 'On the mat, belly down. ' : ''}${WELS_GRIPS[way]} Long pliers, from behind the rasp.`,
  gripReason:
    'Held firmly it opens its mouth by itself, and clear of the rakers it is not hurt. Never hung by it: the bigger it is, the sooner a hand goes under the belly.',
  twoFishOn: ({ helped }) =>
    helped
      ? 'Two on: a rod each, the nearer one to the net first. The other stays out in open water.'
      : 'Two on: the nearer one first. The other rod low in its rest, line free to run, well clear.',
  twoFishOnReason: 'One net, one fish. What is hurried in green, or wound into the other line, is lost or hurt.',
  twoFishOneNet:
    'The first stays in the net, in the water, head into the current. Let it go, or move it to the sling in the water, before this one comes to the net.',
  twoFishOneNetReason: 'Two in one net tear at each other’s scales and at the line.',
  twoFishFirstWaits: ({ helped, hookIn }) =>
    helped
      ? `One of you stays with this one: in the water, gills under${hookIn ? ', hook out' : ''}. The other sees to the second rod.`
      : `It stays in the water, gills under, the net’s arms on the bank${hookIn ? '; hook out if it is one move' : ''}. Then the other rod.`,
  twoFishFirstWaitsReason: 'In the water it breathes for as long as the other takes; on the mat nobody looks at it.',
  twoFishBackIn: 'The other rod goes: this one back into the net first, in the water.',
  withoutNet: 'No net: play it longer, and land it in the water, by hand.',
  withoutNetReason: 'It has an order of its own: what is swung, dragged or beached is hurt where nobody sees it.',
  withoutNetTire: 'Wait until it lies on its side and stays so.',
  withoutNetShallow: 'Wet hands. Lead its head over shallow water; go in to it as far as is safe.',
  withoutNetToothed: 'Slide the wet hand along the gill cover’s edge to the chin; the other under the belly, level.',
  withoutNetUnder: 'One wet hand round the wrist of the tail, the other under the belly behind the front fins.',
  withoutNetHook: 'Hook out there, in the water. No lift without a sling under it; never up the bank.',
  rigAway: 'The rig out of the way now: up on the rod’s ring.',
  rigAwayReason: 'A loose hook finds a hand or the fish; a baited one in the margin finds a bird.',
  hookBack: 'Hands wet and cool. Turn the hook back the way it went in.',
  hookBackReason: 'Pulled sideways it tears what it held; warm dry hands take the slime off.',
  boardFirst: ({ way, identifier }) =>
    way === 'water'
      ? `Board afloat beside you, tied on, ${identifier ?? 'identifier'} on it. Camera ready.`
      : `Board wet, flat beside the mat, nose end to the left hand, ${identifier ?? 'identifier'} on it. Camera ready.`,
  boardFirstReason:
    'Net to board to water in 30 to 45 seconds is what practised hands do, a minute at most: set up before.',
  onTheBoard: 'Nose to the stop, mouth shut, board tilted nose down; flat; tail to its mark; read down.',
  onTheBoardReason:
    'Tilted it lies against the stop by itself. In wind a weight on the mat, a friend’s finger at the nose.',
  netOff: 'The net off from head to tail, with the scales.',
  netOffReason: 'Against the scales the mesh lifts them and splits the fins.',
  zipAgain: ({ lift }) => `${lift === 'sling' ? 'Zip shut? ' : ''}Fins flat, hands wet: at each lift anew.`,
  zipReason: 'A sling that opens on the way drops it. A blow to the head kills days later.',
  carry: ({ helped }) =>
    `Zip shut? In the sling, low, over mat and water; not in the arms.${helped ? ' Whoever helps moves slowly.' : ''}`,
  pictureInWater: 'Crouch in the water, gloves wet, half of it under. Both flanks once each.',
  pictureInWaterReason: 'It never leaves its element, and a kick takes it where it wants to go.',
  swallowedPliers: 'Swallowed: long pliers if you see it and it comes at one gentle try. Else cut the line close.',
  swallowedPliersReason: 'In sight and loose it may come; anything that resists is where it lives.',
  holdUpright: ({ way }) =>
    way === 'still'
      ? 'Upright, head into the current; wrist of the tail, hand under the belly. Never thrown. Watch it swim.'
      : 'Upright; a hand’s breadth to and fro, gently; wrist of the tail, hand under the belly. Never thrown. Watch it swim.',
  notComing: ({ way }) =>
    `Stay with it. ${way === 'still' ? 'Head into what current there is, no rocking to and fro.' : 'To and fro, slowly, or head into a current if there is one.'} If the gills stop, it has not recovered.`,
  hotWaterBreakOffGives: ({ way }) =>
    way === 'link'
      ? 'Only with a link weaker than the main line, and a lead that comes free.'
      : 'Only with a hook that straightens before the line parts, and a lead that comes free.',
  woundTreat: ({ sealNow, where }) =>
    `${sealNow ? 'Now the seal, then wet it so that it sets.' : 'Clean it first, then seal, then wet.'} ${PREPARATIONS[where]} Clear of gills and eyes.`,
  beforeTheLift: ({ lift, bank, helped }) =>
    [
      'Hands wet.',
      lift === 'sling'
        ? 'Sling under it in the water, zip shut; pectorals flat, tail straight.'
        : 'Roll the mesh to a pouch, a hand under; pectorals flat, tail straight.',
      bank === 'boat' ? 'Low, over the side; if it kicks, overboard.' : 'Low, a step or two.',
      ...(helped ? ['Whoever helps moves slowly.'] : []),
    ].join(' '),
  airOverBackIntoTheWater: 'Back into the water now.',
  airOverItHasBeenOut: 'It has been out long enough: back into the water, and no more lifts.',
  liftedAgainstHookOutAtOnce: 'Hook out at once, and back in: no scale, no picture.',
  liftedAgainstBackInNowNo: 'Back in now: no scale, no picture.',
  liftedAgainstTheWaterIsToo: 'The water is too warm for this fish. It should have stayed in.',
  liftedAgainstInFrostGillsAnd: 'In frost gills and eyes freeze within seconds.',
  liftedAgainstItHasNothingLeft: 'It has nothing left for time out of the water.',
  noFurtherLift: 'It has been out long enough: no more lifts. Hold it upright and let it go.',
  dropped: 'It dropped: back into the water, no picture. Hold it as long as it takes.',
  droppedReason: 'A blow to the head kills hours or days later and cannot be seen at release.',
  matHot: ({ matC }) => `The mat is at about ${Math.round(matC)} °C: soak it, or turn it, before the fish lies on it.`,
  matHotReason: 'A dark mat in the sun burns skin and slime.',
  matHotMethod: 'heat of the mat',
  pour: ({ dryMs }) =>
    `Dry since ${spoken(dryMs)}: pour, head to tail, a hand over the gill cover, the bottle clear of it.`,
  pourReason: 'Keep it wet all the time. Never pour up the body into the gills.',
  woundTreatReason: ({ treatments }) =>
    `Sealant alone traps the dirt in a wound.${treatments === null ? ' Ask what this water and the label allow.' : ''}`,
  woundLeave: 'No treatment on this water: note the wound and leave it.',
  woundLeaveReason: 'The water has its reasons, and its rule comes first.',
  sealedDirty: 'It was sealed before it was cleaned: wipe the seal off, clean, seal again.',
  sealedDirtyReason: 'What is trapped under a seal carries on.',
  airThreeQuarters: 'Three quarters of its time are gone: finish what you are doing.',
  zeroFirst: 'Wet sling on the scale, zero it, camera ready: all before the lift.',
  zeroFirstReason: 'What you set up now you need not set up while it is out of the water.',
  pictureLowLowOverTheWaters: 'Low over the water’s side or the padded floor; if it kicks, let it go overboard.',
  pictureLowKneelElbowsInHands: 'Kneel, elbows in, hands under; low over the mat. Both flanks once each.',
  pictureLowReason: 'What lies below must be soft enough for a fall.',
  budgetByYourChoice: ({ spellMs }) => `${atATime(spellMs)}, by your choice.`,
  budgetBecause: ({ spellMs, reasons }, say) =>
    `${atATime(spellMs)}: ${reasons.map((each) => clause(say(each))).join(', ')}.`,
  downWithItMat: 'Down with it, onto the mat; cover the eye, hold it still.',
  downWithItBoat: 'Down with it: over the side rather than inboard. Else low on the padded floor, eye covered.',
  downWithItWading: 'Down with it, into the water; hold it there.',
  swallowed: 'Swallowed: cut the line close and leave the hook.',
  swallowedReason: 'Pulling from there tears vital organs. Most hooks left in work loose.',
  swallowedKeepItInThe: 'Keep it in the water.',
  swallowedOpenTheMouthJust: 'Open the mouth just far enough to see.',
  swallowedSnipTheLineAs: 'Snip the line as close as you can.',
  swallowedNoteItAndLet: 'Note it, and let it go.',
  deepHookDeepCutTheHook: 'Deep: cut the hook, do not pull.',
  deepHookNearGillsOrEye: 'Near gills or eye: cut the hook, do not turn it.',
  deepHookReason: 'A hook costs pennies; a torn gill or throat costs the fish.',
  deepHookSpreaderInGentlyHand: 'Spreader in, gently; hand along the inside of the gill plate, clear of the red.',
  deepHookCoverTheEyeKeep: 'Cover the eye; keep it in the water.',
  deepHookSideCuttersFromBehind: 'Side cutters from behind, through the gill cover’s opening if that is nearer.',
  deepHookCutEachPointThat: 'Cut each point that holds; let the rest fall out.',
  deepHookLookForBleedingCount: 'Look for bleeding. Count the pieces.',
  tooManyTries: ({ unhookingMs }) => `${spoken(unhookingMs)} with the hook: cut it now.`,
  tooManyTriesReason: 'More than a few tries is too long. New hooks are in the box.',
  thrashing:
    'Wait. Head under, eye covered, firm still hands; turned on its back it goes quiet. Nothing else until it lies calm.',
  thrashingReason: 'A fish that is still fighting hurts itself on mat and hook, and you.',
  thrashingInAirReason: 'It falls less far from low. Once it kicks there is nothing to be read or pictured.',
  bleeding: 'It is bleeding: leave the place alone, keep it in the water, let it go from the net.',
  bleedingReason: 'Handling and air make it bleed longer. Nothing that is poured on gills helps.',
  fromTheNet: 'Release it from the net: no lift, no scale, no picture.',
  fromTheNetTheWaterIsToo: 'The water is too warm for this fish.',
  fromTheNetInFrostGillsAnd: 'In frost gills and eyes freeze within seconds.',
  fromTheNetItHasNothingLeft: 'It has nothing left for time out of the water.',
  gripTrout: 'Never by lip, jaw or gills: both hands under it, in the water.',
  gripTroutReason: 'The jaws and gills of trout and salmon cannot take it.',
  lineCaught: 'Free line and fins from mesh and net arms before anything is lifted.',
  lineCaughtReason: 'Weight on a folded fin or tail breaks it; a tight line tears the hook out.',
  settle: 'Let it settle, head up, gills under. Set camera and scale meanwhile.',
  settleItCameInGreen: 'It came in green: let it calm down in the net.',
  settleAFishThatHas: 'A fish that has settled lies still on the mat.',
  smallOne: ({ toothed, hookEnd }) =>
    `A small one: by the wrist of the tail${toothed ? ', fingers clear of the teeth' : ''}${hookEnd === null ? ', hook out in the water' : ''}, and away by hand, never thrown. No scale, no camera.`,
  smallOneReason: 'Not every fish needs a number, and a small one is held without a hand in its gills.',
  shed: 'It shed the hook: find it in the mesh before you roll the net.',
  shedReason: 'A loose hook in the net ends in the fish or in a hand.',
  toTheMat: ({ lift }) =>
    `Line slack and clear of the net’s arms; pectorals flat, tail straight${lift === 'sling' ? '; sling under it, zip closed' : '; mesh rolled to a pouch, a hand under'}. Then to the mat, low.`,
  toTheMatReason:
    'The hook is still in: a tight line tears it out, and weight on a folded fin breaks it. Off the rig first, where the clip allows.',
  beforeTheLiftReason: 'Weight on a folded fin breaks it. Water or a thick wet mat below, all the way.',
  roleHookedYou: 'Rod and line',
  roleHookedHelper: 'Net, deep and still',
  roleHookYou: 'The hook',
  roleHookHelper: 'The net, fish in the water',
  roleLiftYou: 'Head end of the sling',
  roleLiftHelper: 'Tail end, fins flat',
  roleLookYou: 'Hold it still',
  roleLookHelper: 'Both sides and the mouth; pour',
  roleWeighYou: 'Sling and bar',
  roleWeighHelper: 'Read the scale, out loud',
  roleMeasureYou: 'Nose to the stop',
  roleMeasureHelper: 'Read down to the mark',
  rolePictureYou: 'Kneel and lift',
  rolePictureHelper: 'Both flanks, once each',
  roleCarryYou: 'The sling, low',
  roleCarryHelper: 'Clear the way',
  roleHoldYou: 'In the water, wrist of the tail',
  roleHoldHelper: 'Watch the gills; keep the time',
  hotWaterFight:
    'Too warm for this fish: land it as fast as the tackle allows. Unhook it in the net; no lift, no picture.',
  hotWaterFightReason: 'Every further minute is a minute of acid that warm water clears slowly.',
  hotWaterBreakOff: 'Too warm for this fish: break it off, or straighten the hook, now.',
  hotWaterBreakOffReason:
    'Your choice: the fight ends at once. Against it: a hook, perhaps a deep one, stays in the fish. If it will not give, land it as fast as the tackle allows.',
  hotWaterBreakOffName: 'break it off, or straighten the hook',
  hotWaterBreakOffPointTheRodAt:
    'Point the rod at the fish, clamp the spool, walk back until hook or link gives. Face turned away.',
  hotWaterBreakOffThenFishLostAnd: 'Then “Fish lost”, and stop fishing here.',
  lightningFight: 'Thunder: rod low, tip down. If it is close, lay the rod down and get away from it.',
  lightningFightReason:
    'A carbon rod is the best conductor on the bank, and no fish is worth being hit. Not under a lone tree; half an hour after the last thunder.',
  predatorFight: 'A predator is about: bring it in hard, net it, and move before the next cast.',
  predatorFightReason: 'A hooked fish cannot flee, and a tired one cannot for a while.',
  powerLine: 'Rod low: there is a power line here.',
  powerLineReason: 'Carbon conducts; you need not even touch the line.',
  longFight: 'A long fight: net in the water, and keep the rest short.',
  longFightReason: 'The longer the fight, the less time out of the water it can take.',
  longFightWarm: 'A long fight in warm water: no picture this time. Release it from the net.',
  longFightWarmReason: 'Heat and exertion add up, and the damage shows only hours later.',
  fightShort: 'Steady and hard, low from the side, as short as the tackle allows. The net is in already.',
  fightShortReason: 'The less it tires, the sooner it recovers. It comes in green, so rest it in the net.',
  fightPlayedOut: 'Let it tire before the net: it is ready when it slides over on its side.',
  fightPlayedOutReason: 'Brought in green it thrashes on the mat. After ten minutes this no longer applies.',
  goToTheFishStandStillAndBring: ({ dark }) =>
    `Stand still and bring it round to you; do not wade deeper${dark ? ' in the dark' : ''}.`,
  goToTheFishGoInToThe: 'Go in to the fish. Do not drag it over gravel.',
  goToTheFishColdWaterDrownsAnd: 'Cold water drowns, and a hooked fish pulls you on.',
  goToTheFishABlowToThe: 'A blow to the head kills days later and cannot be seen.',
  boatSide: 'Sit down to net it. Lifejacket closed, tools tied on.',
  boatSideReason: 'People and pliers go over the side.',
  overnight: ({ ms }) => `${spoken(ms)} in the sling is not a rest. Let it go now.`,
  overnightReason: 'A fish that is kept stays stressed, and goes wild when it is lifted for a picture by daylight.',
  keptTooLongNoRetentionHereAnd: ({ ms }) =>
    `No retention here, and it has been in the net for ${spoken(ms)}: let it go.`,
  keptTooLongInNetAndSling: ({ ms, limitMs }) =>
    `${spoken(ms)} in net and sling; the limit is ${spoken(limitMs)}: let it go.`,
  keptTooLongReason: 'Resting is for minutes.',
  keptHalf: ({ ms, limitMs }) => `In the net for ${spoken(ms)}; ${spoken(limitMs - ms)} left.`,
  keptHalfReason: 'Resting is for minutes.',
  predatorRelease: 'A predator is about: hold it longer, in shallow water, or let it go farther along. Then move.',
  predatorReleaseReason: 'It cannot flee for some minutes after a fight.',
  notComingReason:
    'Some come back after half an hour. If it does not, local rules say whether it goes back or is reported; write it down as it was.',
  notComingCoolerMovingWaterIf: 'Cooler, moving water if it is a step away.',
  notComingBellySupportedGillCovers: 'Belly supported, gill covers free.',
  notComingCountTheBeatsNote: 'Count the beats; note the time.',
  notComingAskWhatThisWater: 'Ask what this water wants done.',
  slowRecovery: 'As long as it takes: five minutes are not unusual.',
  slowRecoveryReason: 'It goes when it is ready. Pushing it off does not help.',
  holdUprightReason: 'Even gill beats, fins moving, upright by itself, a kick: then it is ready.',
  restBeforePicture: 'Let it breathe a minute. Frame the picture on the empty mat.',
  restBeforePictureReason: 'A rest in the water between two steps costs nothing.',
  noKeeping: 'no keeping',
  shortRestOnly: 'short rest only',
};
