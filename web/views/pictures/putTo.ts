import { picturesText } from './text.en-GB.js';
import type { PicturedFish } from '@keeper/contract/pictured';
import { nearestWater } from '@keeper/core/domain/water/nearestWater';
import type { Water } from '@keeper/core/domain/water/water';
import { newId, deviceId } from '../../data/device.js';
import type { CardFile } from '../../data/card.js';
import { localInput } from '../../parts/when.js';
import { addPicture } from '../../data/addPicture.js';
import { makeEvent, record } from '../../data/record.js';
import { ofKeeper } from '../../data/whose.js';
import { outbox } from '../../data/deviceOutbox.js';

type Fish = Pick<PicturedFish, 'captureId' | 'begunAt' | 'pictures'>;

/** What was put somewhere, so that it can be taken back. */
export interface Put {
  readonly fish: Fish;
  /** The page was begun for them: it goes with them. */
  readonly isNew: boolean;
  readonly files: readonly CardFile[];
  /** The entries that put them there. */
  readonly eventIds: readonly string[];
}

/** Puts pictures to a fish; those that are there, or were there before, may leave the card. */
export async function putTo(
  fish: Fish,
  files: readonly CardFile[],
  isNew = false,
): Promise<{ put: Put; sentence?: string }> {
  const done: CardFile[] = [];
  const eventIds: string[] = [];
  const { captureId, begunAt, pictures } = fish;
  const state = { captureId, begunAt, pictures: pictures.map((sha256) => ({ sha256, role: null })) };
  for (const file of files) {
    const { sha256, name, bytes } = file;
    const came = await addPicture(state, new File([bytes], name, { type: bytes.type })).catch(() => 'no-room' as const);
    if (came === 'no-room') {
      const sentence = picturesText.thereIsNoRoom({ name });
      return { put: { fish, isNew, files: done, eventIds }, sentence };
    }
    done.push(file);
    const event = came === 'added' ? addedAs(captureId, sha256) : undefined;
    if (event) eventIds.push(event);
  }
  return { put: { fish, isNew, files: done, eventIds } };
}

/** The entry that put a picture to a fish, as this device made it. */
function addedAs(captureId: string, sha256: string): string | undefined {
  return outbox
    .snapshot()
    .events.findLast(
      ({ event }) => event.type === 'picture-added' && event.captureId === captureId && event.payload.sha256 === sha256,
    )?.event.id;
}

/**
 * Takes back what was put somewhere: a page that was begun for it is struck out, from others the pictures are taken
 * again.
 */
export async function takeBack(puts: readonly Put[]): Promise<void> {
  await record(
    puts.flatMap(({ fish: { captureId, begunAt }, isNew, eventIds }) =>
      isNew
        ? [makeEvent(captureId, begunAt, 'discarded', {})]
        : eventIds.map((eventId) => makeEvent(captureId, begunAt, 'undone', { eventId })),
    ),
  );
}

/** When pictures are of: by their own dates with the clock set right, or on the day that the keeper says. */
export interface PictureTimes {
  readonly clockOffMs: number;
  /** Where the camera wrote no date, or one that is still to come. */
  readonly saidMs?: number;
}

/**
 * Begins a page for a fish of which there are only pictures: the first was taken at the latest when it was on the bank.
 * Its water is the one at which they were taken, where the camera knew.
 */
export async function newPage(
  files: readonly CardFile[],
  { clockOffMs, saidMs }: PictureTimes,
  waters: readonly Pick<Water, 'id' | 'position'>[],
): Promise<Fish> {
  const times =
    saidMs !== undefined
      ? [saidMs]
      : files.flatMap(({ takenMs }) => (takenMs === null ? [] : takenMs + clockOffMs)).filter((ms) => ms <= Date.now());
  const fromMs = times.length > 0 ? Math.min(...times) : Date.now();
  const spanMs = times.length > 0 ? Math.max(...times) - fromMs : 0;
  const captureId = newId();
  const begunAt = new Date(fromMs).toISOString();
  const isDay = saidMs !== undefined || files.every(({ dayOnly }) => dayOnly);
  const day = localInput(fromMs).slice(0, 10);
  const place = files.find((file) => file.place !== null)?.place;
  const water = place && nearestWater(waters, place);
  const head = { captureId, deviceId: deviceId(), at: begunAt };
  await record([
    {
      ...head,
      id: newId(),
      elapsedMs: 0,
      type: 'hooked',
      payload: {
        from: 'pictures',
        ...ofKeeper(),
        ...(water && { waterId: water.id }),
        // Of a day that was said or stands in a name no time is known, and none is made up.
        ...(isDay && { dated: { as: 'day', from: day, to: day } }),
      },
    },
    { ...head, id: newId(), elapsedMs: spanMs, type: 'released', payload: {} },
  ]);
  return { captureId, begunAt, pictures: [] };
}
