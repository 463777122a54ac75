import { shareText } from './text.en-GB.js';
import type { MediumInterval } from '@keeper/core/domain/capture/captureState';
import { viewMatrix, VIEW_SHAPE } from '@keeper/core/pictures/pictureView';
import { type PictureView } from '@keeper/core/domain/capture/pictureReading';

/** What stands on a catch card. There is no field for a place: it cannot slip in. */
export interface CatchCard {
  readonly picture?: { readonly bitmap: ImageBitmap; readonly view: PictureView };
  readonly fish: string;
  readonly weight?: string;
  readonly giveOrTake?: string;
  readonly length?: string;
  readonly date: string;
  readonly spells: readonly MediumInterval[];
  readonly untilMs: number;
  readonly handling: string;
}

export const CARD_PX = { width: 1200, height: 1500 } as const;

const PAPER = '#f3efe4';
const INK = '#1c2422';
const SOFT = '#4d534c';
const WATER = '#2f5560';
const WATER_FILL = '#b9cccb';
const AIR = '#c08a1e';
const BOOK = "'Literata Variable', Georgia, serif";
const PLAIN = "'Commissioner Variable', 'Helvetica Neue', sans-serif";

/** Draws the card. What is drawn is all that leaves: a drawing carries no metadata. */
export function drawCatchCard(context: OffscreenCanvasRenderingContext2D, card: CatchCard): void {
  const { width, height } = CARD_PX;
  context.fillStyle = PAPER;
  context.fillRect(0, 0, width, height);
  const pictureHeight = width / VIEW_SHAPE;
  if (card.picture) drawPicture(context, card.picture, width, pictureHeight);
  else {
    context.fillStyle = WATER_FILL;
    context.fillRect(0, 0, width, pictureHeight);
  }
  const write = (text: string, x: number, y: number, font: string, colour = INK) => {
    context.font = font;
    context.fillStyle = colour;
    context.fillText(text, x, y);
  };
  const left = 70;
  write(card.fish, left, pictureHeight + 110, shareText.px({ book: BOOK }));
  if (card.date) {
    context.textAlign = 'right';
    write(card.date, width - left, pictureHeight + 110, shareText.px2({ plain: PLAIN }), SOFT);
    context.textAlign = 'left';
  }
  if (card.weight) write(card.weight, left, pictureHeight + 230, shareText.px3({ plain: PLAIN }));
  // Its doubt may be a whole sentence: it has a line of its own.
  if (card.giveOrTake) write(card.giveOrTake, left, pictureHeight + 300, shareText.px4({ plain: PLAIN }), SOFT);
  if (card.length) {
    context.textAlign = 'right';
    write(card.length, width - left, pictureHeight + 230, shareText.px5({ plain: PLAIN }));
    context.textAlign = 'left';
  }
  drawWaterline(context, card, left, height - 190, width - 2 * left);
  write(card.handling, left, height - 62, shareText.px6({ plain: PLAIN }), SOFT);
}

function drawPicture(
  context: OffscreenCanvasRenderingContext2D,
  { bitmap, view }: NonNullable<CatchCard['picture']>,
  width: number,
  height: number,
): void {
  context.save();
  context.beginPath();
  context.rect(0, 0, width, height);
  context.clip();
  const [a, b, c, d, e, f] = viewMatrix(view, width);
  const bright = view.stops === 0 ? '' : `brightness(${2 ** view.stops})`;
  // Beyond the edge of the picture its own colours go on, out of focus.
  context.filter = `blur(60px) ${bright}`;
  context.setTransform(a, b, c, d, e, f);
  const { widthPx, heightPx } = view.of;
  context.drawImage(bitmap, -0.2 * widthPx, -0.2 * heightPx, 1.4 * widthPx, 1.4 * heightPx);
  context.filter = bright || 'none';
  context.drawImage(bitmap, 0, 0, widthPx, heightPx);
  context.restore();
}

/** Time in the water hangs below the line, time in the air stands above it. */
function drawWaterline(
  context: OffscreenCanvasRenderingContext2D,
  { spells, untilMs }: CatchCard,
  left: number,
  surface: number,
  wide: number,
): void {
  const fromMs = spells[0]?.fromMs ?? 0;
  const x = (ms: number) => left + (wide * (ms - fromMs)) / Math.max(60_000, untilMs - fromMs);
  for (const { medium, fromMs: from, toMs } of spells) {
    const long = Math.max(3, x(Math.min(toMs ?? untilMs, untilMs)) - x(from));
    context.fillStyle = medium === 'air' ? AIR : WATER_FILL;
    if (medium === 'air') context.fillRect(x(from), surface - 62, long, 62);
    else context.fillRect(x(from), surface, long, 52);
  }
  context.strokeStyle = WATER;
  context.lineWidth = 4;
  context.beginPath();
  context.moveTo(left - 20, surface);
  context.lineTo(left + wide + 20, surface);
  context.stroke();
}
