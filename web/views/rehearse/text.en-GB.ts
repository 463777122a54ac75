import { localised } from '../../text/localised.js';
import { plural } from '@keeper/core/text/en-GB/plural';

/** Words of the screen “rehearse”, in British English. */
export const rehearseText = localised('rehearse', {
  thisDeviceCouldNot: 'This device could not keep how it went: it may have no room left.',
  allOfItWas: ({ wrong }: { wrong: number }) =>
    wrong === 0
      ? 'All of it was right.'
      : plural(wrong, { one: 'One thing to do differently.', other: `${wrong} things to do differently.` }),
  itWasNotNetted: 'It was not netted: nothing to time from.',
  fromTheNetTo: ({ handledMs }: { handledMs: string }) => `From the net to the release: ${handledMs}`,
  theTickIsYour: ({ captures }: { captures: number }) =>
    captures > 1
      ? `The tick is your median over ${captures} real fish of this kind.`
      : 'No real fish of this kind is in the book to compare it with.',
  anotherOne: 'Another one',
  thatWillDo: 'That will do',
  rehearsalNothingOfIt: 'Rehearsal. Nothing of it goes into the book.',
  waterC: ({ waterC }: { waterC: number }) => `Water ${waterC} °C, `,
  airC: ({ airC }: { airC: number }) => `air ${airC} °C, `,
  withAHelperAlone: ({ companions }: { companions: number }) => (companions > 0 ? 'with a helper' : 'alone'),
  inTheDark: ', in the dark',
  theRulesOfThis: 'The rules of this water',
  itComesToThe: 'It comes to the net',
  notNow: 'Not now',
  leaveTheRehearsal: 'Leave the rehearsal',
  rehearsal: ({ title }: { title: string }) => `Rehearsal: ${title}`,
  rehearse: 'Rehearse',
  aFishIsDrawn:
    'A fish is drawn, with what goes wrong on banks: it thrashes, the hook is deep, the mat burns, the other rod goes. The screen is the one that you will have beside a real one. Use your own net and mat while you tap, and the times are real.',
  drawAFish: 'Draw a fish',
  scenariosNothingOfIt: ({ sCENARIOIDSCount }: { sCENARIOIDSCount: number }) =>
    `${sCENARIOIDSCount} scenarios. Nothing of it goes into the book.`,
  howItWent: 'How it went',
  theLastOnes: 'The last ones',
  notNetted: ', not netted',
  inAll: ({ handledMs }: { handledMs: string }) => `, ${handledMs} in all`,
  ofInTheAir: ({
    score,
    longestAirMs,
    budgetMs,
    handledMs,
  }: {
    score: number;
    longestAirMs: string;
    budgetMs: string;
    handledMs: string;
  }) => `${score} of 100, ${longestAirMs} in the air at the longest (${budgetMs} allowed)${handledMs}`,
  rehearsalsInTheLast: ({ pointsCount, right }: { pointsCount: number; right: number }) =>
    `${pointsCount} rehearsals; in the last one ${right} of 100 decisions were right.`,
  decisionsThatWereRight: 'Decisions that were right, of 100',
  longestTimeInThe: ({ airSeconds, allowedSeconds }: { airSeconds: number; allowedSeconds: number }) =>
    `Longest time in the air: ${airSeconds} s in the last one, ${allowedSeconds} s allowed.`,
  longestTimeInTheAir: 'Longest time in the air, seconds; the line is what was allowed',
  right: 'right',
  wrong: 'wrong',
});
