import { execFileSync } from 'node:child_process';
import { test as base, expect } from '@playwright/test';

export { expect };

/**
 * The pages of a test wait with hands and keys until the page's script listens: what a person finds working after a blink, a script on a
 * busy machine would touch before. A page without JavaScript has nothing to wait for.
 */
export const test = base.extend({
    context: async ({ context }, use) => {
        context.on('page', patient);
        await use(context);
    },
});

const PATIENT = Symbol('waits for the script');

const FIELD = Symbol('the field whose box it is');

/** Makes a page wait before each touch, see above; for pages of contexts a test opens itself. */
export function patient(page) {
    if (page[PATIENT]) {
        return page;
    }
    page[PATIENT] = true;
    const { press, type } = page.keyboard;
    page.keyboard.press = async (...rest) => (await listening(page), press.apply(page.keyboard, rest));
    page.keyboard.type = async (...rest) => (await listening(page), type.apply(page.keyboard, rest));
    const locators = Object.getPrototypeOf(page.locator('html'));
    for (const touch of ['click', 'focus', 'fill', 'press', 'check', 'uncheck', 'selectOption', 'setInputFiles']) {
        locators[touch] = waiting(locators[touch]);
    }
    return page;
}

/** A locator's touch that waits: for its element first, so that it is the new page's script that is waited for, not the old one's. */
function waiting(touch) {
    if (touch[PATIENT]) {
        return touch;
    }
    const patiently = async function (...rest) {
        if (this.page()[PATIENT]) {
            await (this[FIELD] && unfolded(this.page(), this[FIELD]));
            await this.waitFor({ state: 'attached' });
            await listening(this.page());
        }
        return touch.apply(this, rest);
    };
    patiently[PATIENT] = true;
    return patiently;
}

/** Signs in as one of the demo's people. */
export async function signIn(page, who = 'Bram') {
    await page.goto('/sign-in');
    await page.getByRole('button', { name: new RegExp(`^${who}`) }).click();
    await expect(page.getByLabel(/^Find a vehicle by plate, name or number/)).toBeVisible();
}

/** The box of a field at a place; where it lies folded, a touch opens what holds it first, as a hand does. */
export function box(page, field, place = 0) {
    return Object.assign(page.locator(`[name="f[${field}][${place}]"]`).first(), { [FIELD]: field });
}

/** Opens the line of the page that holds a field, where it is closed. */
export async function unfolded(page, field) {
    await listening(page);
    const words = field.split('.');
    const names = words.map((_, last) => `[data-holds~="${words.slice(0, last + 1).join('.')}"]`);
    const fold = page.locator(names.map((held) => `details[data-part]:not([open])${held}`).join(', '));
    const first = page.locator(`[name^="f[${field}]["]`).first();
    // What was left closed at the last visit is closed, though what it holds may be there; a line may lie in another.
    for (let depth = 0; depth < 2 && !(await first.isVisible()) && (await fold.count()) > 0; depth += 1) {
        await fold.first().locator('summary').first().click();
        await expect(page.locator('details[open][data-load], .part-body[aria-busy]')).toHaveCount(0);
    }
}

/** The line under a field that says what became of the entry. */
export function meta(page, field, place = 0) {
    return page.locator(`#meta-${field.replace(/[._]/g, '-')}-${place}`);
}

/** Waits until the page's script listens: keys pressed before that go nowhere. */
export async function listening(page) {
    await expect(page.locator('html.js')).toBeAttached();
}

/** Fields that ask for the same fact, of which the one that was entered is shown. */
const SAME = {
    'bench.outer_old': 'disc.lining_outer', 'bench.fingers_old': 'match.stack_height', 'bench.splines_old': 'vehicle.spline_count',
    'bench.bolts_old': 'match.bolt_count', 'fastening.cover.bolts': 'match.bolt_count',
};

