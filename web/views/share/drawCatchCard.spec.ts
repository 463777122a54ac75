import { wholePicture } from '@keeper/core/pictures/pictureView';
import { CARD_PX, drawCatchCard, type CatchCard } from './drawCatchCard.js';

/** Writes down what is drawn. */
function canvas() {
  const texts: { text: string; x: number; y: number; wide: number }[] = [];
  const images: number[][] = [];
  const boxes: number[][] = [];
  const context = {
    fillStyle: '',
    font: '',
    textAlign: 'left',
    filter: 'none',
    strokeStyle: '',
    lineWidth: 1,
    fillText(text: string, x: number, y: number) {
      // Letters of these faces are less than half as wide as they are tall.
      texts.push({ text, x, y, wide: 0.45 * text.length * Number(/(\d+)px/.exec(this.font)?.[1]) });
    },
    fillRect: (...box: number[]) => boxes.push(box),
    drawImage: (_: unknown, ...at: number[]) => images.push(at),
    ...Object.fromEntries(
      ['save', 'restore', 'beginPath', 'rect', 'clip', 'setTransform', 'moveTo', 'lineTo', 'stroke'].map((name) => [
        name,
        () => undefined,
      ]),
    ),
  };
  return { context: context as unknown as OffscreenCanvasRenderingContext2D, texts, images, boxes };
}

const CARD: CatchCard = {
  fish: 'Mirror carp',
  weight: '23 lb 11 oz',
  giveOrTake: 'give or take 2.6 oz',
  length: '31¼ in',
  date: 'Summer 2026',
  spells: [
    { medium: 'water', fromMs: 0, toMs: 300_000 },
    { medium: 'air', fromMs: 300_000, toMs: 340_000 },
    { medium: 'water', fromMs: 340_000, toMs: 600_000 },
  ],
  untilMs: 600_000,
  handling: '40 s out of the water, released.',
};

test('fish, weight with its doubt, length, date and handling stand on the card, and nothing else', () => {
  const { context, texts } = canvas();
  drawCatchCard(context, CARD);
  expect(texts.map(({ text }) => text)).toEqual([
    ...['Mirror carp', 'Summer 2026', '23 lb 11 oz', 'give or take 2.6 oz', '31¼ in'],
    '40 s out of the water, released.',
  ]);
  for (const { x, y } of texts) expect(x > 0 && x < CARD_PX.width && y > 0 && y < CARD_PX.height).toBe(true);
});

test('a doubt that is a whole sentence stays on the card', () => {
  const { context, texts } = canvas();
  const giveOrTake = 'as read; best estimate 23 lb 11.9 oz, give or take 12.6 oz';
  drawCatchCard(context, { ...CARD, giveOrTake });
  const line = texts.find(({ text }) => text === giveOrTake);
  expect((line?.x ?? 0) + (line?.wide ?? 0)).toBeLessThan(CARD_PX.width);
  // Nothing else stands on its line.
  expect(texts.filter(({ y }) => y === line?.y)).toHaveLength(1);
});

test('what is not known or not shared is left out', () => {
  const { context, texts } = canvas();
  const { weight: _w, giveOrTake: _g, length: _l, ...bare } = CARD;
  drawCatchCard(context, { ...bare, date: '' });
  expect(texts.map(({ text }) => text)).toEqual(['Mirror carp', '40 s out of the water, released.']);
});

test('time in the air stands above the line, time in the water hangs below it', () => {
  const { context, boxes } = canvas();
  drawCatchCard(context, CARD);
  const [first, air, last] = boxes.slice(-3);
  const surface = first?.[1] ?? 0;
  expect(air?.[1]).toBeLessThan(surface);
  expect((air?.[1] ?? 0) + (air?.[3] ?? 0)).toBeCloseTo(surface, 6);
  expect(last?.[1]).toBe(surface);
  // The waterline is to scale: half of the time is half of the line.
  expect(first?.[2]).toBeCloseTo((CARD_PX.width - 140) / 2, 6);
});

test('the picture is drawn twice: beyond its edge its own colours go on', () => {
  const { context, images } = canvas();
  const bitmap = { width: 400, height: 300 } as ImageBitmap;
  drawCatchCard(context, { ...CARD, picture: { bitmap, view: wholePicture({ widthPx: 400, heightPx: 300 }) } });
  expect(images).toEqual([
    [-80, -60, 560, 420],
    [0, 0, 400, 300],
  ]);
});
