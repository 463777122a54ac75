import { expose, transfer } from 'comlink';
import type { FlankInBook } from '@keeper/contract/flanks';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import type { Warp } from '@keeper/core/recognition/registration/refineWarp';
import {
  compareDescriptors,
  eitherWay,
  prepareDescriptor,
  shownShare,
  THOROUGH,
  type PartMatch,
  type PreparedDescriptor,
} from '@keeper/core/recognition/descriptor/compareDescriptors';
import { flankMarks } from '@keeper/core/recognition/descriptor/flankMarks';
import type { FlankPoint } from '@keeper/core/domain/fish/flankPoint';
import { describeFlank } from '@keeper/core/recognition/descriptor/flankDescriptor';
import { matchMarks } from '@keeper/core/recognition/descriptor/markConstellation';
import { descriptorPicture } from '@keeper/core/recognition/descriptor/descriptorPicture';
import { flatFlank } from '@keeper/core/recognition/registration/flatFlank';
import { whoIsThis, type KnownFlank } from '@keeper/core/recognition/identity/whoIsThis';
import {
  metadataLogOdds,
  combineLogOdds,
  type MetadataEvidence,
} from '@keeper/core/recognition/identity/metadataLogOdds';
import { catchesOfFish, ofItsKind } from '@keeper/core/recognition/identity/ofItsKind';
import type { LinkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import type { LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import type { Pixel } from '@keeper/core/geometry/pixel';
import { scaled } from '@keeper/core/domain/fish/landmarks';
import { cellsOf, keepCells } from './descriptorCells.js';
import { isFriendFlank, type FriendFlank } from './friendFlank.js';
import { learnedModels } from './learned.js';
import { pixelsOf } from './pixelsOf.js';

/** A picture of a flank whose fish is asked for; the landmarks in pixels of the upright original. */
export interface AskedFlank {
  readonly bytes: Blob;
  readonly landmarks: LandmarksPx;
  /** How wide the original is, where these bytes are a smaller copy of it. */
  readonly widthPx?: number;
  readonly side: 'left' | 'right';
  readonly kind: PaintedKind;
  readonly captureId: string;
  readonly facts: LinkedFacts;
  /** Marks that were set by hand, in pixels of the upright original. */
  readonly marks: readonly Pixel[];
}

/** Marks of both flanks that are the same, each in the flank frame. */
export type SameMarks = readonly (readonly [FlankPoint, FlankPoint])[];

/** A fish of the book, or of a friend's register, that it may be. */
export interface PossibleMatch {
  readonly flank: FlankInBook | FriendFlank;
  readonly score: number;
  readonly probability: number;
  readonly parts: readonly PartMatch[];
  readonly shift: Warp;
  /** What else counts for or against it, beside the flank. */
  readonly beside: readonly MetadataEvidence[];
  /** Marks set by hand on both flanks that were found again, and of how many. */
  readonly marks: { readonly same: SameMarks; readonly of: number };
}

export interface Answer {
  readonly mayBe: readonly PossibleMatch[];
  readonly stranger: number;
  /** Fish of the book whose flank of this side was compared with it. */
  readonly known: number;
  /** Share of the flank that the picture shows. */
  readonly seen: number;
}

interface Known extends KnownFlank {
  readonly flank: FlankInBook | FriendFlank;
}

const READ_PX = 1400;
const SHOWN = 6;
/**
 * Prints that were made ready stay so, by name, and those of friends by their cells: the same register is asked again
 * and again.
 */
const ready = new Map<string, Known['ready']>();
let register: readonly FlankInBook[] = [];
let theirs: readonly FriendFlank[] = [];

/** Takes the register over, once for many questions, and those of friends. */
function hold(flanks: readonly FlankInBook[], ofFriends: readonly FriendFlank[] = []): void {
  register = flanks;
  theirs = ofFriends;
}

/** The flanks whose prints are on this device or on the server, made ready. */
async function readiedOf(flanks: readonly FlankInBook[]): Promise<Map<FlankInBook, PreparedDescriptor>> {
  const fresh = flanks.filter(({ print }) => !ready.has(print));
  const cells = fresh.length > 0 ? await cellsOf(fresh.map(({ print }) => print)) : new Map<string, string>();
  for (const flank of fresh) {
    const its = cells.get(flank.print);
    if (its !== undefined) ready.set(flank.print, readyOf(flank, its));
  }
  return new Map(
    flanks.flatMap((flank) => {
      const made = ready.get(flank.print);
      return made ? [[flank, made] as const] : [];
    }),
  );
}

function readiedTheirs(flank: FriendFlank): PreparedDescriptor {
  const made = ready.get(flank.cells) ?? readyOf(flank, flank.cells);
  ready.set(flank.cells, made);
  return made;
}

function readyOf({ side, kind }: FlankInBook | FriendFlank, cells: string): PreparedDescriptor {
  const bytes = Uint8Array.from(atob(cells), (letter) => letter.charCodeAt(0));
  return prepareDescriptor({ side, kind, cells: new Int8Array(bytes.buffer) });
}

async function ask({ bytes, landmarks, side, kind, captureId, facts, marks }: AskedFlank): Promise<Answer> {
  const { raster, by } = await read(bytes, landmarks);
  const asked = {
    ready: prepareDescriptor(describeFlank(raster, by, side, kind, await learnedModels())),
    facts,
    marks: flankMarks(landmarks, marks, kind),
  };
  return against(asked, ({ captureId: id }) => id !== captureId, { ofFriends: theirs });
}

/** Which others of the register a flank of it is like; undefined where not all of their prints can be had just now. */
async function askHeld(sha256: string): Promise<Answer | undefined> {
  const flank = register.find((each) => each.sha256 === sha256);
  if (!flank) return { mayBe: [], stranger: 1, known: 0, seen: 0 };
  const alike = register.filter(({ kind, side }) => kind === flank.kind && side === flank.side);
  const prints = await readiedOf(alike);
  const print = prints.get(flank);
  if (!print || prints.size < alike.length) return undefined;
  const { captureId, fishId, facts, marks } = flank;
  return against(
    { ready: print, facts, marks },
    (other) => other.captureId !== captureId && (fishId === null || other.fishId !== fishId),
    { oneOfMany: true },
  );
}

/**
 * Two flanks laid on each other, and what the register says beside them.
 * @throws Error where one of the prints is neither here nor on the server
 */
async function compare(
  flank: FlankInBook,
  other: FlankInBook,
): Promise<PossibleMatch & { readonly flank: FlankInBook }> {
  const prints = await readiedOf([flank, other]);
  const [one, two] = [prints.get(flank), prints.get(other)];
  if (!one || !two) throw new Error('The flanks could not be loaded.');
  const { score, parts, shift } = eitherWay(one, two, compareDescriptors(one, two, THOROUGH), THOROUGH);
  const ofKind = register.filter(({ kind }) => kind === flank.kind);
  const beside = metadataLogOdds(flank.facts, catchesOfFish(ofKind, other), ofItsKind(ofKind, flank.facts));
  const marks = sameMarks(flank.marks, other);
  return { flank: other, score, probability: 0, parts, shift, beside, marks };
}

interface Asked {
  readonly ready: PreparedDescriptor;
  readonly facts: LinkedFacts;
  readonly marks: readonly FlankPoint[];
}

async function against(
  { ready: asked, facts, marks }: Asked,
  wanted: (flank: FlankInBook) => boolean,
  { ofFriends = [], oneOfMany = false }: { readonly ofFriends?: readonly FriendFlank[]; readonly oneOfMany?: boolean },
): Promise<Answer> {
  const { side, kind } = asked.print;
  const ofKind = register.filter((flank) => flank.kind === kind);
  const own = ofKind.filter((flank) => flank.side === side && wanted(flank));
  const prints = await readiedOf(own);
  const friends = ofFriends.filter((flank) => flank.kind === kind && flank.side === side);
  const known = [
    ...[...prints].map(([flank, print]): Known => ({ fishId: flank.fishId ?? flank.captureId, flank, ready: print })),
    ...friends.map((flank): Known => ({ fishId: flank.fishId, flank, ready: readiedTheirs(flank) })),
  ];
  const its = ofItsKind(ofKind, facts);
  const speaks = (flank: Known['flank']) =>
    metadataLogOdds(facts, isFriendFlank(flank) ? [flank.facts] : catchesOfFish(ofKind, flank), its);
  const beside = ({ flank }: Known) =>
    combineLogOdds(speaks(flank)) + (isFriendFlank(flank) ? 0 : matchMarks(marks, flank.marks).evidence);
  const { candidates, stranger } = whoIsThis(asked, known, { beside, oneOfMany });
  return {
    mayBe: candidates.slice(0, SHOWN).map(({ flank: { flank }, match: { score, parts, shift }, probability }) => ({
      flank,
      score,
      probability,
      parts,
      shift,
      beside: speaks(flank),
      marks: sameMarks(marks, flank),
    })),
    stranger,
    known: new Set(known.map(({ fishId }) => fishId)).size,
    seen: shownShare(asked.print),
  };
}

function sameMarks(marks: readonly FlankPoint[], flank: Known['flank']): PossibleMatch['marks'] {
  const others = isFriendFlank(flank) ? [] : flank.marks;
  const same = matchMarks(marks, others).pairs.flatMap(([i, j]) => {
    const [one, other] = [marks[i], others[j]];
    return one && other ? [[one, other] as const] : [];
  });
  return { same, of: Math.min(marks.length, others.length) };
}

const FINE = 5;

/** A flank laid flat to be looked at, and where marks that were set by hand lie on it. */
export interface LaidFlat {
  readonly bitmap: ImageBitmap;
  readonly marks: readonly FlankPoint[];
}

/** With a shift, as it lies on another. */
async function flat(
  { bytes, landmarks, widthPx, kind }: Pick<AskedFlank, 'bytes' | 'landmarks' | 'widthPx' | 'kind'>,
  marks: readonly FlankPoint[],
  shift?: Warp,
): Promise<LaidFlat> {
  const { raster, by } = await read(bytes, landmarks, widthPx);
  const { data, marks: laid, ...size } = flatFlank(raster, by, kind, FINE, await learnedModels(), { shift, marks });
  const bitmap = await createImageBitmap(new ImageData(data, size.widthPx, size.heightPx));
  return transfer({ bitmap, marks: laid }, [bitmap]);
}

/** A print itself, to be looked at where there is no picture of it. */
async function drawn(flank: FriendFlank): Promise<LaidFlat> {
  const { data, ...size } = descriptorPicture(readiedTheirs(flank).print);
  const bitmap = await createImageBitmap(new ImageData(data, size.widthPx, size.heightPx));
  return transfer({ bitmap, marks: [] }, [bitmap]);
}

/** The pixels, and the landmarks on them. `widthPx` is how wide the original is, where these bytes are a copy of it. */
async function read(bytes: Blob, landmarks: LandmarksPx, widthPx?: number) {
  const bitmap = await createImageBitmap(bytes);
  const raster = pixelsOf(bitmap, READ_PX);
  const scale = raster.widthPx / (widthPx ?? bitmap.width);
  bitmap.close();
  return { raster, by: scaled(landmarks, scale) };
}

/** Brings the prints of the whole register to this device. */
async function keep(flanks: readonly FlankInBook[]): Promise<void> {
  await keepCells(flanks.map(({ print }) => print));
}

const work = { hold, keep, ask, askHeld, compare, flat, drawn };
export type WhoWork = typeof work;
expose(work);