/** The field whose box stands on the page under a name. */
export async function speaksFor(page, field) {
    const isThere = async (name) => name !== undefined && (await page.locator(`[name^="f[${name}]["]`).count()) > 0;
    return !(await isThere(field)) && (await isThere(SAME[field])) ? SAME[field] : field;
}

/** Opens a part of the clutch at Strip, where it is closed. */
export async function openPart(page, part) {
    await page.locator(`#part-${part}:not([open]) > summary`).or(page.locator(`#part-${part}[open]`)).first().waitFor();
    if ((await page.locator(`#part-${part}[open]`).count()) === 0) {
        await page.locator(`#part-${part} > summary`).click();
    }
    await expect(page.locator(`#part-${part}`)).toHaveAttribute('open', '');
    await fetched(page, part);
}

/** Waits until what an opened part holds has been fetched. */
export async function fetched(page, part) {
    await expect(page.locator(`#part-${part} [data-entry]`).first()).toBeAttached();
    await expect(page.locator(`#body-${part}[aria-busy]`)).toHaveCount(0);
}

/** Opens every part of the clutch and waits for what they hold. */
export async function openAllParts(page) {
    // What a part holds may have a line that opens too.
    await expect(async () => {
        await page.evaluate(() => document.querySelectorAll('details[data-part]').forEach((d) => (d.open = true)));
        await expect(page.locator('details[data-part][data-load], .part-body[aria-busy]')).toHaveCount(0, { timeout: 4000 });
    }).toPass({ timeout: 30_000 });
}

/** Types an entry, leaves the field with Enter and waits until it is kept. */
export async function kept(page, field, text, place = 0) {
    await box(page, field, place).fill(text);
    await box(page, field, place).press('Enter');
    await expect(meta(page, field, place)).toHaveAttribute('data-state', 'kept');
}

/** Opens a new car and gives back the path of its job; of a second try its plate is another, the first one's vehicle is still there. */
export async function newCar(page, name, firstPlate) {
    const plate = test.info().retry > 0 ? `${firstPlate} ${test.info().retry}` : firstPlate;
    await page.goto('/new-job');
    await page.getByRole('textbox', { name: /^Vehicle/ }).fill(name);
    await page.getByRole('textbox', { name: 'Plate', exact: true }).fill(plate);
    await page.getByLabel('Car', { exact: true }).check();
    await page.getByRole('button', { name: 'Open the job' }).click();
    await expect(page.getByRole('heading', { name: '1 · Intake' })).toBeVisible();
    return new URL(page.url()).pathname.replace(/\/intake$/, '');
}

/** Fails the test when the browser reports a script error or a breach of the content security policy. */
export function watch(page) {
    const faults = [];
    page.on('pageerror', (e) => faults.push(String(e)));
    page.on('console', (m) => {
        if (m.type() === 'error' && !/Failed to load resource|net::ERR/.test(m.text())) {
            faults.push(m.text());
        }
    });
    return faults;
}

/** Chooses a word in a field by keyboard: its first letters, as the browser's own list takes them. */
export async function word(page, field, letters) {
    const list = box(page, field);
    await unfolded(page, field);
    if (await tapped(list, letters)) {
        return expect(meta(page, field)).toHaveAttribute('data-state', 'kept');
    }
    await list.focus();
    await page.keyboard.type(letters);
    await list.evaluate((e) => e.blur());
    await expect(meta(page, field)).toHaveAttribute('data-state', 'kept');
}

/** A step that is ticked has its list out of sight: tapped until it says the word; whether it is one. */
async function tapped(list, word) {
    const button = list.locator('xpath=preceding-sibling::button[contains(@class,"tap")]');
    if ((await button.count()) === 0) {
        return false;
    }
    while (!(await list.inputValue()).startsWith(word.toLowerCase())) {
        await button.click();
    }
    return true;
}

