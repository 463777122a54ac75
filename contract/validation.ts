import { plainToInstance } from 'class-transformer';
import { validateSync, type ValidationError, type ValidatorOptions } from 'class-validator';
import type { FieldProblem } from './errors.js';

/** The same on both sides: fields that no class names are refused. */
export const STRICT: ValidatorOptions = { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: false };

/** Turns the validator's tree into one sentence a field. */
export function fieldProblems(errors: readonly ValidationError[], path = ''): FieldProblem[] {
  return errors.flatMap((error) => {
    const field = path ? `${path}.${error.property}` : error.property;
    const own = Object.values(error.constraints ?? {}).map((text) => ({
      field,
      sentence: sentence(text, error.property),
    }));
    return [...own.slice(0, 1), ...fieldProblems(error.children ?? [], field)];
  });
}

/** Checks a plain value against a contract class; an empty list means it may be sent. */
export function problemsIn<T extends object>(contract: new () => T, plain: object): FieldProblem[] {
  return fieldProblems(validateSync(plainToInstance(contract, plain), STRICT));
}

function sentence(text: string, property: string): string {
  if (/should not exist$/.test(text)) return `"${property}" is not a field that is known here.`;
  const worded = text.charAt(0).toUpperCase() + text.slice(1);
  return worded.endsWith('.') ? worded : `${worded}.`;
}
