import { DATE_ORDERS } from '@keeper/core/sheet/dateOrder';
import type { SheetAnswers, SheetQuestion, SheetQuestionOf } from '@keeper/core/sheet/sheetAnswers';
import { Choice } from '../../parts/Choice.js';
import { sheetText } from './text.en-GB.js';

const ANSWERS: { readonly [Of in SheetQuestionOf]: readonly NonNullable<SheetAnswers[Of]>[] } = {
  dateOrder: DATE_ORDERS,
  weightUnit: ['lb', 'kg', 'oz', 'g'],
  dotted: ['ounces', 'decimal'],
  lengthUnit: ['in', 'cm', 'mm'],
  inches: ['decimal', 'quarter'],
  roughly: ['take', 'leave'],
};

interface QuestionsProps {
  readonly questions: readonly SheetQuestion[];
  readonly answers: SheetAnswers;
  readonly onAnswer: (answers: SheetAnswers) => void;
}

/** What can mean two things, each asked once for all its rows. */
export function Questions({ questions, answers, onAnswer }: QuestionsProps) {
  return (
    <ul className="grid gap-5">
      {questions.map(({ of, rows, examples, found }) => (
        <li key={of}>
          <p className="font-semibold">{sheetText.questions[of]}</p>
          <p className="mb-2 text-sm text-soft">
            {sheetText.inRows({ rows, examples })}
            {found !== null && ` ${sheetText.foundSo}`}
          </p>
          <Choice
            label={sheetText.questions[of]}
            value={answers[of] ?? undefined}
            onChange={(chosen) => onAnswer({ ...answers, [of]: chosen })}
            options={ANSWERS[of].map((answer) => ({
              value: answer,
              label: sheetText.answers[`${of}.${answer}`] ?? '',
            }))}
          />
        </li>
      ))}
    </ul>
  );
}
