import { createHash } from 'node:crypto';
import { createWriteStream, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Writable, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { promisify } from 'node:util';
import { open, type Entry, type ZipFile } from 'yauzl';
import { BAG_DECLARATION, BAG_FILES, isPayloadPath, readBagManifest, readOxum } from '@keeper/core/formats/bagIt';
import { StartError } from '../storage/startError.js';
import { BOOK_IN_BAG } from './writeBackup.js';

/** What stands in a backup, and what is wrong with it. */
export interface ReadBackup {
  readonly bytes: number;
  readonly files: number;
  readonly problems: readonly string[];
}

/** Where a file of the payload is kept that is read; undefined: it is read and let go. */
type PlaceOf = (path: string) => string;

/** No file beside the payload is longer, in bytes: a manifest of a quarter of a million pictures. */
const LONGEST_TAG_FILE = 32 * 1024 * 1024;

const openZip = promisify<string, { lazyEntries: true; autoClose: false; strictFileNames: true }, ZipFile>(open);

/**
 * Reads a backup from end to end and compares each file with what the bag says of it. Where `placeOf` is given, each
 * file of the payload is kept there as it is read: none whose path leads out of the bag, and no byte more than the bag
 * declares.
 *
 * @throws StartError where the file is no backup at all
 */
export async function readBackup(file: string, placeOf?: PlaceOf): Promise<ReadBackup> {
  const zip = await openBackup(file);
  try {
    const { payload, manifest, problems } = await lookInto(zip);
    if (problems.length > 0) return { ...sizeOf(payload), problems };
    const wrong: string[] = [];
    for (const entry of payload) {
      const { path } = entry;
      const hash = await take(zip, entry, placeOf?.(path)).catch((cause: unknown) => String(cause));
      if (hash !== manifest.get(path)) wrong.push(`${path} is damaged: its bytes are not those that went in.`);
    }
    return { ...sizeOf(payload), problems: wrong };
  } finally {
    zip.close();
  }
}

/** How many files and bytes a backup declares, looked up without reading them. @throws StartError where it is none */
export async function sizeOfBackup(file: string): Promise<{ files: number; bytes: number }> {
  const zip = await openBackup(file);
  try {
    return sizeOf((await lookInto(zip)).payload);
  } finally {
    zip.close();
  }
}

function openBackup(file: string): Promise<ZipFile> {
  return openZip(file, { lazyEntries: true, autoClose: false, strictFileNames: true }).catch((cause: unknown) => {
    throw new StartError(`${file} is no backup, or only a part of one: ${messageOf(cause)}`);
  });
}

/** A file of the bag, by its path from the folder that the bag lies in. */
interface BagEntry extends Entry {
  readonly path: string;
}

interface Looked {
  readonly payload: readonly BagEntry[];
  readonly manifest: ReadonlyMap<string, string>;
  readonly problems: readonly string[];
}

/** The list of what is in it, compared with its manifest, before any of the payload is read. */
async function lookInto(zip: ZipFile): Promise<Looked> {
  const { entries: all, problem } = await entriesOf(zip);
  const none = new Map<string, string>();
  if (problem !== undefined) return { payload: [], manifest: none, problems: [problem] };
  const entries = fromBase(all);
  const named = new Map(entries.map((entry) => [entry.path, entry]));
  const tag = async (name: string) => {
    const entry = named.get(name);
    return entry && entry.uncompressedSize <= LONGEST_TAG_FILE ? textOf(zip, entry) : undefined;
  };
  const declaration = await tag(BAG_FILES.declaration);
  if (declaration === undefined)
    return { payload: [], manifest: none, problems: ['It is no BagIt bag: bagit.txt is missing.'] };
  if (declaration.replace(/\r\n/g, '\n') !== BAG_DECLARATION)
    return {
      payload: [],
      manifest: none,
      problems: ['It was written in another form of bag than this version reads (bagit.txt).'],
    };
  const manifest = readBagManifest((await tag(BAG_FILES.manifest)) ?? 'none');
  if (!manifest) return { payload: [], manifest: none, problems: ['Its manifest is missing, or cannot be read.'] };
  const tags: ReadonlySet<string> = new Set(Object.values(BAG_FILES));
  const payload = entries.filter(({ path }) => !tags.has(path));
  const declared = readOxum((await tag(BAG_FILES.info)) ?? '');
  const { bytes, files } = sizeOf(payload);
  const problems = [
    ...(named.size < entries.length ? ['A name stands in it twice.'] : []),
    ...[...named.keys(), ...manifest.keys()]
      .filter((name) => !tags.has(name) && !isPayloadPath(name))
      .map((name) => `${JSON.stringify(name)} leads out of the bag.`),
    ...[...manifest.keys()].filter((name) => !named.has(name)).map((name) => `${name} is missing.`),
    ...payload.filter(({ path }) => !manifest.has(path)).map(({ path }) => `${path} was added.`),
    ...(declared && (declared.bytes !== bytes || declared.files !== files)
      ? ['Its size is not the one that it declares.']
      : []),
    ...(manifest.has(BOOK_IN_BAG) ? [] : ['There is no book in it.']),
  ];
  return { payload, manifest, problems: [...new Set(problems)] };
}

/**
 * The files by their path from the one folder that the bag lies in (RFC 8493, 4). Bags of the first versions lie in
 * none, and what lies beside the folder keeps the path that it has: it was added.
 */
function fromBase(entries: readonly Entry[]): BagEntry[] {
  const declared = entries.find(({ fileName }) => fileName.split('/').at(-1) === BAG_FILES.declaration);
  const base = declared?.fileName.slice(0, -BAG_FILES.declaration.length) ?? '';
  const isBase = base.split('/').length <= 2;
  return entries.map((entry) => {
    const { fileName } = entry;
    return Object.assign(entry, { path: isBase && fileName.startsWith(base) ? fileName.slice(base.length) : fileName });
  });
}

function sizeOf(payload: readonly Entry[]): { bytes: number; files: number } {
  return { bytes: payload.reduce((sum, { uncompressedSize }) => sum + uncompressedSize, 0), files: payload.length };
}

/** Every entry of the list at its end; a list that cannot be read, or a name that leads elsewhere, is a problem. */
function entriesOf(zip: ZipFile): Promise<{ entries: readonly Entry[]; problem?: string }> {
  return new Promise((resolve) => {
    const entries: Entry[] = [];
    zip.on('entry', (entry: Entry) => {
      entries.push(entry);
      zip.readEntry();
    });
    zip.once('end', () => resolve({ entries }));
    zip.once('error', (cause) =>
      resolve({ entries, problem: `Its list of files cannot be read: ${messageOf(cause)}` }),
    );
    zip.readEntry();
  });
}

/** Opens one file of it; what unpacks to more than it declares ends with an error. */
function streamOf(zip: ZipFile, entry: Entry): Promise<Readable> {
  return new Promise((resolve, reject) => {
    zip.openReadStream(entry, (cause, stream) => (cause ? reject(cause) : resolve(stream)));
  });
}

async function textOf(zip: ZipFile, entry: Entry): Promise<string | undefined> {
  const chunks: Buffer[] = [];
  try {
    for await (const chunk of await streamOf(zip, entry)) chunks.push(chunk as Buffer);
  } catch {
    return undefined;
  }
  return Buffer.concat(chunks).toString('utf8');
}

/** Reads one file of the payload, to its place where it has one. @returns its hash */
async function take(zip: ZipFile, entry: Entry, place: string | undefined): Promise<string> {
  const hash = createHash('sha256');
  if (place !== undefined) mkdirSync(dirname(place), { recursive: true, mode: 0o700 });
  const out =
    place === undefined
      ? new Writable({ write: (_chunk, _encoding, done) => done() })
      : createWriteStream(place, { flags: 'wx', mode: 0o600, flush: true });
  await pipeline(
    await streamOf(zip, entry),
    async function* (chunks: AsyncIterable<Buffer>) {
      for await (const chunk of chunks) {
        hash.update(chunk);
        yield chunk;
      }
    },
    out,
  );
  return hash.digest('hex');
}

function messageOf(cause: unknown): string {
  return cause instanceof Error ? cause.message : String(cause);
}
