import { chromium } from 'playwright-core';
import { readdirSync } from 'node:fs';
const url = 'http://127.0.0.1:4410';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
page.on('pageerror', (e) => console.log('PAGE ERROR', e.message));
page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text()));
await page.goto(url + '/pictures');
await page.waitForTimeout(1200);
let t = Date.now();
await page.locator('input[type=file]').setInputFiles(readdirSync('/tmp/card').map((f) => '/tmp/card/' + f));
await page.getByText(/40 pictures/).waitFor({ timeout: 60000 });
await page.waitForTimeout(800);
console.log('taken after', Date.now() - t);
console.log((await page.locator('body').innerText()).replace(/\n+/g, ' | ').slice(120, 1800));
await page.screenshot({ path: '/tmp/look3.png' });
await page.reload();
await page.waitForTimeout(2500);
console.log('after reload', await page.locator('h2').allInnerTexts());
await page.getByRole('button', { name: /^Put 40/ }).click();
await page.waitForTimeout(6000);
console.log((await page.locator('body').innerText()).replace(/\n+/g, ' | ').slice(120, 600));
const p = await (await fetch(url + '/api/captures/pictured')).json();
console.log(
  p
    .filter((x) => x.pictures.length)
    .map((x) => x.startedAt.slice(0, 10) + ':' + x.pictures.length)
    .join(' '),
);
await browser.close();
