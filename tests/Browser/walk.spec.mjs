import { expect, kept, listening, newCar, patient, signIn, test, watch } from './helpers.mjs';
import { seriousFindings } from './screens.mjs';

/* The walk: one thing after the other, on three sizes, by hand, tap, swipe and instrument, with the server gone in between. */

const shown = (page) => page.locator('#cards .card:not([hidden])');
const asked = (page) => shown(page).getAttribute('data-step');
const left = async (page) => (await page.locator('#way').getAttribute('data-order')).split(' ');

async function walkTo(page, key) {
    for (let i = 0; (await asked(page)) !== key; i++) {
        expect(i).toBeLessThan(80);
        const before = await asked(page);
        await shown(page).getByRole('button', { name: 'Go on' }).click();
        await expect.poll(() => asked(page)).not.toBe(before);
    }
}

for (const [name, viewport] of [['a phone', { width: 360, height: 740 }], ['a tablet held upright', { width: 768, height: 1024 }], ['a desk', { width: 1280, height: 800 }]]) {
    test(`on ${name} each thing stands without scrolling, large enough for gloves`, async ({ page }) => {
        await page.setViewportSize(viewport);
        await signIn(page);
        for (const job of [2, 4, 5, 7, 13]) {
            await page.goto(`/jobs/${job}/walk`);
            await listening(page);
            const wrong = await page.evaluate(() => {
                const found = [];
                for (const card of document.querySelector('#cards').children) {
                    for (const each of document.querySelector('#cards').children) {
                        each.hidden = each !== card;
                    }
                    const root = document.documentElement;
                    if (root.scrollHeight > innerHeight || root.scrollWidth > innerWidth) {
                        found.push(`${card.dataset.step} wants ${root.scrollWidth}×${root.scrollHeight}`);
                    }
                    for (const target of card.querySelectorAll('button, summary, a, input:not([type=hidden]):not([type=checkbox]), label')) {
                        const { width, height } = target.getBoundingClientRect();
                        if (width > 0 && (height < 48 || width < 44)) {
                            found.push(`${card.dataset.step}: ${target.textContent.trim() || target.name} is ${width}×${height}`);
                        }
                    }
                }
                return found;
            });
            expect(wrong).toEqual([]);
        }
    });
}

test('by keyboard: a reading at three places, its verdict, and on; what is out is seen first', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await newCar(page, 'Walking hatch', 'WALK 1');
    await page.goto(`${job}/walk?at=flywheel`);
    await listening(page);
    await walkTo(page, 'flywheel.flatness');
    for (const reading of ['0.30', '0.31', '0.30']) {
        await page.keyboard.type(reading);
        await page.keyboard.press('Enter');
    }
    await expect(page.locator('#said-flywheel-flatness')).toContainText('0.31');
    await expect(page.locator('#said-flywheel-flatness')).toHaveAttribute('data-verdict', 'out');
    expect(await asked(page)).toBe('flywheel.flatness');
    await page.keyboard.press('Enter');
    await expect(page.locator('#just')).toContainText('0.31');
    await expect.poll(() => asked(page)).not.toBe('flywheel.flatness');
    expect(await left(page)).not.toContain('flywheel.flatness');
    // Far from its neighbours: asked once more, and taken when it comes out twice.
    await page.goto(`${job}/walk?at=bench`);
    await listening(page);
    await walkTo(page, 'disc.thickness');
    for (const reading of ['7.8', '7.9', '3.2']) {
        await page.keyboard.type(reading);
        await page.keyboard.press('Enter');
    }
    await expect(page.locator('#meta-disc-thickness-2')).toContainText('Take it once more');
    await page.keyboard.type('3.2');
    await page.keyboard.press('Enter');
    await expect.poll(async () => (await left(page)).includes('disc.thickness')).toBe(false);
    expect(faults).toEqual([]);
});

