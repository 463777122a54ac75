import { plainToInstance } from 'class-transformer';
import { validateSync, type ValidationError, type ValidatorOptions } from 'class-validator';
import type { FieldProblem } from './errors.js';
import { plainSentence } from './plainSentence.js';
import { whyMisshapen } from './shape.js';

/** The same on both sides: fields that no class names are refused. */
export const STRICT: ValidatorOptions = {
  whitelist: true,
  forbidNonWhitelisted: true,
  forbidUnknownValues: false,
  // What was wrong is said, not carried along with every field.
  validationError: { target: false, value: false },
};

/** So many fields are named; whoever mends them hears of the next. */
export const MOST_PROBLEMS = 20;

/** Turns the validator's tree into one sentence a field, for the first fields of it. */
export function fieldProblems(errors: readonly ValidationError[]): FieldProblem[] {
  const found: FieldProblem[] = [];
  const collect = (each: readonly ValidationError[], path: string): void => {
    for (const { property, constraints, children } of each) {
      if (found.length >= MOST_PROBLEMS) return;
      const field = path ? `${path}.${property}` : property;
      const text = Object.values(constraints ?? {})[0];
      if (text !== undefined) found.push({ field, sentence: plainSentence(text, property) });
      collect(children ?? [], field);
    }
  };
  collect(errors, '');
  return found;
}

/** Checks a plain value against a contract class; an empty list means it may be sent. */
export function problemsIn<T extends object>(contract: new () => T, plain: object): FieldProblem[] {
  const why = whyMisshapen(plain);
  if (why) return [{ field: '', sentence: why }];
  return fieldProblems(validateSync(plainToInstance(contract, plain), STRICT));
}
