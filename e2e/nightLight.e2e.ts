import type { Page } from '@playwright/test';
import { expect, fishOn, step, test } from './keeperTest.js';

/** Mean brightness of a picture, 0 to 255, measured in a page of its own. */
function brightness(scale: Page, png: string): Promise<number> {
  return scale.evaluate(async (data) => {
    const image = new Image();
    image.src = `data:image/png;base64,${data}`;
    await image.decode();
    const canvas = new OffscreenCanvas(24, 24);
    const drawing = canvas.getContext('2d');
    if (!drawing) throw new Error('Nothing to draw on.');
    drawing.drawImage(image, 0, 0, 24, 24);
    const { data: pixels } = drawing.getImageData(0, 0, 24, 24);
    let sum = 0;
    for (let i = 0; i < pixels.length; i += 4)
      sum += ((pixels[i] ?? 0) + (pixels[i + 1] ?? 0) + (pixels[i + 2] ?? 0)) / 3;
    return sum / (pixels.length / 4);
  }, png);
}

test('at night nothing flashes: not at a reload, not on the way into the run, not when a panel opens', async ({
  page,
  server,
  context,
}) => {
  await page.addInitScript(() => localStorage.setItem('keeper.light', 'night'));
  await page.goto(server.url);
  await page.getByRole('heading', { name: 'At the water' }).waitFor();
  const frames: string[] = [];
  const protocol = await context.newCDPSession(page);
  protocol.on('Page.screencastFrame', ({ data, sessionId }) => {
    frames.push(data);
    void protocol.send('Page.screencastFrameAck', { sessionId });
  });
  await protocol.send('Page.startScreencast', { format: 'png', maxWidth: 320, maxHeight: 320, everyNthFrame: 1 });
  await fishOn(page, server);
  await step(page, 'Lift', 'lifted');
  await page.getByRole('button', { name: 'Mark a wound' }).click();
  await page.getByRole('application').waitFor();
  await page.reload();
  await step(page, 'Hold it upright', 'held upright');
  for (const place of ['/book', '/settings', '/rehearse', '/']) {
    await page.goto(`${server.url}${place}`);
    await page.getByRole('heading', { level: 1 }).waitFor();
  }
  await protocol.send('Page.stopScreencast');
  const scale = await context.newPage();
  const seen = await Promise.all(frames.map((frame) => brightness(scale, frame)));
  expect(seen.length).toBeGreaterThan(8);
  expect(Math.max(...seen)).toBeLessThan(70);
});
