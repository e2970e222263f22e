import { chromium } from '@playwright/test';
const [who, ...pages] = process.argv.slice(2);
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync'] });
const c = await b.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' }); const p = await c.newPage();
await p.goto('http://127.0.0.1:8437/sign-in'); await p.getByRole('button', { name: new RegExp(who) }).click();
for (const q of pages) { const [n, u] = q.split('='); await p.goto('http://127.0.0.1:8437' + u.replace('~','=')); await p.waitForFunction(() => !document.querySelector('.part-body[aria-busy]')); await p.evaluate(() => document.fonts.ready); await p.screenshot({ path: `/tmp/shots/${n}.png` }); }
await b.close();
