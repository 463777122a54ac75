import type { Message } from '../../measure/message.js';
import type { PracticeName } from '../../domain/practice/practicesAt.js';
import type { Basis } from '../counsel.js';
import type { RunContext } from './runContext.js';

/**
 * That an advice stands on the keeper's own way, and whether it is the way of this water only. Example: the lift in the
 * rolled net, set for the Mere alone, names the Mere.
 */
export function practiceBasis(
  { practicesHere, waterName }: Pick<RunContext, 'practicesHere' | 'waterName'>,
  practice: PracticeName,
  name: Message,
): Basis {
  return { kind: 'school', name, ...(practicesHere.has(practice) && waterName !== null && { water: waterName }) };
}
