import exifr from 'exifr';
import { createStore, delMany, entries, set } from 'idb-keyval';
import { MOST_PICTURE_BYTES } from '@keeper/contract/limits';
import { hasRoomFor } from './room.js';
import { sha256Of } from './sha256.js';

/** A picture off the card that lies on this device until it is put to a fish or sent away. */
export interface CardFile {
  readonly sha256: string;
  readonly name: string;
  readonly bytes: Blob;
  readonly takenMs: number | null;
  readonly camera: string | null;
  /** Whether the camera wrote where it was taken; the place itself is not read. */
  readonly hasPlace: boolean;
}

/** A file that was not taken, and why. */
export interface NotTaken {
  readonly name: string;
  readonly why: string;
}

const store = createStore('keeper-card', 'files');

/** What was laid on this device and has not been put anywhere yet: a reload loses nothing. */
export async function cardFiles(): Promise<CardFile[]> {
  return (await entries<string, CardFile>(store)).map(([, file]) => file);
}

export async function letGo(sha256s: readonly string[]): Promise<void> {
  await delMany([...sha256s], store);
}

/**
 * Takes files one after the other, each kept before the next is touched. A bad one stops nothing: it comes back with its reason.
 * `onTaken` hears of each as it is done; `stopped` is asked before each.
 */
export async function takeCard(
  files: readonly File[],
  { onTaken, stopped }: { onTaken: (done: number, taken: CardFile | NotTaken) => void; stopped: () => boolean },
): Promise<void> {
  let done = 0;
  for (const file of files) {
    if (stopped()) return;
    const taken = await takeOne(file).catch((): NotTaken => ({ name: file.name, why: 'It could not be read.' }));
    done += 1;
    onTaken(done, taken);
  }
}

async function takeOne(file: File): Promise<CardFile | NotTaken> {
  const { name } = file;
  if (file.size > MOST_PICTURE_BYTES) return { name, why: 'It is larger than 25 MB.' };
  const bitmap = await createImageBitmap(file, { resizeWidth: 64 }).catch(() => undefined);
  if (!bitmap) {
    const heic = /\.hei[cf]$/i.test(name);
    return {
      name,
      why: heic
        ? 'HEIC cannot be read here. Set the phone to take JPEG ("most compatible"), or share it as JPEG.'
        : 'It is not a picture that can be read here, or it is damaged.',
    };
  }
  bitmap.close();
  if (!(await hasRoomFor(file.size)))
    return { name, why: 'There is no room left on this device. It is still on the card.' };
  const taken: CardFile = { name, bytes: file, sha256: await sha256Of(file), ...(await exifOf(file)) };
  await set(taken.sha256, taken, store);
  return taken;
}

type CameraSays = Pick<CardFile, 'takenMs' | 'camera' | 'hasPlace'>;

/** What the camera wrote. A time without a zone is taken as this device's own. */
async function exifOf(file: File): Promise<CameraSays> {
  const pick = ['DateTimeOriginal', 'OffsetTimeOriginal', 'Make', 'Model', 'GPSLatitude'];
  const tags = (await exifr
    .parse(file, { pick, reviveValues: false, translateValues: false })
    .catch(() => undefined)) as Record<string, unknown> | undefined;
  const text = (name: string) => (typeof tags?.[name] === 'string' ? tags[name].trim() : '');
  return {
    takenMs: takenMs(text('DateTimeOriginal'), text('OffsetTimeOriginal')),
    camera: `${text('Make')} ${text('Model')}`.trim() || null,
    hasPlace: tags?.['GPSLatitude'] !== undefined || tags?.['latitude'] !== undefined,
  };
}

/** Example: `takenMs('2026:06:01 05:33:10', '+01:00')` is 04:33:10 UTC of that day. */
export function takenMs(date: string, zone: string): number | null {
  const parts = /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(date);
  if (!parts) return null;
  const [, year, month, day, time] = parts;
  const ms = Date.parse(`${year}-${month}-${day}T${time}${/^[+-]\d\d:\d\d$/.test(zone) ? zone : ''}`);
  return Number.isFinite(ms) && ms > 0 ? ms : null;
}