test('by touch on a phone: looked, a tap, a swipe, and what cannot be taken now', async ({ browser, baseURL }) => {
    const context = await browser.newContext({ baseURL, viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true, locale: 'en-GB' });
    const page = patient(await context.newPage());
    const faults = watch(page);
    await signIn(page);
    const job = await newCar(page, 'Thumb hatch', 'WALK 2');
    await page.goto(`${job}/walk?at=bench`);
    await listening(page);
    await walkTo(page, 'cover.conditions');
    await shown(page).getByText('Looked, nothing found').tap();
    await expect(page.locator('#just')).toContainText('nothing found');
    const before = await asked(page);
    await page.evaluate(() => {
        const card = document.querySelector('#cards .card:not([hidden])');
        const at = (x) => new Touch({ identifier: 1, target: card, clientX: x, clientY: 300 });
        card.dispatchEvent(new TouchEvent('touchstart', { touches: [at(300)], changedTouches: [at(300)], bubbles: true }));
        card.dispatchEvent(new TouchEvent('touchend', { touches: [], changedTouches: [at(120)], bubbles: true }));
    });
    await expect.poll(() => asked(page)).not.toBe(before);
    await walkTo(page, 'bearing.conditions');
    await shown(page).locator('summary', { hasText: 'Not now' }).tap();
    await shown(page).getByRole('button', { name: 'The part is not here' }).tap();
    await expect.poll(async () => (await left(page)).at(-1)).toBe('bearing.conditions');
    await page.reload();
    await expect(page.locator('#card-bearing-conditions .step-behind')).toContainText('the part is not here');
    expect(faults).toEqual([]);
    await context.close();
});

test('with the server gone it goes on; what was typed is kept, numbered, and sent in order', async ({ page, context }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await newCar(page, 'Cellar hatch', 'WALK 3');
    await page.goto(`${job}/walk?at=flywheel`);
    await listening(page);
    await walkTo(page, 'flywheel.flatness');
    await context.setOffline(true);
    for (const reading of ['0.03', '0.02', '0.04']) {
        await page.keyboard.type(reading);
        await page.keyboard.press('Enter');
    }
    await expect(page.locator('[data-line]')).toContainText('kept here, waiting for the connection');
    await expect.poll(() => asked(page)).not.toBe('flywheel.flatness');
    await expect(page.locator('#just')).toContainText('judged once there is a connection');
    await walkTo(page, 'pilot.kind');
    await shown(page).locator('[data-tap]').first().click();
    await expect.poll(() => asked(page)).not.toBe('pilot.kind');
    const numbers = await page.evaluate(() => Object.entries(localStorage).filter(([k]) => /flatness|pilot\.kind/.test(k))
        .map(([k, v]) => [JSON.parse(v).number, k.split(':').at(-1)]).sort((a, b) => a[0] - b[0]).map(([, k]) => k));
    expect(numbers).toEqual(['flywheel.flatness|0', 'flywheel.flatness|1', 'flywheel.flatness|2', 'pilot.kind|0']);
    // One that stands first on the page was typed last.
    await page.evaluate(() => {
        const key = Object.keys(localStorage).find((k) => k.endsWith('flywheel.flatness|0'));
        localStorage.setItem(key, JSON.stringify({ ...JSON.parse(localStorage.getItem(key)), number: 99 }));
    });
    // The screen was locked and the page let go; it comes anew once the server answers.
    const sent = [];
    page.on('request', (r) => r.method() === 'POST' && r.url().includes('/walk') && sent.push(/f%5B([a-z_.]+)%5D%5B(\d)/.exec(r.postData())?.slice(1).join('|')));
    await context.setOffline(false);
    await page.reload();
    await expect.poll(async () => (await left(page)).some((k) => ['flywheel.flatness', 'pilot.kind'].includes(k)), { timeout: 30_000 }).toBe(false);
    expect([...new Set(sent)]).toEqual(['flywheel.flatness|1', 'flywheel.flatness|2', 'pilot.kind|0', 'flywheel.flatness|0']);
    await expect(page.locator('[data-line]')).toHaveText('');
    expect(await page.evaluate(() => Object.keys(localStorage).filter((k) => /flatness|pilot\.kind/.test(k)))).toEqual([]);
    // In the order in which they were typed.
    await page.goto(`${job}/entries`);
    const rows = await page.locator('tbody tr').allInnerTexts();
    const at = (text) => rows.findIndex((row) => row.includes(text));
    expect([at('0.03'), at('0.02'), at('0.04')].every((i) => i >= 0)).toBe(true);
    // That the server did not answer is what was wanted.
    expect(faults.filter((f) => !/^htmx:(afterRequest|sendError)/.test(f))).toEqual([]);
});

