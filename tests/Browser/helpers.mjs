import { expect } from '@playwright/test';

/** Signs in as one of the demo's people. */
export async function signIn(page, who = 'Bram') {
    await page.goto('/sign-in');
    await page.getByRole('button', { name: new RegExp(`^${who}`) }).click();
    await expect(page.getByLabel(/^Find a vehicle by plate, name or number/)).toBeVisible();
}

/** The box of a field at a place. */
export function box(page, field, place = 0) {
    return page.locator(`[name="f[${field}][${place}]"]`).first();
}

/** The line under a field that says what became of the entry. */
export function meta(page, field, place = 0) {
    return page.locator(`#meta-${field.replace(/[._]/g, '-')}-${place}`);
}

/** Waits until the page's script listens: keys pressed before that go nowhere. */
export async function listening(page) {
    await expect(page.locator('html.js')).toBeAttached();
}

/** Opens a part of the clutch at Strip by its link above the parts. */
export async function openPart(page, part) {
    await page.locator(`.parts a[href="#part-${part}"]`).click();
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
    await page.evaluate(() => document.querySelectorAll('details[data-part]').forEach((d) => (d.open = true)));
    await expect(page.locator('details[data-part][data-load], .part-body[aria-busy]')).toHaveCount(0);
}

/** Types an entry, leaves the field with Enter and waits until it is kept. */
export async function kept(page, field, text, place = 0) {
    await box(page, field, place).fill(text);
    await box(page, field, place).press('Enter');
    await expect(meta(page, field, place)).toHaveAttribute('data-state', 'kept');
}

/** Opens a new car and gives back the path of its job. */
export async function newCar(page, name, plate) {
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
