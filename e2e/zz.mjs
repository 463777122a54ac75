import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--headless','--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync'] });
const ctx = await b.newContext({ viewport: { width: 390, height: 844 } });
const p = await ctx.newPage();
p.on('console', m => console.log('console', m.type(), m.text()));
p.on('pageerror', e => console.log('pageerror', e.message));
await p.goto('http://127.0.0.1:4555/');
await p.getByRole('button', { name: /Fish on/ }).click();
await p.waitForURL(/run/);
for (const s of ['In the net','Hook out','Lift','Weigh']) { await p.waitForTimeout(900); await p.getByRole('button', { name: s, exact: true }).click(); }
await p.waitForTimeout(300);
await p.screenshot({ path: '/tmp/shots/weigh.png' });
await p.getByRole('button', {name: '2', exact: true}).click();
await p.getByRole('button', {name: '3', exact: true}).click();
await p.getByRole('button', {name: /take this weight/}).click();
await p.waitForTimeout(300);
await p.screenshot({ path: '/tmp/shots/run.png' });
for (const s of ['Picture','Back in the water','Released']) { await p.waitForTimeout(900); await p.getByRole('button', { name: s, exact: true }).click(); }
await p.getByRole('link', { name: 'Write it up' }).click();
await p.waitForTimeout(800);
await p.screenshot({ path: '/tmp/shots/writeup.png', fullPage: true });
await b.close();