test('an instrument that types, and one that sends by itself, lead on by themselves', async ({ page, context, browser }) => {
    const lead = patient(await (await browser.newContext({ locale: 'en-GB' })).newPage());
    await signIn(lead, 'Ines');
    await lead.goto('/instruments');
    const name = `Walk calliper ${Date.now() % 100000}`;
    await lead.getByLabel('Name', { exact: true }).fill(name);
    await lead.getByLabel('Kind').selectOption('calliper');
    await lead.getByRole('button', { name: 'Give it a token' }).click();
    const token = (await lead.locator('.notice code').textContent()).trim();
    await signIn(page);
    const job = await newCar(page, 'Gauge walk', 'WALK 4');
    await page.goto(`${job}/walk?at=bench`);
    await listening(page);
    await walkTo(page, 'disc.thickness');
    const calliper = await context.newPage();
    await calliper.goto('/instruments/simulated');
    await listening(calliper);
    await calliper.getByLabel('Instrument').selectOption('calliper');
    await calliper.getByLabel('True value, in its own unit').fill('7.80');
    for (const place of [0, 1, 2]) {
        await expect(page.locator(`#card-disc-thickness [data-position="${place}"] input[type=text]`)).toBeFocused();
        await calliper.getByRole('button', { name: 'Read and type it' }).click();
    }
    await expect.poll(() => asked(page)).not.toBe('disc.thickness');
    await expect(page.locator('#just')).toContainText('Disc thickness now');
    // The field that waits for the calliper follows the walk.
    await page.locator('[data-device]').selectOption({ label: name });
    await page.goto(`${job}/walk?at=flywheel`);
    await listening(page);
    await page.locator('[data-device]').selectOption({ label: name });
    await walkTo(page, 'flywheel.flatness');
    const send = (data) => page.request.post('/api/readings', { headers: { Authorization: `Bearer ${token}`, Accept: 'application/json' }, data });
    const isWaiting = () => expect(page.locator('[data-armed]')).toHaveText('its next reading comes here', { timeout: 30_000 });
    for (const [i, value] of ['0.03 mm', '0.02 mm', '0.03 mm'].entries()) {
        await isWaiting();
        await expect.poll(async () => (await send({ value, id: `w${i}` })).status(), { timeout: 30_000 }).toBe(200);
        if (i < 2) {
            await expect(page.locator(`#card-flywheel-flatness [data-position="${i}"] input[type=text]`)).not.toHaveValue('', { timeout: 30_000 });
        }
    }
    await expect.poll(() => asked(page), { timeout: 30_000 }).not.toBe('flywheel.flatness');
    // Typed by hand from here on: what the instrument sends goes nowhere, not to what was asked last.
    await walkTo(page, 'fastening.cover.gap');
    await isWaiting();
    const forgets = () => page.waitForResponse((r) => r.url().includes('/disarm'));
    await Promise.all([forgets(), page.locator('[data-device]').selectOption({ label: 'typed by hand' })]);
    await expect(page.locator('[data-armed]')).toHaveText('');
    expect((await send({ value: '0.21 mm', id: `h${Date.now()}` })).status()).toBe(409);
    // So does what it sends while something is asked that no instrument reads.
    await page.locator('[data-device]').selectOption({ label: name });
    await isWaiting();
    await Promise.all([forgets(), shown(page).getByRole('button', { name: 'Go on' }).click()]);
    expect(await shown(page).getAttribute('data-shape')).not.toBe('box');
    expect((await send({ value: '0.22 mm', id: `s${Date.now()}` })).status()).toBe(409);
    const { readings } = await (await page.request.get(`${job}/sheet.json`)).json();
    expect(JSON.stringify(readings)).not.toMatch(/0\.2[12] mm/);
});

