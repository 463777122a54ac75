import type { Message } from '../measure/message.js';
import { registerMessage } from './registerMessages.js';
import type { PaintedKind } from '../domain/fish/anatomy.js';
import type { FormId, SpeciesId } from '../domain/fish/species.js';
import { FORM_IDS, SPECIES_IDS } from '../domain/fish/species.js';
import { flankFrame } from '../recognition/landmarks/flankFrame.js';
import { DESCRIPTOR_VERSION } from '../recognition/descriptor/flankDescriptor.js';

/**
 * Name and version that open every shared register, and the way in which its prints were made: others cannot be
 * compared.
 */
export const REGISTER_FORMAT = { format: 'unhurried-keeper-register', version: 1, prints: DESCRIPTOR_VERSION } as const;

/** One flank of a shared fish: its print, and a small picture where that was wanted. */
export interface SharedFlank {
  readonly side: 'left' | 'right';
  readonly kind: PaintedKind;
  /** The cells of the print, one byte each, in base64. */
  readonly cells: string;
  /** A JPEG in base64. */
  readonly thumbnail?: string;
}

/**
 * When a shared fish was met, to the month, and what it weighed and measured where that was wanted. No water, no swim,
 * no hour.
 */
export interface SharedCatch {
  readonly month: string;
  readonly grams?: number | null;
  readonly lengthMm?: number | null;
}

export interface SharedFish {
  readonly id: string;
  readonly name: string;
  readonly species: SpeciesId | null;
  readonly form: FormId | null;
  readonly flanks: readonly SharedFlank[];
  readonly catches: readonly SharedCatch[];
}

/** A register as it is given to a friend. */
export interface RegisterFile {
  readonly format: typeof REGISTER_FORMAT.format;
  readonly version: number;
  readonly prints: number;
  /** Whose it is, as that keeper wants to be called. */
  readonly from: string;
  readonly exportedAt: string;
  readonly fish: readonly SharedFish[];
}

export type RegisterRead =
  { readonly ok: true; readonly register: RegisterFile } | { readonly ok: false; readonly reason: Message };

const MOST_FISH = 20_000;
const KINDS: readonly PaintedKind[] = ['carp-common', 'carp-mirror', 'carp-linear', 'pike', 'barbel', 'wels'];
const BASE64 = /^[A-Za-z0-9+/]+={0,2}$/;

/**
 * Reads a friend's register. What it holds beside what is known here, places above all, is left behind; a flank that
 * cannot be compared is left out; what is no register is refused with a reason. Example: the text of a
 * book gives "This is a whole book, not a register of fish."
 */
export function readRegister(text: string): RegisterRead {
  const no = (reason: Message): RegisterRead => ({ ok: false, reason });
  let given: unknown;
  try {
    given = JSON.parse(text);
  } catch {
    return no(registerMessage('notJson'));
  }
  if (!isRecord(given)) return no(registerMessage('noRegister'));
  if (given['format'] === 'unhurried-keeper-book') return no(registerMessage('wholeBook'));
  if (given['format'] !== REGISTER_FORMAT.format) return no(registerMessage('noRegister'));
  if (given['version'] !== REGISTER_FORMAT.version || given['prints'] !== REGISTER_FORMAT.prints)
    return no(registerMessage('otherVersion'));
  const { from, exportedAt, fish } = given;
  if (typeof from !== 'string' || from.trim() === '' || from.length > 60) return no(registerMessage('nobodys'));
  if (!Array.isArray(fish) || fish.length > MOST_FISH) return no(registerMessage('noList'));
  const read = fish.map(readFish);
  if (read.some((each) => !each)) return no(registerMessage('fishWithoutName'));
  return {
    ok: true,
    register: {
      ...REGISTER_FORMAT,
      from: from.trim(),
      exportedAt: typeof exportedAt === 'string' ? exportedAt.slice(0, 40) : '',
      fish: read.flatMap((each) => each ?? []),
    },
  };
}

function readFish(given: unknown): SharedFish | undefined {
  if (!isRecord(given)) return undefined;
  const { id, name, species, form, flanks, catches } = given;
  if (typeof id !== 'string' || id === '' || id.length > 60 || typeof name !== 'string' || name.length > 120)
    return undefined;
  return {
    id,
    name,
    species: SPECIES_IDS.find((each) => each === species) ?? null,
    form: FORM_IDS.find((each) => each === form) ?? null,
    flanks: (Array.isArray(flanks) ? flanks : []).flatMap((each) => readFlank(each) ?? []),
    catches: (Array.isArray(catches) ? catches : []).flatMap((each) => readCatch(each) ?? []),
  };
}

function readFlank(given: unknown): SharedFlank | undefined {
  if (!isRecord(given)) return undefined;
  const { side, cells, thumbnail } = given;
  const kind = KINDS.find((each) => each === given['kind']);
  if ((side !== 'left' && side !== 'right') || !kind || typeof cells !== 'string' || !BASE64.test(cells))
    return undefined;
  const { columns, rows } = flankFrame(kind);
  const bytes = (cells.length * 3) / 4 - (cells.endsWith('==') ? 2 : cells.endsWith('=') ? 1 : 0);
  if (bytes !== columns * rows) return undefined;
  const small = typeof thumbnail === 'string' && thumbnail.length < 200_000 && BASE64.test(thumbnail);
  return { side, kind, cells, ...(small && { thumbnail }) };
}

function readCatch(given: unknown): SharedCatch | undefined {
  if (!isRecord(given)) return undefined;
  const { month, grams, lengthMm } = given;
  if (typeof month !== 'string' || !/^\d{4}-\d{2}$/.test(month)) return undefined;
  const positive = (value: unknown) => (typeof value === 'number' && value > 0 && value < 1e6 ? value : null);
  return { month, grams: positive(grams), lengthMm: positive(lengthMm) };
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
