import { chromium } from 'playwright-core';
const url = 'http://127.0.0.1:4410';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
page.on('pageerror', (e) => console.log('PAGE ERROR', e.message));
page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text()));
const rows = (await (await fetch(url + '/api/captures?limit=60')).json()).rows.filter(
  (r) => r.pictureCount > 0 && r.species === (process.argv[2] ?? 'carp'),
);
const c = rows[Number(process.argv[3] ?? 0)];
const ev = await (await fetch(url + '/api/captures/' + c.captureId)).json();
const sha = ev.events.find((e) => e.type === 'picture-added').payload.sha256;
await page.goto(`${url}/pictures/${c.captureId}/${sha}`);
await page.waitForTimeout(3500);
await page.screenshot({ path: '/tmp/look1.png' });
console.log((await page.locator('body').innerText()).replace(/\n+/g, ' | ').slice(150, 1200));
await page.getByRole('button', { name: 'Lay it straight' }).click();
await page.waitForTimeout(2500);
await page.screenshot({ path: '/tmp/look2.png', fullPage: true });
await browser.close();
