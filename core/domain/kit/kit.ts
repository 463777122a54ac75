import type { Message } from '../../measure/message.js';
import { kitMessage } from './kitMessages.js';
import type { ScaleSpec } from './scaleSpec.js';
import type { TareNote } from './tareNote.js';

export const KIT_KINDS = [
  'net',
  'mat',
  'sling',
  'scales',
  'tool',
  'care',
  'camera',
  'board',
  'bucket',
  'hooks',
  'licence',
  'other',
] as const;
export type KitKind = (typeof KIT_KINDS)[number];

export const KIT_KIND_WORDS: Readonly<Record<KitKind, Message>> = {
  net: kitMessage('kitKindNet'),
  mat: kitMessage('kitKindMat'),
  sling: kitMessage('kitKindSling'),
  scales: kitMessage('kitKindScales'),
  tool: kitMessage('kitKindTool'),
  care: kitMessage('kitKindCare'),
  camera: kitMessage('kitKindCamera'),
  board: kitMessage('kitKindBoard'),
  bucket: kitMessage('kitKindBucket'),
  hooks: kitMessage('kitKindHooks'),
  licence: kitMessage('kitKindLicence'),
  other: kitMessage('kitKindOther'),
};

/** When a thing that carries disease between waters was last dipped or dried through, and how. */
export interface Disinfection {
  readonly at: string;
  readonly how: 'dipped' | 'dried';
}

/** One thing of the keeper's kit. */
export interface KitItem {
  readonly id: string;
  readonly kind: KitKind;
  readonly name: string;
  /** Width of a net, length of a mat, board or tool, in mm. */
  readonly sizeMm: number | null;
  /** Of a net: the width of its mesh. */
  readonly meshMm?: number | null;
  /** Of a mat: how thick it is. */
  readonly paddingMm?: number | null;
  /** What net or sling is made to bear. */
  readonly capacityGrams?: number | null;
  readonly onLanyard: boolean;
  readonly spare: boolean;
  /** Used up, blunt or broken: cut hooks above all. */
  readonly toReplace: boolean;
  readonly charge: 'full' | 'low' | null;
  /** Last day on which a care kit is in date, or a licence or ticket is good, `YYYY-MM-DD`. */
  readonly inDateUntil: string | null;
  readonly tares: readonly TareNote[];
  /** Of a ticket: the water that it is for; null: a licence for all of them. */
  readonly waterId?: string | null;
  /** When a scale was last compared with a known mass without writing down what it showed. */
  readonly checkedAt: string | null;
  /** Of scales: its step, its class and its checks. */
  readonly scale?: ScaleSpec | null;
  readonly disinfected: Disinfection | null;
  /** The water where it was last wetted, and when. */
  readonly lastWater: { readonly waterId: string; readonly at: string } | null;
  /** Hung up to dry since. */
  readonly dryingSince?: string | null;
}

/** What touches fish and water, and so carries disease from one to the next. */
export const CARRIES_DISEASE: readonly KitKind[] = ['net', 'mat', 'sling', 'bucket', 'board'];

/**
 * Whether a thing may carry something from another water: last wet elsewhere, and neither dipped nor dried since.
 * Example: a net that came from another water and was dipped the day after is clean.
 */
export function isUnclean(item: KitItem, waterId: string): boolean {
  if (!CARRIES_DISEASE.includes(item.kind) || !item.lastWater || item.lastWater.waterId === waterId) return false;
  return !item.disinfected || item.disinfected.at < item.lastWater.at;
}

/** The newest tare of a sling, wet or dry. */
export function lastTare({ tares }: Pick<KitItem, 'tares'>, wet: boolean): TareNote | undefined {
  return tares.filter((tare) => tare.wet === wet).toSorted((a, b) => (a.at < b.at ? 1 : -1))[0];
}