test('steps that hands do in one go are said in one go, each an entry of its own; one that was skipped keeps its reason asked', async ({ page, context }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await newCar(page, 'Stretch hatch', 'WALK 7');
    await page.goto(`${job}/walk?at=flywheel`);
    await listening(page);
    const group = () => shown(page).getAttribute('data-steps');
    await walkTo(page, 'fit.seals');
    expect(await group()).toBe('fit.seals fit.pilot fit.flywheel fit.degreased');
    await shown(page).locator('[data-field="fit.pilot"] [data-tap]', { hasText: 'Skipped' }).click();
    await expect(shown(page).locator('[data-field="fit.pilot"] [data-tap]', { hasText: 'Skipped' })).toHaveAttribute('aria-pressed', 'true');
    // What was said of one stands, the rest is done.
    await shown(page).getByRole('button', { name: 'The rest is done, as each says' }).click();
    await expect.poll(() => asked(page)).not.toBe('fit.seals');
    await expect.poll(() => left(page)).toContain('fit.pilot_why');
    expect((await left(page)).filter((k) => /^fit\.(seals|pilot|flywheel|degreased)$/.test(k))).toEqual([]);
    const of = async () => {
        const { readings } = await (await page.request.get(`${job}/sheet.json`)).json();
        return Object.fromEntries(Object.entries(readings).map(([key, value]) => [key.replace('fit.', ''), [value].flat()[0]]));
    };
    expect(await of()).toMatchObject({ seals: 'done', pilot: 'skipped', flywheel: 'done', degreased: 'done' });
    // Without a connection the next ones are kept, and sent when it is back.
    await walkTo(page, 'fit.disc');
    await context.setOffline(true);
    await shown(page).locator('[data-all]').click();
    await expect.poll(() => asked(page)).not.toBe('fit.disc');
    await expect(page.locator('[data-line]')).toContainText('kept here, waiting for the connection');
    await context.setOffline(false);
    const isLeft = async () => (await left(page)).some((k) => ['fit.disc', 'fit.cover'].includes(k));
    await expect.poll(isLeft, { timeout: 40_000 }).toBe(false);
    expect(await of()).toMatchObject({ disc: 'done', cover: 'done' });
    // The cover is pulled down once it was looked at while it is seated: that is asked by itself.
    expect(await left(page)).toEqual(expect.arrayContaining(['fit.cover_bolts', 'fit.tool_out', 'fit.fingers']));
    expect(faults.filter((f) => !/^htmx:(afterRequest|sendError)/.test(f))).toEqual([]);
});

test('two people at two places are not asked for the same twice', async ({ page, browser, baseURL }) => {
    await signIn(page);
    const job = await newCar(page, 'Two hands hatch', 'WALK 5');
    await page.goto(`${job}/walk?at=flywheel`);
    await listening(page);
    const other = patient(await (await browser.newContext({ baseURL, locale: 'en-GB' })).newPage());
    await signIn(other, 'Ines');
    await other.goto(`${job}/walk`);
    await listening(other);
    await expect(other.locator('.way-places')).toContainText('Bram is there');
    await walkTo(other, 'flywheel.flatness');
    await walkTo(page, 'flywheel.flatness');
    for (const reading of ['0.03', '0.02', '0.03']) {
        await page.keyboard.type(reading);
        await page.keyboard.press('Enter');
    }
    await expect.poll(() => asked(page)).not.toBe('flywheel.flatness');
    await expect.poll(() => asked(other), { timeout: 40_000 }).not.toBe('flywheel.flatness');
    expect(await left(other)).not.toContain('flywheel.flatness');
    await other.context().close();
});

