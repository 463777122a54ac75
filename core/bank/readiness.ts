import type { Message } from '../measure/message.js';
import { bankMessage } from './bankMessages.js';
import { COMMON_PRACTICE } from '../care/counsel.js';
import type { SpeciesId } from '../domain/fish/species.js';
import { READINESS_ITEMS } from './readinessItems.js';
import type { ReadinessItem, ReadinessState } from './readinessState.js';

/**
 * The list for one swim and day, in the order of doing. Example: in a boat there is a padded floor instead of a mat.
 */
export function readinessList(state: ReadinessState): ReadinessItem[] {
  return READINESS_ITEMS.filter(({ applies }) => !applies || applies(state)).map((rule) => ({
    id: rule.id,
    text: rule.text(state),
    detail: rule.detail?.(state) ?? null,
    reason: rule.reason,
    basis: typeof rule.basis === 'function' ? rule.basis(state) : (rule.basis ?? COMMON_PRACTICE),
    essential: rule.essential,
    done: rule.done?.(state) ?? false,
    problem: rule.problem?.(state) ?? null,
  }));
}

/** How the list stands: what of it is still open, and whether one is ready. */
export interface Readiness {
  readonly ready: boolean;
  /**
   * Essentials that were not checked, and whatever is known to be wrong: what a capture begun now would note.
   */
  readonly gaps: readonly Message[];
  readonly open: number;
}

/**
 * Ready is who has checked every essential and has nothing grave against it. A thing that was checked although
 * something small is known to be wrong counts as checked: the keeper has seen it. Example: with nothing checked, every
 * essential is a gap.
 */
export function readiness(items: readonly ReadinessItem[], checked: readonly string[]): Readiness {
  const isOpen = ({ id, done }: ReadinessItem) => !done && !checked.includes(id);
  const grave = items.filter(({ problem }) => problem?.severity === 'stop');
  const missing = items.filter((item) => item.essential && isOpen(item) && item.problem?.severity !== 'stop');
  return {
    ready: missing.length === 0 && grave.length === 0,
    gaps: [
      ...grave.flatMap(({ problem }) => problem?.text ?? []),
      ...missing.map(({ text }) => bankMessage('notChecked', { text })),
    ],
    open: items.filter(isOpen).length,
  };
}

/** The longest fish to be reckoned with when nothing better is known, in mm (common practice, no source). */
const LONGEST_MM: Partial<Record<SpeciesId, number>> = {
  carp: 950,
  pike: 1150,
  barbel: 800,
  wels: 1800,
  tench: 600,
  bream: 700,
  chub: 600,
  zander: 900,
  perch: 480,
  trout: 750,
};

/** The longest of several species; `own` is the keeper's own longest of each, where the book has one. */
export function longestExpectedMm(
  expected: readonly SpeciesId[],
  own: Partial<Record<SpeciesId, number>> = {},
): number {
  const lengths = expected.map((species) => Math.max(LONGEST_MM[species] ?? 700, own[species] ?? 0));
  return lengths.length === 0 ? 950 : Math.max(...lengths);
}

/** Example: `Pike and carp`. */
export function expectedMessage(species: readonly SpeciesId[]): Message {
  return bankMessage('expected', { species });
}
