import type { RunStep } from '../../domain/capture/steps.js';
import type { Finding, Rule } from '../counsel.js';
import type { RunState } from './runState.js';

/** What counsel can ask for or advise against, besides the steps of the run. */
export type Act =
  RunStep | 'pull-hard' | 'wait' | 'pour' | 'grip' | 'level' | 'move-on' | 'clean' | 'seal' | 'leave-wound';

/** One piece of counsel; what it asks for and advises against is named, so that no two can pull both ways unseen. */
export interface RunCounsel extends Omit<Finding, 'rule'> {
  readonly does?: readonly Act[];
  readonly avoids?: readonly Act[];
}

export interface RunRule extends Rule<RunState> {
  readonly look: (run: RunState) => RunCounsel | null;
}
