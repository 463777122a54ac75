import type { Facts } from '../domain/capture/event.js';
import { lengthMm } from '../measure/length.js';
import { gramsOf, type MassSystem } from '../measure/mass.js';
import { parseLength } from '../measure/parseLength.js';
import { parseMass } from '../measure/parseMass.js';
import { parsePastDate, type PastDateHabit } from '../measure/pastDate.js';
import { kindOfWord } from '../sheet/kindOfWord.js';

/** What somebody looks for, as far as it was understood; all of it has to hold. */
export interface Search {
  /** Begin a word that was written of the fish, or the name of what it depends on. Folded, letters and digits alone. */
  readonly words: readonly string[];
  readonly kinds: readonly Pick<Facts, 'species' | 'form'>[];
  /** Days, both included. */
  readonly from: string | null;
  readonly to: string | null;
  readonly leastGrams: number | null;
  readonly mostGrams: number | null;
  readonly leastMm: number | null;
  readonly mostMm: number | null;
  readonly outcome: 'lost' | 'died' | null;
}

export interface SearchHabit extends PastDateHabit {
  /** What a bare weight is in. */
  readonly massSystem: MassSystem;
}

const LEAST = /^(?:over|above|from|>|>=|≥|(?:more|heavier|longer) than|at least)$/;
const MOST = /^(?:under|below|<|<=|≤|(?:less|lighter|shorter) than|at most|up to)$/;
/** A measure, a date or a comparison is not longer. */
const LONGEST = 4;
/** What joins words and says nothing. */
const JOINS = new Set(['a', 'an', 'and', 'at', 'by', 'fish', 'from', 'in', 'of', 'off', 'on', 'the', 'to', 'with']);

/**
 * Reads what was typed into a search: dates as they are remembered, species and forms, weights and lengths with a word
 * before them or a plus behind, and words. Example: `linear boathouse autumn 2024 over 20 lb boilie` is a linear carp,
 * the words `boathouse` and `boilie`, from 1 September to 30 November 2024, of at least 20 lb.
 */
export function readSearch(text: string, habit: SearchHabit): Search {
  const tokens = text.toLowerCase().replaceAll(/[“”"]/g, ' ').split(/\s+/).filter(Boolean);
  const words: string[] = [];
  const kinds: Search['kinds'][number][] = [];
  const found: Found = { ...NOTHING };
  for (let at = 0; at < tokens.length;) {
    const taken =
      takeMeasure(tokens, at, habit, found) ||
      takeDate(tokens, at, habit, found) ||
      takeKind(tokens, at, kinds) ||
      takeOutcome(tokens[at], found);
    if (taken === 0 && !JOINS.has(tokens[at] ?? '')) words.push(...wordsIn(tokens[at] ?? ''));
    at += taken || 1;
  }
  return { ...found, words, kinds };
}

const NOTHING = {
  from: null,
  to: null,
  leastGrams: null,
  mostGrams: null,
  leastMm: null,
  mostMm: null,
  outcome: null,
};

type Found = { -readonly [K in Exclude<keyof Search, 'words' | 'kinds'>]: Search[K] };

/** Tries so many words at once, the most first, and gives how many were taken; none where nothing fits. */
function longestOf(tokens: readonly string[], at: number, fits: (text: string) => boolean): number {
  for (let count = Math.min(LONGEST, tokens.length - at); count > 0; count -= 1)
    if (fits(tokens.slice(at, at + count).join(' '))) return count;
  return 0;
}

function takeMeasure(tokens: readonly string[], at: number, habit: SearchHabit, found: Found): number {
  const least = longestOf(tokens, at, (text) => LEAST.test(text));
  const most = longestOf(tokens, at, (text) => MOST.test(text));
  const compared = least || most;
  const count = longestOf(tokens, at + compared, (text) => {
    const plus = text.endsWith('+');
    if (compared === 0 && !plus) return false;
    const measure = measureOf(plus ? text.slice(0, -1).trim() : text, habit);
    if (!measure) return false;
    const end = most > 0 ? 'most' : 'least';
    if ('grams' in measure) found[`${end}Grams`] = measure.grams;
    else found[`${end}Mm`] = measure.mm;
    return true;
  });
  return count === 0 ? 0 : compared + count;
}

function measureOf(text: string, { massSystem }: SearchHabit): { grams: number } | { mm: number } | undefined {
  const mass = parseMass(text, massSystem);
  if (mass.kind === 'mass') return { grams: gramsOf(mass.mass) };
  // Of 20.5 lb it does not matter for a search which of the two was meant.
  if (mass.kind === 'ambiguous' && mass.meanings[0]) return { grams: gramsOf(mass.meanings[0].mass) };
  const length = /[a-z"]$/.test(text) ? parseLength(text, 'cm') : undefined;
  return length?.ok ? { mm: lengthMm(length.value) } : undefined;
}

function takeDate(tokens: readonly string[], at: number, habit: SearchHabit, found: Found): number {
  return longestOf(tokens, at, (text) => {
    const date = parsePastDate(text, habit);
    if (!date.ok) return false;
    found.from = date.value.from;
    found.to = date.value.to;
    return true;
  });
}

function takeKind(tokens: readonly string[], at: number, kinds: Search['kinds'][number][]): number {
  return longestOf(tokens, at, (text) => {
    const kind = kindOfWord(text);
    if (kind) kinds.push(kind);
    return kind !== null;
  });
}

function takeOutcome(token: string | undefined, found: Found): number {
  if (token !== 'lost' && token !== 'died') return 0;
  found.outcome = token;
  return 1;
}

/** A text as words of small letters and digits, without their accents. Example: `Mère-du-Moulin` is three. */
export function wordsIn(text: string): string[] {
  return text
    .toLowerCase()
    .normalize('NFKD')
    .replaceAll(/\p{M}/gu, '')
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);
}
