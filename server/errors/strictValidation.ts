import { ValidationPipe } from '@nestjs/common';
import { fieldProblems, STRICT } from '@keeper/contract/validation';
import { Problem } from './problem.js';

/** Checks every body and query against its contract class; unknown fields are refused. */
export function strictValidation(): ValidationPipe {
  return new ValidationPipe({
    ...STRICT,
    transform: true,
    exceptionFactory: (errors) => {
      const fields = fieldProblems(errors);
      const first = fields[0]?.sentence ?? '';
      return new Problem(400, { code: 'not-valid', sentence: `Nothing was written. ${first}`.trim(), fields });
    },
  });
}
