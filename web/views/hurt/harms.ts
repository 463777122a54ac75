import { hurtText } from './text.en-GB.js';

/** What can happen to people at the water, and what comes first then. */
export interface Harm {
  readonly id: string;
  readonly name: string;
  readonly steps: readonly string[];
  readonly source: string;
}

const { commonPractice, ...words } = hurtText;

export const HARMS: readonly Harm[] = [
  {
    id: 'hook',
    name: words.hook,
    steps: [words.hookOne, words.hookTwo, words.hookThree, words.hookFour, words.hookFive, words.hookSix],
    source: words.hookSource,
  },
  {
    id: 'cut',
    name: words.cut,
    steps: [words.cutOne, words.cutTwo, words.cutThree, words.cutFour],
    source: commonPractice,
  },
  {
    id: 'cold',
    name: words.cold,
    steps: [words.coldOne, words.coldTwo, words.coldThree, words.coldFour, words.coldFive],
    source: words.coldSource,
  },
  { id: 'heat', name: words.heat, steps: [words.heatOne, words.heatTwo, words.heatThree], source: commonPractice },
  {
    id: 'lightning',
    name: words.lightning,
    steps: [words.lightningOne, words.lightningTwo, words.lightningThree, words.lightningFour],
    source: words.lightningSource,
  },
  { id: 'power', name: words.power, steps: [words.powerOne, words.powerTwo], source: commonPractice },
  {
    id: 'breathing',
    name: words.breathing,
    steps: [words.breathingOne, words.breathingTwo, words.breathingThree, words.breathingFour],
    source: words.breathingSource,
  },
];
