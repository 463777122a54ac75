import { HOT_CAPTURE_WAYS } from '@keeper/core/care/hotCapture';
import { STOP_PRACTICE_WORDS } from '@keeper/core/care/stopLine';
import { LENGTH_OF } from '@keeper/core/domain/fish/bodyLength';
import {
  BANK_CHOICES,
  BANK_CHOICE_NAMES,
  type BankChoice,
  type BankChoiceName,
} from '@keeper/core/domain/practice/bankPractices';
import { BARB_PRACTICES } from '@keeper/core/domain/practice/barbPractice';
import type { PracticeName } from '@keeper/core/domain/practice/practicesAt';
import { STOP_PRACTICES } from '@keeper/core/domain/practice/stopPractice';
import { WEIGH_METHODS } from '@keeper/core/domain/practice/weighMethod';
import { say } from '../../text/say.js';
import { practiceText } from './text.en-GB.js';

/** One way of doing a thing, as it is offered. */
export interface Way {
  readonly value: string;
  readonly label: string;
  /** The reason that is given for it. */
  readonly why?: string;
}

/** What a practice is called and the ways that there are. Seconds of one's own belong to the time in the air. */
export interface PracticeOffered {
  readonly name: Exclude<PracticeName, 'airOwnS'>;
  readonly title: string;
  readonly ways: readonly Way[];
}

function bankChoice(name: BankChoiceName): PracticeOffered {
  const { ways, words } = BANK_CHOICES[name] as BankChoice<string>;
  const offered = ways.map((value) => {
    const word = words[value];
    return { value, label: word ? say(word.name) : value, ...(word && { why: say(word.why) }) };
  });
  return { name, title: practiceText[name], ways: offered };
}

/** The choices with a fish on, in the order of the work. */
export const BANK_WAYS: readonly PracticeOffered[] = BANK_CHOICE_NAMES.map(bankChoice);

const yesOrNo = (name: 'weigh' | 'measure' | 'picture'): PracticeOffered => ({
  name,
  title: practiceText[name],
  ways: [
    { value: 'yes', label: practiceText.yes },
    { value: 'no', label: practiceText.no },
  ],
});

/** All that can be done differently at one water. */
export const PRACTICES_OFFERED: readonly PracticeOffered[] = [
  ...BANK_WAYS,
  ...(['weigh', 'measure', 'picture'] as const).map(yesOrNo),
  {
    name: 'weighMethod',
    title: practiceText.weighMethod,
    ways: WEIGH_METHODS.map((value) => ({
      value,
      label: value === 'zeroed' ? practiceText.zeroed : practiceText.grossMinusTare,
    })),
  },
  {
    name: 'lengthOf',
    title: practiceText.lengthOf,
    ways: LENGTH_OF.map((value) => ({ value, label: practiceText[value] })),
  },
  {
    name: 'stopSchool',
    title: practiceText.stopSchool,
    ways: STOP_PRACTICES.map((value) => ({
      value,
      label: say(STOP_PRACTICE_WORDS[value].name),
      why: say(STOP_PRACTICE_WORDS[value].why),
    })),
  },
  {
    name: 'hotCaptureSchool',
    title: practiceText.hotCaptureSchool,
    ways: HOT_CAPTURE_WAYS.map(({ school, name }) => ({ value: school, label: say(name) })),
  },
  {
    name: 'barbSchool',
    title: practiceText.barbSchool,
    ways: BARB_PRACTICES.map((value) => ({ value, label: practiceText[value] })),
  },
];
