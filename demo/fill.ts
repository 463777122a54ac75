import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import type { LoggedEvent } from '@keeper/core/domain/outing/event';
import type { PictureFacts } from '@keeper/core/formats/bookJson';
import { MOST_EVENTS } from '@keeper/contract/limits';
import type { KeptSettings } from '@keeper/contract/preferences';
import type { KeptWater } from '@keeper/contract/waters';
import { HABIT, KIT, RIGS, SWIMS } from './bank.js';
import { cardPictures } from './card.js';
import { demoCaptures } from './captures.js';
import { demoKnown } from './known.js';
import { MEETINGS } from './meetings.js';
import { demoOutings } from './outings.js';
import { picturesOf } from './pictures.js';
import { demoRehearsals } from './rehearsals.js';
import { paintAll } from './studio.js';
import { WATERS } from './waters.js';

/**
 * Fills a running server's book with the demo world, through the same addresses that a phone uses. All ids come from
 * the seed, so filling again, or going on after a break, enters nothing twice.
 */
async function fill(url: string, mostPictures: number): Promise<void> {
  const waters = await call<KeptWater[]>(`${url}/api/waters`);
  for (const { id, ...water } of WATERS) {
    if (!waters.some((each) => each.id === id)) {
      await call(`${url}/api/waters/${id}`, json('PUT', { ...water, revision: 0 }));
    }
  }
  const captures = demoCaptures();
  const known = demoKnown(captures);
  for (const [kind, rows] of [
    ['swims', SWIMS],
    ['rigs', RIGS],
    ['kit', KIT],
    ['meetings', MEETINGS],
    ['rehearsals', demoRehearsals()],
    ['fish', known.map(({ row }) => row)],
  ] as const) {
    const standing = new Set((await call<{ id: string }[]>(`${url}/api/${kind}`)).map(({ id }) => id));
    for (const { id, ...row } of rows) {
      if (!standing.has(id))
        await call(`${url}/api/${kind}/${id}`, json('PUT', { ...row, retired: false, revision: 0 }));
    }
  }
  const { updatedAt: _at, ...ways } = await call<KeptSettings>(`${url}/api/settings`);
  if (ways.revision === 0) await call(`${url}/api/settings`, json('PUT', { ...ways, habit: HABIT }));
  const days = demoOutings();
  for (let i = 0; i < days.length; i += MOST_EVENTS) await append(url, days.slice(i, i + MOST_EVENTS));
  const events = [...captures, ...known].flatMap((each) => each.events);
  for (let i = 0; i < events.length; i += MOST_EVENTS) await append(url, events.slice(i, i + MOST_EVENTS));

  const pictures = captures.toReversed().flatMap(picturesOf).slice(0, mostPictures);
  process.stdout.write(
    `${captures.length} captures are in the demo book; painting ${pictures.length} pictures of them…\n`,
  );
  // Ids are drawn before painting: which painter is done first must not change them.
  const tasks = pictures.map((picture) => ({
    ...picture,
    added: picture.capture.make('picture-added', picture.takenAtMs - picture.capture.takenAtMs, {
      sha256: '',
      role: picture.role,
    }),
  }));
  await paintAll(tasks, async ({ added }, jpeg) => {
    const form = new FormData();
    form.append('file', new Blob([jpeg.slice()], { type: 'image/jpeg' }), 'fish.jpg');
    const { sha256 } = await call<PictureFacts>(`${url}/api/pictures`, { method: 'POST', body: form });
    await append(url, [{ ...added, payload: { ...added.payload, sha256 } } as CaptureEvent]);
    await call(`${url}/api/pictures/${sha256}?size=thumb`);
  });
}

async function append(url: string, events: readonly LoggedEvent[]): Promise<void> {
  await call(`${url}/api/events`, json('POST', { events }));
}

function json(method: string, body: object): RequestInit {
  return { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) };
}

async function call<T>(address: string, init?: RequestInit): Promise<T> {
  const answer = await fetch(address, init);
  if (!answer.ok) throw new Error(`${address} answered ${answer.status}: ${await answer.text()}`);
  return (answer.headers.get('content-type')?.includes('json') ? await answer.json() : undefined) as T;
}

/** Leaves a camera's card beside the book: pictures that wait to be put to their fish, and a file that is none. */
async function leaveCard(folder: string, most: number): Promise<void> {
  await mkdir(folder, { recursive: true });
  const tasks = cardPictures(demoCaptures()).slice(0, most);
  process.stdout.write(`Painting the ${tasks.length} pictures of a camera's card into ${folder}…\n`);
  await paintAll(tasks, ({ name }, jpeg) => writeFile(join(folder, name), jpeg));
  await writeFile(join(folder, 'P1080.jpg'), 'The camera was switched off while it wrote this.');
}

const { values } = parseArgs({
  options: {
    url: { type: 'string' },
    pictures: { type: 'string' },
    card: { type: 'string' },
    cardPictures: { type: 'string' },
  },
});
await fill(values.url ?? 'http://127.0.0.1:4310', Number(values.pictures ?? Infinity));
if (values.card) await leaveCard(values.card, Number(values.cardPictures ?? Infinity));
