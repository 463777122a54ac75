import { chromium } from 'playwright-core';
const url = 'http://127.0.0.1:4410';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
page.on('pageerror', (e) => console.log('PAGE ERROR', e.message));
page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text()));
const rows = (await (await fetch(url + '/api/captures/pictured')).json()).filter(
  (r) => r.pictures.length >= 5 && r.species === 'carp',
);
const c = rows[0];
const cap = c.captureId;
let t = Date.now();
await page.goto(`${url}/pictures/${cap}/${c.pictures[0]}`);
await page.getByRole('button', { name: 'Lay it straight' }).click();
console.log('bench ready', Date.now() - t);
await page.waitForTimeout(1000);
for (const sha of c.pictures.slice(1)) {
  await page.goto(`${url}/pictures/${cap}/${sha}`);
  await page
    .getByRole('button', { name: 'Lay it straight' })
    .click({ timeout: 8000 })
    .catch(() => console.log('no fish in', sha.slice(0, 6)));
  await page.waitForTimeout(700);
}
await page.goto(`${url}/pictures/${cap}/${c.pictures[0]}`);
await page.waitForTimeout(9000);
console.log((await page.locator('body').innerText()).replace(/\n+/g, ' | ').slice(150, 2500));
await page.screenshot({ path: '/tmp/look6.png', fullPage: true });
const beside = page.getByRole('link', { name: 'Lay it beside' }).first();
if (await beside.isVisible()) {
  await beside.click();
  await page.waitForTimeout(1500);
  await page.getByRole('radio', { name: 'Wiped across' }).click();
  await page.waitForTimeout(800);
  await page.screenshot({ path: '/tmp/look7.png' });
} else console.log('no beside');
await page.goto(`${url}/book/${cap}/share`);
await page.waitForTimeout(2500);
await page.screenshot({ path: '/tmp/look8.png' });
await browser.close();
