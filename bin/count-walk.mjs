// A complete job on the walk, as a technician does it: counts what is asked, taps and keys that go on, pages that are loaded, changes of
// place, and what the server took; with TAPS=1 also where the taps went. Usage: node bin/count-walk.mjs BASE_URL "car, slave, new clutch" ...
import { execFileSync } from 'node:child_process';
import { chromium } from '@playwright/test';

const [base, ...names] = process.argv.slice(2);
const flags = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'];
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
console.log('job'.padEnd(36), 'asked  boxes  taps  pages  places  server s  left');
for (const name of names) {
    const job = JSON.parse(execFileSync('php', ['tests/Support/walk.php', name], { encoding: 'utf8' }));
    const answers = Object.assign({}, ...Object.values(job.walk));
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' })).newPage();
    const counted = { asked: 0, boxes: 0, taps: 0, pages: 0, places: 0, server: 0 };
    page.on('framenavigated', (frame) => frame === page.mainFrame() && counted.pages++);
    page.on('response', async (answer) => {
        await answer.finished().catch(() => {});
        const { requestStart, responseStart } = answer.request().timing();
        counted.server += answer.request().resourceType() === 'fetch' || ['document', 'xhr'].includes(answer.request().resourceType())
            ? Math.max(0, responseStart - requestStart) / 1000 : 0;
    });
    await page.goto(`${base}/sign-in`);
    await page.getByRole('button', { name: /^Ines/ }).click();
    await page.waitForURL(`${base}/`);
    Object.assign(counted, { pages: 0, server: 0 });
    await page.goto(`${base}/new-job`);
    await page.getByRole('textbox', { name: /^Vehicle/ }).fill(job.name);
    await page.getByRole('textbox', { name: 'Plate', exact: true }).fill(`WK ${Date.now() % 100000}`);
    await page.getByLabel({ car: 'Car', van: 'Van', truck: 'Truck', tractor: 'Tractor' }[job.class], { exact: true }).check();
    await page.getByRole('button', { name: 'Open the job' }).click();
    counted.boxes += 2;
    counted.taps += 2;
    await page.waitForURL(/intake/);
    const at = new URL(page.url()).pathname.replace(/\/intake$/, '');
    await page.goto(`${base}${at}/walk`);
    await page.waitForSelector('html.js');
    const key = () => page.evaluate(() => document.querySelector('#cards .card:not([hidden])')?.dataset.step ?? null);
    const order = async () => (await page.locator('#way').getAttribute('data-order')).split(' ').filter(Boolean);
    let place = '';
    const tapsAt = {};
    const unanswered = new Set();
    for (;;) {
        const open = (await order()).filter((k) => (answers[k] !== undefined || k.includes('.done_')) && !unanswered.has(k));
        const now = await key();
        if (open.length === 0 || now === null) {
            break;
        }
        const card = page.locator('#cards .card:not([hidden])');
        const from = await card.getAttribute('data-from');
        const shape = await card.getAttribute('data-shape');
        if ((answers[now] === undefined && shape !== 'bolts') || shape === 'elsewhere') {
            unanswered.add(now);
            await card.getByRole('button', { name: 'Go on' }).click();
            await page.waitForFunction((k) => document.querySelector('#cards .card:not([hidden])')?.dataset.step !== k, now);
            continue;
        }
        counted.places += from !== '' && place !== '' && from !== place ? 1 : 0;
        place = from || place;
        counted.asked++;
        const before = counted.taps;
        const values = [answers[now]].flat();
        if (shape === 'together') {
            const steps = (await card.getAttribute('data-steps')).split(' ').filter((k) => answers[k] !== undefined);
            counted.asked += steps.length - 1;
            if (steps.every((k) => answers[k] === 'done')) {
                counted.taps++;
                await card.locator('[data-all]').click();
            } else {
                for (const k of steps) {
                    counted.taps++;
                    await card.locator(`[data-field="${k}"] [data-tap][value="${answers[k]}"]`).click();
                }
            }
            await page.waitForFunction((k) => document.querySelector('#cards .card:not([hidden])')?.dataset.step !== k, now);
        } else if ((await card.locator('[data-every]').count()) > 0 && values.length === (await card.locator('input[type=checkbox]').count())) {
            counted.taps++;
            await card.locator('[data-every]').click();
        } else if (shape === 'bolts') {
            // A round at a time: who ticks each bolt taps as often as there are bolts.
            const shown = (k) => {
                const there = document.querySelector('#cards .card:not([hidden])');
                const left = document.querySelector('#way').dataset.order.split(' ');
                return there?.dataset.step === k && there.dataset.steps.split(' ').some((s) => left.includes(s)) ? there.querySelector('.rounds .now')?.textContent : null;
            };
            for (let round = await page.evaluate(shown, now); round !== null; round = await page.evaluate(shown, now)) {
                counted.taps++;
                await card.locator('.bolt-round').click();
                await page.waitForFunction(([k, was]) => {
                    const there = document.querySelector('#cards .card:not([hidden])');
                    return there?.dataset.step !== k || there.querySelector('.rounds .now')?.textContent !== was;
                }, [now, round]);
            }
        } else if (shape === 'taps') {
            counted.taps++;
            await card.locator(`[data-tap][value="${values[0]}"]`).click();
        } else if (shape === 'looked' || (await card.locator('input[type=checkbox]').count()) > 0) {
            for (const value of values) {
                const tick = card.locator(`input[type=checkbox][value="${value}"]`);
                await tick.evaluate((t) => t.closest('details')?.setAttribute('open', ''));
                await Promise.all([page.waitForResponse((r) => r.request().method() === 'POST'), tick.check()]);
                counted.taps++;
            }
        } else {
            for (const [i, value] of values.entries()) {
                const box = card.locator('[data-entry]:not([type=hidden])').nth(i);
                counted.boxes++;
                if ((await box.evaluate((e) => e.tagName)) === 'SELECT') {
                    counted.taps++;
                    await Promise.all([page.waitForResponse((r) => r.request().method() === 'POST'), box.selectOption(value)]);
                } else if ((await box.evaluate((e) => e.tagName)) === 'TEXTAREA') {
                    await box.fill(value);
                    await Promise.all([page.waitForResponse((r) => r.request().method() === 'POST'), box.press('Enter')]);
                } else {
                    await box.fill(value);
                    await box.press('Enter');
                }
            }
        }
        const isOn = (k) => document.querySelector('#cards .card:not([hidden])')?.dataset.step !== k;
        // What is out is seen first, and ticks can be several: one tap more.
        if (!(await page.waitForFunction(isOn, now, { timeout: 1500 }).catch(() => false))) {
            counted.taps++;
            await page.evaluate((k) => document.querySelector(`#cards .card[data-step="${k}"]:not([hidden]) [data-on]`)?.click(), now);
            await page.waitForFunction(isOn, now, { timeout: 5000 }).catch(() => unanswered.add(now));
        }
        tapsAt[`${shape} ${now}`] = counted.taps - before;
    }
    const rest = await order();
    console.log(name.padEnd(36), String(counted.asked).padStart(5), String(counted.boxes).padStart(6), String(counted.taps).padStart(5),
        String(counted.pages).padStart(6), String(counted.places).padStart(7), counted.server.toFixed(1).padStart(9), ` ${rest.length}: ${rest.slice(0, 8).join(' ')}`);
    if (process.env.TAPS) {
        console.log(Object.entries(tapsAt).filter(([, n]) => n).map(([k, n]) => `  ${n} ${k}`).join('\n'));
    }
    await page.context().close();
}
await browser.close();
