import { ValidationPipe, type Type } from '@nestjs/common';
import { fieldProblems, STRICT } from '@keeper/contract/validation';
import { Problem } from './problem.js';

/** Checks every body and query against its contract class, or against one that is named; unknown fields are refused. */
export function strictValidation(contract?: Type<object>): ValidationPipe {
  return new ValidationPipe({
    ...STRICT,
    ...(contract && { expectedType: contract }),
    transform: true,
    exceptionFactory: (errors) => {
      const fields = fieldProblems(errors);
      const first = fields[0]?.sentence ?? '';
      return new Problem(400, { code: 'not-valid', sentence: `Nothing was written. ${first}`.trim(), fields });
    },
  });
}