test('from the bay and from a station to the walk, and back to where it ends', async ({ page }) => {
    await signIn(page);
    await page.locator('a.walk-to').first().click();
    await expect(page.locator('#way')).toContainText('to take');
    await page.goto('/jobs/2/strip');
    await page.getByRole('link', { name: 'Walk', exact: true }).click();
    await expect(page.getByRole('heading', { name: /^Walk ·/ })).toBeVisible();
    await page.getByRole('link', { name: 'Stations' }).click();
    await expect(page.locator('#rail')).toBeVisible();
});

test('when all that is left was passed over it says that it begins again', async ({ page }) => {
    await signIn(page);
    await page.goto('/jobs/2/walk?at=flywheel');
    const first = await shown(page).getAttribute('data-step');
    const steps = await page.locator('#cards .card').count();
    expect(steps).toBeGreaterThan(1);
    for (let step = 1; step <= steps; step += 1) {
        await expect(page.locator('#just')).not.toContainText('begins again');
        const before = await asked(page);
        await shown(page).getByRole('button', { name: 'Go on' }).click();
        await expect.poll(() => asked(page)).not.toBe(before);
    }
    await expect(page.locator('#just')).toContainText('begins again');
    await expect(shown(page)).toHaveAttribute('data-step', first);
});

/** What a camera would read off a part of the page; jsQR is a decoder by others than the encoder. */
async function scanned(decoder, code) {
    return decoder.evaluate(async (src) => {
        const image = Object.assign(new Image(), { src });
        await image.decode();
        const context = Object.assign(document.createElement('canvas'), { width: image.width, height: image.height }).getContext('2d');
        context.drawImage(image, 0, 0);
        const { data, width, height } = context.getImageData(0, 0, image.width, image.height);
        return jsQR(data, width, height)?.data;
    }, `data:image/png;base64,${(await code.screenshot()).toString('base64')}`);
}

test('each label leads a camera to what it says it leads to', async ({ page, baseURL }) => {
    await signIn(page);
    await page.goto('/jobs/2/labels');
    const codes = page.locator('.qr');
    const count = await codes.count();
    expect(count).toBeGreaterThan(5);
    const decoder = await page.context().newPage();
    await decoder.addScriptTag({ path: 'node_modules/jsqr/dist/jsQR.js' });
    const read = [];
    for (let i = 0; i < count; i += 1) {
        read.push(await scanned(decoder, codes.nth(i)));
    }
    // The windscreen's leads to the station at which the job stands.
    expect(read[0]).toBe(`${baseURL}/jobs/2/strip`);
    expect(new Set(read).size).toBe(count);
    for (const address of read) {
        expect(address).toMatch(new RegExp(`^${baseURL}/jobs/2`));
        expect((await page.goto(address)).status(), address).toBe(200);
    }
    // On the bench it leads into the walk at that place.
    expect(read.some((address) => /\/walk\?at=/.test(address))).toBe(true);
});

/** A new car of which it is known that six bolts hold the cover, on its walk at these bolts; the address of its job. */
async function toTheBolts(page, name, plate) {
    await signIn(page);
    const job = await newCar(page, name, plate);
    await page.goto(`${job}/strip`);
    await kept(page, 'match.bolt_count', '6');
    await page.goto(`${job}/walk?at=flywheel`);
    await listening(page);
    await walkTo(page, 'fastening.cover.done_hand');
    return job;
}

/** The bolts of the cover that the server has as started by hand. */
const byHand = async (page, job) => [(await (await page.request.get(`${job}/sheet.json`)).json()).fastening?.cover?.done_hand ?? []].flat();

