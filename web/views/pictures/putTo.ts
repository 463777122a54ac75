import type { PicturedFish } from '@keeper/contract/pictured';
import { nearestWater } from '@keeper/core/water/nearestWater';
import type { Water } from '@keeper/core/water/water';
import { newId, deviceId } from '../../data/device.js';
import type { CardFile } from '../../data/card.js';
import { addPicture, record } from '../../data/keeper.js';

/** Puts pictures to a fish; those that are there, or were there before, may leave the card. */
export async function putTo(
  { captureId, startedAt, pictures }: Pick<PicturedFish, 'captureId' | 'startedAt' | 'pictures'>,
  files: readonly CardFile[],
): Promise<{ put: string[]; sentence?: string }> {
  const put: string[] = [];
  const story = { captureId, startedAt, pictures: pictures.map((sha256) => ({ sha256, role: null })) };
  for (const { sha256, name, bytes } of files) {
    const came = await addPicture(story, new File([bytes], name, { type: bytes.type })).catch(() => 'no-room' as const);
    if (came === 'no-room') {
      return { put, sentence: `There is no room left on this device for ${name}. It stays on the list.` };
    }
    put.push(sha256);
  }
  return { put };
}

/** Begins a page for a fish of which there are only pictures: the first was taken at the latest when it was on the bank. Its water is
 * the one at which they were taken, where the camera knew. */
export async function newPage(
  files: readonly CardFile[],
  clockOffMs: number,
  waters: readonly Pick<Water, 'id' | 'position'>[],
): Promise<Pick<PicturedFish, 'captureId' | 'startedAt' | 'pictures'>> {
  const times = files
    .flatMap(({ takenMs }) => (takenMs === null ? [] : takenMs + clockOffMs))
    .filter((ms) => ms <= Date.now());
  const fromMs = times.length > 0 ? Math.min(...times) : Date.now();
  const spanMs = times.length > 0 ? Math.max(...times) - fromMs : 0;
  const captureId = newId();
  const startedAt = new Date(fromMs).toISOString();
  const place = files.find((file) => file.place !== null)?.place;
  const water = place && nearestWater(waters, place);
  const head = { captureId, deviceId: deviceId(), at: startedAt };
  await record([
    { ...head, id: newId(), elapsedMs: 0, type: 'hooked', payload: water ? { waterId: water.id } : {} },
    { ...head, id: newId(), elapsedMs: spanMs, type: 'released', payload: {} },
  ]);
  return { captureId, startedAt, pictures: [] };
}
