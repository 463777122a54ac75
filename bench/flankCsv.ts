import { readFile, writeFile } from 'node:fs/promises';
import Papa from 'papaparse';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { LANDMARKS, type LandmarksPx } from '@keeper/core/domain/fish/landmarks';

/** One picture of a flank: who it is (empty where that is asked), its species, side and six points in pixels. */
export interface FlankRow {
  readonly photo: string;
  readonly individual: string;
  readonly species: string;
  readonly side: 'left' | 'right';
  readonly landmarks: LandmarksPx;
}

const KINDS: Readonly<Record<string, PaintedKind>> = {
  carp_mirror: 'carp-mirror',
  carp_linear: 'carp-linear',
  carp_common: 'carp-common',
  pike: 'pike',
  barbel: 'barbel',
  catfish: 'wels',
};

const HEAD = ['photo', 'individual', 'species', 'side', ...LANDMARKS.flatMap((name) => [`${name}_x`, `${name}_y`])];

/** The kind of a species' name in the file. @throws RangeError with the names that are known */
export function kindOf(species: string): PaintedKind {
  const kind = KINDS[species];
  if (!kind) throw new RangeError(`The species "${species}" is not one of ${Object.keys(KINDS).join(', ')}.`);
  return kind;
}

export function speciesName(kind: PaintedKind): string {
  return Object.keys(KINDS).find((name) => KINDS[name] === kind) ?? kind;
}

/**
 * Reads a list of flanks; the columns may stand in any order. @throws RangeError that says which line is wrong, and how
 */
export async function readFlankCsv(file: string): Promise<FlankRow[]> {
  const { data, meta } = Papa.parse<Record<string, string>>((await readFile(file, 'utf8')).replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim(),
  });
  const missing = HEAD.filter((name) => !meta.fields?.includes(name));
  if (missing.length > 0) throw new RangeError(`${file} lacks the columns ${missing.join(', ')}.`);
  return data.map((cells, i) => rowOf((name) => (cells[name] ?? '').trim(), `${file}, line ${i + 2}`));
}

function rowOf(cell: (name: string) => string, where: string): FlankRow {
  const [photo, individual, species, side] = [cell('photo'), cell('individual'), cell('species'), cell('side')];
  kindOf(species);
  if (side !== 'left' && side !== 'right') throw new RangeError(`${where}: the side is "${side}", not left or right.`);
  const number = (name: string) => {
    const value = Number(cell(name));
    if (cell(name) === '' || !Number.isFinite(value)) throw new RangeError(`${where}: ${name} is not a number.`);
    return value;
  };
  const landmarks = Object.fromEntries(
    LANDMARKS.map((name) => [name, { x: number(`${name}_x`), y: number(`${name}_y`) }]),
  ) as unknown as LandmarksPx;
  return { photo, individual, species, side, landmarks };
}

export async function writeFlankCsv(file: string, rows: readonly FlankRow[]): Promise<void> {
  const data = rows.map(({ photo, individual, species, side, landmarks }) => [
    ...[photo, individual, species, side],
    ...LANDMARKS.flatMap((name) => [landmarks[name].x.toFixed(1), landmarks[name].y.toFixed(1)]),
  ]);
  await writeFile(file, `${Papa.unparse({ fields: HEAD, data })}\n`);
}
