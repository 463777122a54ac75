import { careMessage } from './careMessages.js';
import type { Message } from '../measure/message.js';
/** On what an advice stands. */
export type Basis =
  | { readonly kind: 'published'; readonly source: string }
  | { readonly kind: 'common-practice' }
  | { readonly kind: 'local-rule'; readonly water: string | null }
  /** What a meeting asks for that is on. */
  | { readonly kind: 'meeting'; readonly name: string }
  /** The keeper's own way; `water` where it is the way of that water only. */
  | { readonly kind: 'school'; readonly name: Message; readonly water?: string }
  | { readonly kind: 'computed'; readonly method: Message };

export const COMMON_PRACTICE: Basis = { kind: 'common-practice' };

/** How much an advice weighs. `stop`: better not; `care`: go on with care; `good`: in favour. */
export type Severity = 'stop' | 'care' | 'good';

/** One piece of advice with its reason. */
export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  readonly text: Message;
  readonly reason: Message;
  readonly basis: Basis;
  /** What would change it, where something would. */
  readonly changes?: Message;
  /** What to do, one thing after the other, where it takes more than one. */
  readonly steps?: readonly Message[];
  /** What it asks for and what it advises against, by name: no two findings of one state may pull both ways. */
  readonly does?: readonly string[];
  readonly avoids?: readonly string[];
  /** Nothing else is said beside it. */
  readonly alone?: true;
}

/** A rule: looks at a state and speaks, or stays silent. */
export interface Rule<S> {
  readonly id: string;
  readonly look: (state: S) => Omit<Finding, 'rule'> | null;
}

const WEIGHT: Readonly<Record<Severity, number>> = { stop: 0, care: 1, good: 2 };

/**
 * What the rules say of a state, the gravest first, otherwise in the order of the rules.
 * Example: no rule that speaks, no finding.
 */
export function findings<S>(rules: readonly Rule<S>[], state: S): Finding[] {
  return rules
    .flatMap(({ id, look }) => {
      const said = look(state);
      return said ? [{ rule: id, ...said }] : [];
    })
    .sort((a, b) => WEIGHT[a.severity] - WEIGHT[b.severity]);
}

/** Where a basis comes from. Examples: `common practice`, `rule of Harrowmere`. */
export function basisMessage(basis: Basis): Message {
  switch (basis.kind) {
    case 'published':
      return careMessage('basisPublished', { source: basis.source });
    case 'common-practice':
      return careMessage('basisCommonPractice');
    case 'local-rule':
      return careMessage('basisLocalRule', { water: basis.water });
    case 'meeting':
      return careMessage('basisMeeting', { name: basis.name });
    case 'school':
      return careMessage('basisChoice', { name: basis.name, water: basis.water ?? null });
    case 'computed':
      return careMessage('basisComputed', { method: basis.method });
  }
}
