import { shareText } from './text.en-GB.js';
import { CARD_PX, drawCatchCard, type CatchCard } from './drawCatchCard.js';

/** The card as a picture. Its fonts are waited for. */
export async function cardPicture(card: CatchCard): Promise<Blob> {
  await Promise.all([
    document.fonts.load("600 64px 'Literata Variable'"),
    document.fonts.load("700 92px 'Commissioner Variable'"),
  ]);
  const canvas = new OffscreenCanvas(CARD_PX.width, CARD_PX.height);
  const context = canvas.getContext('2d');
  if (!context) throw new Error(shareText.thisBrowserDrawsNo);
  drawCatchCard(context, card);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.92 });
}

/**
 * The card as one page of a PDF, half an A4 sheet wide. Neither a date of making nor the maker's machine stands in it.
 */
export async function cardPdf(picture: Blob, title: string): Promise<Blob> {
  const { PDFDocument } = await import('pdf-lib');
  const document = await PDFDocument.create({ updateMetadata: false });
  const image = await document.embedJpg(await picture.arrayBuffer());
  const width = 420;
  const height = (width * CARD_PX.height) / CARD_PX.width;
  document.addPage([width, height]).drawImage(image, { x: 0, y: 0, width, height });
  document.setTitle(title);
  return new Blob([(await document.save()).slice()], { type: 'application/pdf' });
}

/** A picture drawn anew at its full size: nothing that the camera wrote goes with it. */
export async function bareCopy(original: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(original);
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0);
  bitmap.close();
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.93 });
}

/** Hands a file to the keeper. */
export function handOver(bytes: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(bytes);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}