test('bolts are ticked by the drawing or by the next one, round by round, and it goes on by itself', async ({ page }) => {
    const faults = watch(page);
    const job = await toTheBolts(page, 'Bolted hatch', 'WALK 9');
    const next = shown(page).locator('.bolt-next');
    const steps = () => shown(page).getAttribute('data-steps');
    await expect(next).toHaveText('Bolt 1 done');
    expect(await seriousFindings(page)).toEqual([]);
    await next.click();
    await expect(next).toHaveText('Bolt 4 done');
    await page.keyboard.press('Enter');
    await expect(next).toHaveText('Bolt 2 done');
    // Drawn anew while the finger is down.
    const { x, y, width, height } = await shown(page).locator('.bolt[data-next]').boundingBox();
    await page.mouse.move(x + width / 2, y + height / 2);
    await page.mouse.down();
    await page.evaluate(() => document.querySelectorAll('.walk-bolts').forEach((drawn) => (drawn.innerHTML += '')));
    await page.mouse.up();
    await expect(next).toHaveText('Bolt 5 done');
    await shown(page).getByRole('button', { name: /^Seated: both rounds done/ }).click();
    // Seated: what is looked at then comes before the rounds that follow.
    await expect.poll(steps).not.toContain('fastening.cover.done_seat');
    const order = await left(page);
    expect(order.indexOf('fastening.cover.gap')).toBeGreaterThan(-1);
    expect(order.indexOf('fastening.cover.gap')).toBeLessThan(order.indexOf('fastening.cover.done_half'));
    await walkTo(page, 'fastening.cover.done_half');
    for (const round of ['Full torque', null]) {
        await shown(page).locator('.bolt-round').click();
        await (round && expect(shown(page).locator('.rounds .now')).toContainText(round));
    }
    await expect.poll(steps).not.toContain('fastening.cover.done_full');
    expect((await left(page)).filter((key) => key.startsWith('fastening.cover.done'))).toEqual([]);
    await expect(page.locator('#just')).toContainText('Cover: bolts, round by round');
    expect(faults).toEqual([]);
});

test('bolts ticked without a connection are kept, drawn, counted, and sent when it is back', async ({ page, context }) => {
    await page.setViewportSize({ width: 360, height: 740 });
    const job = await toTheBolts(page, 'Bolted cellar', 'WALK 10');
    const next = shown(page).locator('.bolt-next');
    await next.click();
    await expect(next).toHaveText('Bolt 4 done');
    const ticked = () => byHand(page, job);
    await context.setOffline(true);
    await next.click();
    const line = page.locator('[data-line]');
    await expect(line).toHaveText('1 kept here, waiting for the connection');
    await expect(next).toHaveText('Bolt 2 done');
    await next.click();
    await expect(next).toHaveText('Bolt 5 done');
    await expect(line).toHaveText('2 kept here, waiting for the connection');
    expect(await page.evaluate(() => document.documentElement.scrollHeight - innerHeight)).toBe(0);
    await expect(shown(page).locator('.bolt[aria-pressed="true"]')).toHaveCount(3);
    await context.setOffline(false);
    await expect.poll(async () => (await ticked()).map(Number).sort(), { timeout: 30_000 }).toEqual([1, 2, 4]);
    await expect(line).toHaveText('');
    await expect(next).toHaveText('Bolt 5 done');
    // Kept over a reload too, and signing asks for it wherever it is tried.
    await context.setOffline(true);
    await next.click();
    await expect(line).toContainText('1 kept here');
    expect(await page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('spindle-ticks:')).length)).toBe(1);
    await context.setOffline(false);
    await page.goto(`${job}/record`);
    await expect.poll(ticked, { timeout: 30_000 }).toHaveLength(4);
});

test('bolts ticked while signed out are kept, which is said, and sent once somebody signed in', async ({ page, context }) => {
    const job = await toTheBolts(page, 'Bolted by nobody', 'WALK 11');
    const next = shown(page).locator('.bolt-next');
    await context.clearCookies();
    await next.click();
    await expect(shown(page).getByRole('alert')).toContainText('You are signed out, sign in in another tab: 1 kept here');
    const other = patient(await context.newPage());
    await signIn(other);
    await expect.poll(() => byHand(other, job), { timeout: 30_000 }).toEqual(['1']);
    await expect(shown(page).getByRole('alert')).toBeHidden();
});
