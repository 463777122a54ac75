import { chromium } from 'playwright-core';
const url = 'http://127.0.0.1:4410';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
page.on('pageerror', (e) => console.log('PAGE ERROR', e.message));
page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text()));
const tap = async (name) => {
  await page.getByRole('button', { name, exact: true }).first().click({ timeout: 8000 });
  await page.waitForTimeout(400);
};
await page.goto(url);
await page.waitForTimeout(1000);
await page.getByRole('button', { name: /^Fish on/ }).click();
await page.waitForTimeout(600);
await tap('In the net');
await tap('Hook out');
await tap('Lift');
await tap('Camera');
await page.waitForTimeout(1200);
console.log((await page.locator('body').innerText()).replace(/\n+/g, ' | ').slice(0, 600));
await tap('Use the simulated camera');
await page.waitForTimeout(5000);
for (let i = 0; i < 6; i++) {
  await page.waitForTimeout(900);
  console.log(
    await page.locator('[data-looks-a-second]').evaluate((e) => e.textContent + ' @' + e.dataset.looksASecond),
  );
}
await page.screenshot({ path: '/tmp/look4.png' });
await tap('Take it');
await page.waitForTimeout(2500);
console.log((await page.locator('body').innerText()).replace(/\n+/g, ' | ').slice(0, 500));
await page.getByRole('button', { name: /Clip/ }).click();
await page.getByText('The best of the clip').waitFor({ timeout: 40000 });
await page.waitForTimeout(500);
await page.screenshot({ path: '/tmp/look5.png', fullPage: true });
await browser.close();
