import type { CaptureEvent, EventPayloads, EventType } from '../domain/capture/event.js';
import { replay } from '../domain/capture/replay.js';
import { CAPTURE, event } from '../spec/events.js';
import { judgeRehearsal } from './judge.js';
import { SCENARIO_IDS, scenarioOf } from './scenario.js';

type Tap = readonly [type: EventType, atS: number, payload?: object];
const wound = { wound: { kind: 'ulcer', side: 'left', at: { u: 0.5, v: 0 }, sizeMm: 20 } };

/** Ways of playing it: slowly and in order, in haste, and without ever lifting. Seconds from the take. */
const PLAYS: Record<string, readonly Tap[]> = {
  'in order': [
    ['netted', 300],
    ['hook-cut', 340],
    ['zeroed', 350],
    ['wetted', 360],
    ['lifted', 400],
    ['wound-noted', 402, wound],
    ['treated', 404, { with: 'antiseptic' }],
    ['treated', 406, { with: 'sealant' }],
    ['weighed', 410],
    ['returned', 415],
    ['held', 420],
    ['released', 700],
  ],
  'in haste': [
    ['lifted', 100],
    ['weighed', 110],
    ['hook-out', 120],
    ['wound-noted', 130, wound],
    ['treated', 135, { with: 'sealant' }],
    ['dropped', 140],
    ['pictured', 150],
    ['held', 200],
    ['released', 203],
  ],
  'in the water': [
    ['netted', 300],
    ['measured', 320],
    ['line-cut', 330],
    ['rested', 340],
    ['released', 600],
  ],
};

function judged(id: string, play: string): string[] {
  const log: CaptureEvent[] = [['hooked', 0] as Tap, ...(PLAYS[play] ?? [])].map(([type, atS, payload]) =>
    event(type as 'seen', atS * 1000, payload as EventPayloads['seen']),
  );
  const { decisions } = judgeRehearsal(scenarioOf(id, '7'), replay(CAPTURE, log));
  return decisions.map(({ id: of, right, text, reason, basis }) =>
    [right ? '+' : '-', of, text.code.split('.').at(-1), reason.code.split('.').at(-1), basis.kind].join(' '),
  );
}

/** What is judged of the plain fish. */
const PLAIN: Record<string, readonly string[]> = {
  'in order': [
    '+ net netNettedBeforeAnythingElse netTheNetIsThe common-practice',
    '+ hook-left hookLeftItLeftWithoutYour hookLeftOutCutOrThe common-practice',
    '+ air air airYourOwnLimit common-practice',
    '+ held heldHeldUprightBeforeIt heldUprightHeadIntoThe common-practice',
  ],
  'in haste': [
    '- net netItWasNotNetted netTheNetIsThe common-practice',
    '+ hook-left hookLeftItLeftWithoutYour hookLeftOutCutOrThe common-practice',
    '- air air airYourOwnLimit common-practice',
    '+ held heldHeldUprightBeforeIt heldUprightHeadIntoThe common-practice',
  ],
  'in the water': [
    '+ net netNettedBeforeAnythingElse netTheNetIsThe common-practice',
    '+ hook-left hookLeftItLeftWithoutYour hookLeftOutCutOrThe common-practice',
  ],
};

