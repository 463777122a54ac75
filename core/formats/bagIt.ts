/**
 * A bag of files with their hashes, as RFC 8493 (BagIt 1.0, Kunze and others 2018) writes it: a declaration, the
 * payload under `data/`, and a manifest of it.
 */
export const BAG_DECLARATION = 'BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n';
export const BAG_FILES = {
  declaration: 'bagit.txt',
  info: 'bag-info.txt',
  manifest: 'manifest-sha256.txt',
  tagManifest: 'tagmanifest-sha256.txt',
} as const;

const LINE = /^([0-9a-f]{64})[ \t]+\*?(\S.*)$/i;

/** The manifest of some files: by their paths within the bag, each with its SHA-256 in hexadecimal. */
export function bagManifest(hashes: ReadonlyMap<string, string>): string {
  return [...hashes].map(([path, hash]) => `${hash}  ${encodePath(path)}\n`).join('');
}

/**
 * Reads a manifest back: hashes by path; undefined where a line is none, or names a path twice.
 *
 * @example
 * readBagManifest(`${'0'.repeat(64)}  data/book.sqlite\n`)?.get('data/book.sqlite'); // '0000…'
 */
export function readBagManifest(text: string): Map<string, string> | undefined {
  const hashes = new Map<string, string>();
  for (const line of text.split(/\r\n|\r|\n/).filter((each) => each !== '')) {
    const [, hash, written] = LINE.exec(line) ?? [];
    const path = written === undefined ? undefined : decodePath(written);
    if (hash === undefined || path === undefined || hashes.has(path)) return undefined;
    hashes.set(path, hash.toLowerCase());
  }
  return hashes;
}

/** What the bag says of itself; `bytes` and `files` are of its payload. */
export function bagInfo(facts: Readonly<Record<string, string>>, payload: { bytes: number; files: number }): string {
  const lines = Object.entries({ ...facts, 'Payload-Oxum': `${payload.bytes}.${payload.files}` });
  return lines.map(([label, value]) => `${label}: ${value}\n`).join('');
}

/** Bytes and number of files of a payload as a bag says them of itself; undefined where it does not. */
export function readOxum(info: string): { bytes: number; files: number } | undefined {
  const [, bytes, files] = /^Payload-Oxum:\s*(\d+)\.(\d+)\s*$/m.exec(info) ?? [];
  return bytes === undefined ? undefined : { bytes: Number(bytes), files: Number(files) };
}

/**
 * Whether a path of a payload stays within it: under `data/`, in names that every system has, leading nowhere else.
 * Example: `isPayloadPath('data/../../.ssh/id')` is false.
 */
export function isPayloadPath(path: string): boolean {
  const [root, ...names] = path.split('/');
  return (
    root === 'data' && names.length > 0 && names.every((name) => /^[A-Za-z0-9._-]+$/.test(name) && !/^\.+$/.test(name))
  );
}

/** Of a path only line ends and the percent sign are written otherwise (RFC 8493, 2.1.3). */
function encodePath(path: string): string {
  return path.replace(/[%\r\n]/g, (sign) => encodeURIComponent(sign));
}

function decodePath(written: string): string {
  return written.replace(/%(0D|0A|25)/gi, (code) => decodeURIComponent(code));
}
