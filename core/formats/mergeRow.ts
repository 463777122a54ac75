import { stableJson } from '../measure/stableJson.js';
import type { CameRow } from './readBookJson.js';

/** What becomes of a row that came: it is new here, says what stands, says it newer, or older than what stands. */
export type RowMerged =
  { readonly kind: 'fresh' | 'newer'; readonly row: CameRow } | { readonly kind: 'known' | 'older' };

/**
 * Lays a row that came beside the one that stands under its id: of two that differ the one that was written later
 * counts, field by field, so that what was left out when it left (a position) stays. Merged again, it is known.
 *
 * @example mergeRow(undefined, row).kind // 'fresh'
 */
export function mergeRow(standing: CameRow | undefined, came: CameRow): RowMerged {
  if (!standing) return { kind: 'fresh', row: came };
  const laid = { ...standing, ...came };
  if (told(laid) === told(standing)) return { kind: 'known' };
  if (Date.parse(came.updatedAt) <= Date.parse(standing.updatedAt)) return { kind: 'older' };
  return { kind: 'newer', row: { ...laid, revision: Math.max(standing.revision + 1, came.revision) } };
}

function told({ revision: _revision, updatedAt: _at, ...rest }: CameRow): string {
  return stableJson(rest);
}
