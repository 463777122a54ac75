import { ValidationPipe, type ArgumentMetadata, type PipeTransform, type Type } from '@nestjs/common';
import type { FieldProblem } from '@keeper/contract/errors';
import { readEventBatch } from '@keeper/contract/eventBatch';
import type { AppendEventsDto } from '@keeper/contract/events';
import { fieldProblems, STRICT } from '@keeper/contract/validation';
import { whyMisshapen } from '@keeper/contract/shape';
import { Problem } from './problem.js';

/** Looks at the shape of what came, which costs little, before it looks at its fields, which costs much. */
class StrictValidationPipe extends ValidationPipe {
  override async transform(value: unknown, metadata: ArgumentMetadata): Promise<unknown> {
    if (metadata.type === 'body' || metadata.type === 'query') {
      const why = whyMisshapen(value);
      if (why) throw notValid([{ field: '', sentence: why }]);
    }
    return (await super.transform(value, metadata)) as unknown;
  }
}

/** Checks a batch of events. */
export class EventBatchPipe implements PipeTransform {
  transform(body: unknown): AppendEventsDto['events'] {
    const batch = readEventBatch(body);
    if (batch.ok) return batch.events;
    throw notValid([...batch.problems]);
  }
}

function notValid(fields: FieldProblem[]): Problem {
  const first = fields[0]?.sentence ?? '';
  return new Problem(400, { code: 'not-valid', sentence: `Nothing was written. ${first}`.trim(), fields });
}

/** Checks every body and query against its contract class, or against one that is named; unknown fields are refused. */
export function strictValidation(contract?: Type<object>): ValidationPipe {
  return new StrictValidationPipe({
    ...STRICT,
    ...(contract && { expectedType: contract }),
    transform: true,
    exceptionFactory: (errors) => notValid(fieldProblems(errors)),
  });
}