/** Answers everything a kit asks of the vehicle, each field at the kit's own page. */
export async function settleFit(page, answers) {
    for (const [field, text] of Object.entries(answers)) {
        if ((await box(page, field).count()) === 0) {
            continue;
        }
        if ((await box(page, field).evaluate((e) => e.tagName)) === 'SELECT') {
            await word(page, field, text);
        } else {
            await kept(page, field, text);
        }
    }
}

/** Says of every part that is still open that it lies on the shop's own shelf, but for those named otherwise; one may bring others. */
export async function settleParts(page, otherwise = {}) {
    for (let names = ['']; names.length > 0; ) {
        names = await page.locator('.parts-list select').evaluateAll((all) => all.filter((s) => s.value === '').map((s) => s.name));
        for (const name of names) {
            const field = name.slice(2, name.indexOf(']'));
            await word(page, field, otherwise[field] ?? 'On');
        }
        await page.reload();
        await listening(page);
    }
}

/** The bench: everything looked at and right, oriented by trial, accepted. */
export async function acceptParts(page) {
    for (const [field, letters] of [['bench.slides', 'y'], ['bench.clears', 'Cl'], ['bench.sits', 'y'], ['bench.orientation', 'The f'],
        ['bench.orientation_by', 'Tr'], ['bench.accepted', 'Ac']]) {
        await word(page, field, letters);
    }
}

/** Every test of the job passed, and when it is looked at again. */
export async function proveAll(page) {
    const fields = await page.locator('select[name^="f[prove."]:visible').evaluateAll((all) => all.map((e) => e.name.slice(2, e.name.indexOf(']'))));
    for (const field of fields) {
        await word(page, field, 'Pass');
    }
    const after = page.locator('[name^="f[prove.recheck.after]"], [name^="f[prove.recheck.hours]"]').first();
    const name = (await after.getAttribute('name')).slice(2).split(']')[0];
    await kept(page, name, name.endsWith('hours') ? '20 h' : '500 km');
}

/**
 * Enters what a station asks, each field by the kind of its box: a word by its value, ticks by theirs, everything else typed and left
 * with Enter; several places one after the other.
 */
export async function entered(page, path, entries) {
    await page.goto(path);
    await listening(page);
    for (const [field, said] of Object.entries(entries)) {
        // What lies folded is opened, as a hand would, and fetched then.
        for (let depth = 0; depth < 2; depth += 1) {
            await page.evaluate((name) => {
                for (const fold of document.querySelectorAll('details[data-load][data-holds]')) {
                    fold.open ||= fold.dataset.holds.split(' ').some((held) => name.startsWith(held));
                }
            }, field);
            await expect(page.locator('details[open][data-load], .part-body[aria-busy]')).toHaveCount(0);
        }
        await page.evaluate((name) => {
            for (const input of document.querySelectorAll(`[name^="f[${name}]"]`)) {
                for (let d = input.closest('details'); d; d = d.parentElement.closest('details')) {
                    d.open = true;
                }
            }
        }, field);
        // A fact that was entered at another station is there already.
        if ((await speaksFor(page, field)) !== field) {
            continue;
        }
        const ticks = page.locator(`input[type=checkbox][name^="f[${field}]"]`);
        if ((await ticks.count()) > 0) {
            for (const value of [said].flat()) {
                // The same tick may stand twice, as at Strip above the parts: what counts is that the server answered.
                await Promise.all([
                    page.waitForResponse((r) => r.request().method() === 'POST' && r.ok()),
                    page.locator(`input[type=checkbox][name^="f[${field}]"][value="${value}"]`).first().check(),
                ]);
            }
            // The page keeps what was ticked until it has taken in the answer; left before that, it would say that it is unsent.
            await page.waitForFunction((name) => !Object.keys(localStorage).some((kept) => kept.includes(name)), field);
            continue;
        }
        for (const [place, value] of [said].flat().entries()) {
            const kind = await box(page, field, place).evaluate((e) => e.tagName);
            if (kind === 'SELECT' || kind === 'TEXTAREA') {
                // Enter in several lines begins another one: they are left with Tab.
                if (kind === 'SELECT' && (await tapped(box(page, field, place), value))) {
                    await expect(meta(page, field, place)).toHaveAttribute('data-state', 'kept');
                    continue;
                }
                await (kind === 'SELECT' ? box(page, field, place).selectOption(value) : box(page, field, place).fill(value));
                await box(page, field, place).press('Tab');
                await expect(meta(page, field, place)).toHaveAttribute('data-state', 'kept');
            } else {
                await kept(page, field, value, place);
            }
        }
    }
    await page.reload();
    await listening(page);
}

