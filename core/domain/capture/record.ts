import type { BodyLength } from '../fish/bodyLength.js';
import type { Wound } from '../fish/wound.js';
import type { Length } from '../../measure/length.js';
import type { CaptureState } from './captureState.js';

/**
 * What an export tells of a capture beyond its line of the book. Kept beside that line, it spares replaying every log
 * for every export.
 */
export interface CaptureRecord {
  readonly length: BodyLength | null;
  readonly girth: Length | null;
  readonly note: string | null;
  /** What was not ready at the take. */
  readonly gaps: readonly string[];
  readonly wounds: readonly Wound[];
  /** In the order in which they were added. */
  readonly pictures: readonly string[];
  /** Kinds of the events that could not be read. */
  readonly setAside: readonly string[];
}

/** What an export tells of a capture beyond its summary. */
export function recordOf({ facts, gaps, wounds, pictures, setAside }: CaptureState): CaptureRecord {
  return {
    length: facts.length ?? null,
    girth: facts.girth ?? null,
    note: facts.note ?? null,
    gaps,
    wounds: wounds.map(({ kind, side, at, sizeMm }) => ({ kind, side, at, sizeMm })),
    pictures: pictures.map(({ sha256 }) => sha256),
    setAside: setAside.map(({ type }) => type),
  };
}
