import { dataText } from './text.en-GB.js';
import { createStore, delMany, entries, get, set } from 'idb-keyval';
import { MOST_PICTURE_BYTES } from '@keeper/contract/limits';
import { nameDate } from '@keeper/core/pictures/nameDate';
import { localInput } from '../parts/when.js';
import { written } from '../text/language.js';
import { cameraAdvice, type CameraAdvice } from './cameraAdvice.js';
import { ownCopy } from './ownCopy.js';
import { hasRoomFor } from './storageQuota.js';
import { sha256Of } from './sha256.js';

/** A picture off the card that lies on this device until it is put to a fish or sent away. */
export interface CardFile extends CameraAdvice {
  readonly sha256: string;
  readonly name: string;
  /** The camera wrote no time: the day stands in the name of the file, or of its folder. */
  readonly dayOnly?: boolean;
  readonly bytes: File;
  /** A small copy to look at: hundreds of originals on one page would take all memory. */
  readonly thumb: Blob;
}

/** A file that was not taken, and why. */
export interface NotTaken {
  readonly name: string;
  readonly why: string;
}

const store = createStore('keeper-card', 'files');
const TO_COME = 'keeper.card.toCome';
const THUMB_WIDTH = 320;

/** What was laid on this device and has not been put anywhere yet: a reload loses nothing. */
export async function cardFiles(): Promise<CardFile[]> {
  return (await entries<string, CardFile>(store)).map(([, file]) => file);
}

export async function letGo(sha256s: readonly string[]): Promise<void> {
  await delMany([...sha256s], store);
}

/** Lays files back that were let go a moment ago. */
export async function layBack(files: readonly CardFile[]): Promise<void> {
  for (const file of files) await set(file.sha256, file, store);
}

/** How many were still to come when the page was left in the middle of a card; 0 when none was. */
export function stillToCome(): number {
  return Number(localStorage.getItem(TO_COME) ?? 0);
}

/** What was left is not wanted any more. */
export function forgetToCome(): void {
  localStorage.removeItem(TO_COME);
}

/**
 * Takes files one after the other, each kept before the next is touched. A bad one stops nothing: it comes back with
 * its reason. What lies here already is not read again, so that a card can be dropped once more after a reload and goes
 * on where it stood. `onTaken` hears of each as it is done; `stopped` is asked before each.
 */
export async function takeCard(
  files: readonly File[],
  { onTaken, stopped }: { onTaken: (done: number, taken: CardFile | NotTaken) => void; stopped: () => boolean },
): Promise<void> {
  const here = new Map((await cardFiles()).map((taken) => [fileMark(taken.bytes), taken]));
  let done = 0;
  for (const file of files) {
    if (stopped()) break;
    localStorage.setItem(TO_COME, String(files.length - done));
    const taken =
      here.get(fileMark(file)) ??
      (await takeOne(file).catch((): NotTaken => ({ name: file.name, why: dataText.itCouldNotBe })));
    done += 1;
    onTaken(done, taken);
  }
  forgetToCome();
}

/** As much as tells a file of a card from the others without reading it. */
function fileMark({ name, size, lastModified }: File): string {
  return `${name} ${size} ${lastModified}`;
}

async function takeOne(onCard: File): Promise<CardFile | NotTaken> {
  const { name } = onCard;
  if (onCard.size > MOST_PICTURE_BYTES) return { name, why: dataText.itIsLargerThan };
  const file = await ownCopy(onCard);
  const thumb = await thumbOf(file);
  if (!thumb) {
    const heic = /\.hei[cf]$/i.test(name);
    return {
      name,
      why: heic ? dataText.heicCannotBeRead : dataText.itIsNotA,
    };
  }
  if (!(await hasRoomFor(file.size))) return { name, why: dataText.thereIsNoRoom };
  const advice = await cameraAdvice(file);
  const taken: CardFile = {
    name,
    bytes: file,
    thumb,
    sha256: await sha256Of(file),
    ...advice,
    ...(advice.takenMs === null && takenByName(onCard)),
  };
  // The same bytes under another name: the name that says when it was taken counts.
  const twin = await get<CardFile>(taken.sha256, store);
  if (twin && twin.takenMs !== null && taken.takenMs === null) return twin;
  await set(taken.sha256, taken, store);
  return taken;
}

/** When a picture was taken by its name, where its camera wrote nothing: at a time, or at noon of a day. */
function takenByName({ name, webkitRelativePath }: File): Partial<Pick<CardFile, 'takenMs' | 'dayOnly'>> {
  const today = localInput(Date.now()).slice(0, 10);
  const named = nameDate(webkitRelativePath || name, { dayFirst: written.dates === 'day-first', today });
  if (!named) return {};
  return { takenMs: Date.parse(`${named.day}T${named.time ?? '12:00:00'}`), dayOnly: named.time === null };
}

/** A small copy, upright; undefined when the file is no picture that can be read here. */
async function thumbOf(file: File): Promise<Blob | undefined> {
  const bitmap = await createImageBitmap(file, { resizeWidth: THUMB_WIDTH, resizeQuality: 'medium' }).catch(
    () => undefined,
  );
  if (!bitmap) return undefined;
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0);
  bitmap.close();
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.8 });
}
