import { mkdir, readdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';
import { descriptorFile } from './descriptorFile.js';
import type { MadeDescriptor } from './descriptorOrder.js';

/** So many files are read at a time. */
const READ_AT_A_TIME = 32;

/** All of a print but its cells. */
export type SeenFlank = Omit<MadeDescriptor, 'cells'>;

/** Prints by their names, kept as files that can be thrown away: they are made again. */
export class DescriptorStore {
  /** What was seen when a print was made; null where there was nothing to make it of. The cells stay on the disk. */
  private readonly found = new Map<string, SeenFlank | null>();
  /** Prints that could not be kept on the disk. */
  private readonly unkept = new Map<string, MadeDescriptor>();
  /** Prints that were looked for on the disk and are not there. */
  private readonly absent = new Set<string>();

  constructor(private readonly folder: string) {}

  /** Undefined until it was recalled or made; null where there was nothing to make a print of. */
  seen(key: string): SeenFlank | null | undefined {
    return this.found.get(key);
  }

  /** Reads what was made before, as far as it was not looked at yet. */
  async recall(keys: readonly string[]): Promise<void> {
    // Only this server makes them: one that was not there comes by being made.
    const fresh = keys.filter((key) => !this.found.has(key) && !this.absent.has(key));
    for (let at = 0; at < fresh.length; at += READ_AT_A_TIME) {
      await Promise.all(
        fresh.slice(at, at + READ_AT_A_TIME).map(async (key) => {
          const print = await this.read(key);
          if (print === undefined) this.absent.add(key);
          else this.found.set(key, seenIn(print));
        }),
      );
    }
  }

  /** The cells of a print in base64. One that is not there is forgotten, so that it is made anew. */
  async cells(key: string): Promise<string | undefined> {
    const print = this.unkept.get(key) ?? (await this.read(key));
    if (print === undefined) this.found.delete(key);
    return print?.cells;
  }

  /**
   * Keeps a print, or that there is none. Where it cannot be kept, on a full disk perhaps, it is held until the end and
   * made again after the next start. @returns why it could not be kept, in its own words
   */
  async keep(key: string, print: MadeDescriptor | null): Promise<string | undefined> {
    const cause = await writeWhole(descriptorFile(this.folder, key), JSON.stringify(print)).then(
      () => undefined,
      (reason: unknown) => String(reason),
    );
    if (cause !== undefined && print) this.unkept.set(key, print);
    this.found.set(key, seenIn(print));
    return cause;
  }

  /** Removes all others. */
  async keepOnly(keys: ReadonlySet<string>): Promise<void> {
    for (const folder of [this.found, this.unkept]) {
      for (const key of folder.keys()) if (!keys.has(key)) folder.delete(key);
    }
    const entries = await readdir(this.folder, { recursive: true, withFileTypes: true }).catch(() => []);
    const others = entries.filter((entry) => entry.isFile() && !keys.has(basename(entry.name, '.json')));
    await Promise.all(others.map((entry) => rm(join(entry.parentPath, entry.name), { force: true })));
  }

  /** A print as it lies on the disk; undefined where none does. */
  private async read(key: string): Promise<MadeDescriptor | null | undefined> {
    const text = await readFile(descriptorFile(this.folder, key), 'utf8').catch(() => undefined);
    return text === undefined ? undefined : printIn(text);
  }
}

function seenIn(print: MadeDescriptor | null): SeenFlank | null {
  return print && { side: print.side, landmarks: print.landmarks };
}

/** A print as it was kept; undefined for a file that is empty or damaged: it is made anew. */
function printIn(text: string): MadeDescriptor | null | undefined {
  try {
    const print = JSON.parse(text) as MadeDescriptor | null;
    return print === null || typeof print.cells === 'string' ? print : undefined;
  } catch {
    return undefined;
  }
}

async function writeWhole(file: string, text: string): Promise<void> {
  await mkdir(dirname(file), { recursive: true });
  await writeFile(`${file}.half`, text);
  await rename(`${file}.half`, file);
}
