// Takes a picture of each main view of a running demo: node bin/shots.mjs BASE_URL OUT_FOLDER [name ...]
import { chromium } from '@playwright/test';

const [base, out, ...only] = process.argv.slice(2);
const flags = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'];
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
const desk = { width: 1280, height: 800 };
const tablet = { width: 800, height: 1180 };
const views = [
    ['people', '/people', desk, { as: 'Ines' }],
    ['bay', '/', desk, {}],
    ['walk', '/jobs/2/walk?at=flywheel', { width: 360, height: 740 }, {}],
    ['triage', '/jobs/11/triage', desk, {}],
    ['demand', '/jobs/2/demand', desk, {}],
    ['strip', '/jobs/2/strip?part=disc#part-disc', desk, {}],
    ['strip-two-stage', '/jobs/12/strip?part=two_stage#part-two_stage', tablet, {}],
    ['kit', '/jobs/2/kit', desk, {}],
    ['kit-page', '/jobs/2/kit/428', desk, {}],
    ['bench', '/jobs/10/bench', desk, {}],
    ['fit', '/jobs/13/fit', desk, {}],
    ['set', '/jobs/10/set', desk, {}],
    ['prove', '/jobs/10/prove', desk, {}],
    ['plan', '/jobs/2/plan', desk, {}],
    ['board', '/board', desk, {}],
    ['vehicle', '/vehicles/13', desk, {}],
    ['record', '/jobs/10/record', desk, {}],
    ['practice', '/set', desk, { practised: 'P-15' }],
    ['driving', '/jobs/10/driving', desk, {}],
    ['sheet', '/jobs/1/sheet', desk, { full: true }],
];
for (const [name, path, viewport, { dark, full, as, practised }] of views) {
    if (only.length && !only.includes(name)) {
        continue;
    }
    const context = await browser.newContext({ viewport, colorScheme: dark ? 'dark' : 'light', locale: 'en-GB' });
    const page = await context.newPage();
    await page.goto(`${base}/sign-in`);
    await page.getByRole('button', { name: new RegExp(as ?? 'Bram') }).click();
    if (practised) {
        await page.goto(`${base}/practice`);
        await page.getByLabel(/^Vehicle/).first().fill(practised);
        await page.getByRole('button', { name: 'To the stations' }).click();
        await page.waitForURL(/practising/);
    }
    await page.goto(practised ? page.url().replace(/\/intake$/, path) : base + path);
    await page.waitForFunction(() => !document.querySelector('.part-body[aria-busy]'));
    await page.evaluate(() => location.hash && document.querySelector(location.hash)?.scrollIntoView());
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: `${out}/${name}.png`, fullPage: full === true });
    await context.close();
}
await browser.close();