/** What another fish, day or water makes of the same taps: what is judged beside that, and what is not judged then. */
const DIFFERS: Record<string, { readonly more?: readonly string[]; readonly less?: readonly string[] }> = {
  'lively | in order': { more: ['+ wait waitYouWaitedUntilIt waitNeverLiftAFish common-practice'] },
  'lively | in haste': { more: ['- wait waitLiftedWhileItWas waitNeverLiftAFish common-practice'] },
  'lively | in the water': { more: ['+ wait waitYouWaitedUntilIt waitNeverLiftAFish common-practice'] },
  'deep | in order': { more: ['+ hook hookTheHookWasCut hookCutRatherThanTear common-practice'] },
  'deep | in haste': { more: ['- hook hookTheHookShouldHave hookCutRatherThanTear common-practice'] },
  'deep | in the water': { more: ['+ hook hookTheHookWasCut hookCutRatherThanTear common-practice'] },
  'swallowed | in order': { more: ['- hook hookTheLineShouldHave hookCutRatherThanTear common-practice'] },
  'swallowed | in haste': { more: ['- hook hookTheLineShouldHave hookCutRatherThanTear common-practice'] },
  'swallowed | in the water': { more: ['+ hook hookTheLineWasSnipped hookCutRatherThanTear common-practice'] },
  'boat-pike | in order': {
    more: [
      '+ hook hookTheHookWasCut hookCutRatherThanTear common-practice',
      '- stay-in-water stayInWaterItWasLiftedAnd stayInWaterWaterAtCAnd school',
      '- air air budgetTooWarm published',
    ],
    less: ['air'],
  },
  'boat-pike | in haste': {
    more: [
      '- hook hookTheHookShouldHave hookCutRatherThanTear common-practice',
      '- stay-in-water stayInWaterItWasLiftedAnd stayInWaterWaterAtCAnd school',
      '- air air budgetTooWarm published',
    ],
    less: ['air'],
  },
  'boat-pike | in the water': {
    more: [
      '+ hook hookTheHookWasCut hookCutRatherThanTear common-practice',
      '+ stay-in-water stayInWaterItNeverLeftThe stayInWaterWaterAtCAnd school',
    ],
  },
  'hot-mat | in order': { more: ['+ mat matTheMatWasSoaked matADarkMatIn common-practice'] },
  'hot-mat | in haste': { more: ['- mat matTheFishWasLaid matADarkMatIn common-practice'] },
  'not-zeroed | in order': { more: ['+ zero zeroTheScaleWasZeroed zeroMostFalseWeightsAre common-practice'] },
  'not-zeroed | in haste': { more: ['- zero zeroWeighedWithTheSling zeroMostFalseWeightsAre common-practice'] },
  'ulcer | in order': { more: ['+ treat treatCleanedThenSealed treatSealantAloneTrapsThe common-practice'] },
  'ulcer | in haste': { more: ['- treat treatNotCleanedFirstAnd treatSealantAloneTrapsThe common-practice'] },
  'no-treatment | in order': { more: ['- treat treatItWasTreatedAnd treatReason local-rule'] },
  'no-treatment | in haste': { more: ['- treat treatItWasTreatedAnd treatReason local-rule'] },
  'no-keeping | in order': { more: ['+ no-keeping noKeepingItWasNotKept noKeepingReason local-rule'] },
  'no-keeping | in haste': { more: ['+ no-keeping noKeepingItWasNotKept noKeepingReason local-rule'] },
  'no-keeping | in the water': { more: ['- no-keeping noKeepingItWasKeptIn noKeepingReason local-rule'] },
  'long-fight | in order': {
    more: [
      '- stay-in-water stayInWaterItWasLiftedAnd stayInWaterItHadNothingLeft common-practice',
      '- air air budgetNearlyTooWarm published',
    ],
    less: ['air'],
  },
  'long-fight | in haste': {
    more: [
      '- stay-in-water stayInWaterItWasLiftedAnd stayInWaterItHadNothingLeft common-practice',
      '- air air budgetNearlyTooWarm published',
    ],
    less: ['air'],
  },
  'long-fight | in the water': {
    more: ['+ stay-in-water stayInWaterItNeverLeftThe stayInWaterItHadNothingLeft common-practice'],
  },
  'bleeding | in order': {
    more: [
      '- stay-in-water stayInWaterItWasLiftedAnd stayInWaterAirAndHandlingMake common-practice',
      '+ air air budgetBleeding common-practice',
    ],
    less: ['air'],
  },
  'bleeding | in haste': {
    more: [
      '- stay-in-water stayInWaterItWasLiftedAnd stayInWaterAirAndHandlingMake common-practice',
      '- air air budgetBleeding common-practice',
    ],
    less: ['air'],
  },
  'bleeding | in the water': {
    more: ['+ stay-in-water stayInWaterItNeverLeftThe stayInWaterAirAndHandlingMake common-practice'],
  },
  'small | in order': { more: ['- stay-in-water stayInWaterItWasLiftedAnd stayInWaterASmallOneNeeds common-practice'] },
  'small | in haste': { more: ['- stay-in-water stayInWaterItWasLiftedAnd stayInWaterASmallOneNeeds common-practice'] },
  'small | in the water': {
    more: ['+ stay-in-water stayInWaterItNeverLeftThe stayInWaterASmallOneNeeds common-practice'],
  },
  'dropped | in order': { more: ['- dropped droppedTheFallWasNot droppedABlowKillsDays common-practice'] },
  'dropped | in haste': { more: ['- dropped droppedAPictureAfterA droppedAfterABlowIt common-practice'] },
  'line-caught | in order': { more: ['+ free freeFinsWereFreeBefore freeWeightOnAFolded common-practice'] },
  'line-caught | in haste': { more: ['- free freeLiftedWithAFin freeWeightOnAFolded common-practice'] },
  'line-caught | in the water': { more: ['+ free freeFinsWereFreeBefore freeWeightOnAFolded common-practice'] },
  'otter | in order': { more: ['+ predator predatorYouHeldItOn predatorItCannotFleeFor common-practice'] },
  'otter | in haste': { more: ['- predator predatorLetGoBeforeAn predatorItCannotFleeFor common-practice'] },
  'second-rod | in order': { more: ['+ second-rod secondRodTheFishWentBack secondRodARodCanWait common-practice'] },
  'second-rod | in haste': { more: ['- second-rod secondRodTheFishStayedOn secondRodARodCanWait common-practice'] },
  'slow | in order': { more: ['+ recovery recoveryHeldUntilItStood recoveryAsLongAsIt common-practice'] },
  'slow | in haste': { more: ['- recovery recoveryLetGoBeforeIt recoveryAsLongAsIt common-practice'] },
  'slow | in the water': { more: ['- recovery recoveryLetGoBeforeIt recoveryAsLongAsIt common-practice'] },
  'frost | in order': {
    more: [
      '- stay-in-water stayInWaterItWasLiftedAnd stayInWaterInFrost common-practice',
      '+ air air budgetFrost common-practice',
    ],
    less: ['air'],
  },
  'frost | in haste': {
    more: [
      '- stay-in-water stayInWaterItWasLiftedAnd stayInWaterInFrost common-practice',
      '- air air budgetFrost common-practice',
    ],
    less: ['air'],
  },
  'frost | in the water': {
    more: ['+ stay-in-water stayInWaterItNeverLeftThe stayInWaterInFrost common-practice'],
  },
  'shed | in order': { more: ['- shed shedTheHookThatIt shedALooseHookIn common-practice'] },
  'shed | in haste': { more: ['- shed shedTheHookThatIt shedALooseHookIn common-practice'] },
  'shed | in the water': { more: ['- shed shedTheHookThatIt shedALooseHookIn common-practice'] },
  'sunburnt | in order': {
    more: [
      '- stay-in-water stayInWaterItWasLiftedAnd stayInWaterWaterAtCAnd school',
      '- air air budgetTooWarm published',
    ],
    less: ['air'],
  },
  'sunburnt | in haste': {
    more: [
      '- stay-in-water stayInWaterItWasLiftedAnd stayInWaterWaterAtCAnd school',
      '- air air budgetTooWarm published',
    ],
    less: ['air'],
  },
  'sunburnt | in the water': { more: ['+ stay-in-water stayInWaterItNeverLeftThe stayInWaterWaterAtCAnd school'] },
  'power-line | in order': { more: ['+ treat treatCleanedThenSealed treatSealantAloneTrapsThe common-practice'] },
  'power-line | in haste': { more: ['- treat treatNotCleanedFirstAnd treatSealantAloneTrapsThe common-practice'] },
  'board | in order': { more: ['- board boardNotMeasured boardReason common-practice'] },
  'board | in haste': { more: ['- board boardNotMeasured boardReason common-practice'] },
  'board | in the water': { more: ['+ board boardAfloat boardReason common-practice'] },
  'floating-board | in order': {
    more: [
      '+ wait waitYouWaitedUntilIt waitNeverLiftAFish common-practice',
      '- board boardNotMeasured boardReason common-practice',
    ],
  },
  'floating-board | in haste': {
    more: [
      '- wait waitLiftedWhileItWas waitNeverLiftAFish common-practice',
      '- board boardNotMeasured boardReason common-practice',
    ],
  },
  'floating-board | in the water': {
    more: [
      '+ wait waitYouWaitedUntilIt waitNeverLiftAFish common-practice',
      '+ board boardAfloat boardReason common-practice',
    ],
  },
};

test.each(Object.entries(PLAIN))('the plain fish, played %s', (play, said) =>
  expect(judged('clean', play)).toEqual(said),
);

const PLAYED = SCENARIO_IDS.flatMap((id) => Object.keys(PLAYS).map((play) => [id, play] as const));
test.each(PLAYED)('%s, played %s', (id, play) => {
  const { more = [], less = [] } = DIFFERS[`${id} | ${play}`] ?? {};
  const now = judged(id, play);
  const plain = PLAIN[play] ?? [];
  expect(now.filter((line) => !plain.includes(line))).toEqual(more);
  expect(plain.filter((line) => !now.includes(line)).map((line) => line.split(' ')[1])).toEqual(less);
});