/** Every bolt of a group through all its rounds, one after the other as the drawing says. */
export async function tightened(page, group, bolts, rounds = 4) {
    for (let tick = 0; tick < bolts * rounds; tick += 1) {
        const value = await page.locator(`.bolt[name="t[${group}]"][data-next]`).getAttribute('value');
        // Its button says from now on that it takes the tick back, or belongs to the next round. A press that fell between two drawings of the
        // plan went nowhere, and is done again as a hand would.
        const still = page.locator(`.bolt[name="t[${group}]"][data-next][value="${value}"]`);
        await expect(async () => {
            await ((await still.count()) > 0 && still.click({ timeout: 2000 }));
            await expect(still).toHaveCount(0, { timeout: 5000 });
        }).toPass();
    }
}

/** Opens what is measured anew after the work, where it holds a field. */
export async function openAfter(page, field) {
    await unfolded(page, field);
    await expect(box(page, field)).toBeVisible();
}

/** Three bolts of a second stage as found, turned crosswise as they are told to be, and their gaps as left. */
export async function boltsOfTheSecondStage(page) {
    for (const [place, gap] of ['2.8 mm', '2.0 mm', '1.5 mm'].entries()) {
        await kept(page, 'two_stage.bolt_gap', gap, place);
    }
    await kept(page, 'two_stage.bolt_pitch', '1.25 mm');
    await expect(page.locator('#telltale')).toContainText('number 1 by 0.6 turns in, number 3 by 0.4 turns out');
    for (const [place, turns] of ['0.6', '0', '-0.4'].entries()) {
        await kept(page, 'two_stage.bolt_turns', turns, place);
    }
    await openAfter(page, 'as_left.two_stage.bolt_gap');
    for (const [place, gap] of ['2.0 mm', '2.0 mm', '2.05 mm'].entries()) {
        await kept(page, 'as_left.two_stage.bolt_gap', gap, place);
    }
}

const HISTORY_JOBS = 6;

/** The demo's workshop as it was filled, whatever other tests entered before; everybody is signed out. */
export function asFilled() {
    const kept = `storage/test/browser-${new URL(test.info().project.use.baseURL).port}.sqlite`;
    execFileSync('php', ['-r', '(new SQLite3($argv[1]))->backup(new SQLite3($argv[2])) || exit(1);', `${kept}.new`, kept]);
}

/** Signed jobs of years ago, invented once for each test server; leaves the page on the shop's history. */
export async function withHistory(page) {
    const heading = page.getByRole('heading', { level: 1 });
    await page.goto('/history');
    if (Number((await heading.textContent()).match(/\d+/)[0]) < HISTORY_JOBS) {
        execFileSync('php', ['artisan', 'demo:history', `--jobs=${HISTORY_JOBS}`], {
            env: { ...process.env, APP_ENV: 'testing', DB_CONNECTION: 'sqlite', SPINDLE_DEMO: 'true', CACHE_STORE: 'array',
                DB_DATABASE: `${process.cwd()}/storage/test/browser-${new URL(page.url()).port}.sqlite` },
        });
        await page.goto('/history');
    }
    expect(Number((await heading.textContent()).match(/\d+/)[0])).toBeGreaterThanOrEqual(HISTORY_JOBS);
}
