// A reload, a second tab, the back button, a lost connection, a sign-out: no entry is lost.
import { box, expect, fetched, kept, listening, meta, newCar, openPart, patient, signIn, test, watch, unfolded } from './helpers.mjs';

test('a reload in the middle of typing', async ({ page }) => {
    await signIn(page);
    const job = await newCar(page, 'Reload car', 'RL 1');
    await page.goto(`${job}/strip`);
    await box(page, 'disc.runout').pressSequentially('0.31 mm');
    await page.reload();
    await expect(box(page, 'disc.runout')).toHaveValue('0.31 mm');
    await expect(meta(page, 'disc.runout')).toHaveAttribute('data-state', 'kept');
    await page.reload();
    await expect(box(page, 'disc.runout')).toHaveValue('0.31 mm');
    expect(await page.evaluate(() => Object.keys(localStorage).length)).toBe(0);
});

test('a refused entry stays where it was typed, even over a reload', async ({ page }) => {
    await signIn(page);
    const job = await newCar(page, 'Refused car', 'RF 1');
    await page.goto(`${job}/strip`);
    await box(page, 'disc.runout').fill('three');
    await box(page, 'disc.runout').press('Enter');
    await expect(meta(page, 'disc.runout')).toContainText('is not a number');
    await page.reload();
    await expect(box(page, 'disc.runout')).toHaveValue('three');
    await expect(meta(page, 'disc.runout')).toContainText('is not a number');
});

test('the back button comes back to what was entered', async ({ page }) => {
    await signIn(page);
    const job = await newCar(page, 'Back car', 'BK 1');
    await page.goto(`${job}/strip`);
    await openPart(page, 'flywheel');
    await box(page, 'flywheel.thickness').fill('26.4 mm');
    await box(page, 'flywheel.thickness').press('Enter');
    await expect(meta(page, 'flywheel.thickness')).toHaveAttribute('data-state', 'kept');
    await page.goto(`${job}/kit`);
    await page.goBack();
    await expect(box(page, 'flywheel.thickness')).toHaveValue('26.4 mm');
});

test('a second tab sees the entry, and neither overwrites the other unasked', async ({ context, page }) => {
    await signIn(page);
    const job = await newCar(page, 'Two tabs car', 'TT 1');
    const other = await context.newPage();
    await page.goto(`${job}/strip`);
    await other.goto(`${job}/strip`);
    await box(page, 'disc.hub_play').fill('0.2');
    await box(page, 'disc.hub_play').press('Enter');
    await expect(meta(page, 'disc.hub_play')).toHaveAttribute('data-state', 'kept');

    await box(other, 'disc.hub_play').fill('0.35');
    await box(other, 'disc.hub_play').press('Enter');
    await expect(meta(other, 'disc.hub_play')).toContainText('Bram Oakes entered 0.2 mm meanwhile; you typed 0.35. Both are kept. Which counts?');
    await expect(box(other, 'disc.hub_play')).toHaveValue('0.35');
    await other.getByRole('button', { name: 'Mine' }).click();
    await expect(meta(other, 'disc.hub_play')).toHaveAttribute('data-state', 'kept');
    await page.reload();
    await expect(box(page, 'disc.hub_play')).toHaveValue('0.35');
    await page.goto(`${job}/history/disc.hub_play`);
    await expect(page.getByText('set aside')).toBeVisible();
});

test('a lost connection keeps the entry, says so, and sends it again', async ({ context, page }) => {
    await signIn(page);
    const job = await newCar(page, 'Offline car', 'OF 1');
    await page.goto(`${job}/strip`);
    await context.setOffline(true);
    await box(page, 'disc.runout').fill('0.44 mm');
    await box(page, 'disc.runout').press('Enter');
    await expect(meta(page, 'disc.runout')).toContainText('Not saved: no connection. Kept here and sent again.');
    await box(page, 'disc.hub_play').fill('0.15 mm');
    await box(page, 'disc.hub_play').press('Enter');
    await expect(meta(page, 'disc.hub_play')).toContainText('Not saved');
    await context.setOffline(false);
    await expect(meta(page, 'disc.runout')).toHaveAttribute('data-state', 'kept', { timeout: 15_000 });
    await expect(meta(page, 'disc.hub_play')).toHaveAttribute('data-state', 'kept', { timeout: 15_000 });
    await page.reload();
    await expect(box(page, 'disc.runout')).toHaveValue('0.44 mm');
    await expect(box(page, 'disc.hub_play')).toHaveValue('0.15 mm');
});

test('a mark that could not be sent stays in its fields and says so', async ({ context, page }) => {
    await signIn(page);
    const job = await newCar(page, 'Marked offline car', 'MO 1');
    await page.goto(`${job}/strip`);
    await openPart(page, 'flywheel');
    await unfolded(page, 'flywheel.marks');
    await context.setOffline(true);
    await page.locator('input[name="m[flywheel][clock]"]').fill('7:30');
    await page.locator('input[name="m[flywheel][radius]"]').fill('92 mm');
    await page.locator('#mark-form-flywheel').getByRole('button', { name: 'Place the mark' }).click();
    await expect(page.locator('#marked-flywheel')).toContainText('Not placed: no connection');
    await context.setOffline(false);
    await expect(page.locator('input[name="m[flywheel][clock]"]')).toHaveValue('7:30');
    await page.locator('#mark-form-flywheel').getByRole('button', { name: 'Place the mark' }).click();
    await expect(page.locator('#marked-flywheel li')).toContainText('heat spot at 7:30');
    await expect(page.locator('#marked-flywheel')).not.toContainText('Not placed');
});

test('a sign-out in another tab keeps the entry until somebody is signed in again', async ({ context, page }) => {
    await signIn(page);
    const job = await newCar(page, 'Signed-out car', 'SO 1');
    await page.goto(`${job}/strip`);
    const cookies = await context.cookies();
    await context.clearCookies();
    await box(page, 'disc.runout').fill('0.27 mm');
    await box(page, 'disc.runout').press('Enter');
    await expect(meta(page, 'disc.runout')).toContainText('you are signed out');
    await context.addCookies(cookies);
    await expect(meta(page, 'disc.runout')).toHaveAttribute('data-state', 'kept', { timeout: 15_000 });
});

test('works by plain forms without JavaScript', async ({ browser, baseURL }) => {
    const context = await browser.newContext({ javaScriptEnabled: false, baseURL });
    const page = await context.newPage();
    await signIn(page);
    const job = await newCar(page, 'Plain car', 'PL 1');
    await page.goto(`${job}/strip`);
    await box(page, 'disc.thickness', 0).fill('7.4 mm');
    await box(page, 'disc.thickness', 1).fill('soup');
    await page.locator('#part-disc').getByLabel('oil or grease on the lining').check();
    await page.getByRole('button', { name: 'Save this station' }).click();
    await expect(box(page, 'disc.thickness', 0)).toHaveValue('7.4 mm');
    await expect(box(page, 'disc.thickness', 1)).toHaveValue('soup');
    await expect(meta(page, 'disc.thickness', 1)).toContainText('is not a number');
    await expect(page.locator('#part-disc').getByLabel('oil or grease on the lining')).toBeChecked();
    await expect(page.locator('#telltale')).toContainText('find and mend the leak');
    await context.close();
});

test('ticks and marks answer at once, and a doubtful reading can be marked by key', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await newCar(page, 'Marked car', 'MK 1');
    await page.goto(`${job}/strip`);
    await page.locator('#part-disc').getByLabel('lining glazed').check();
    await expect(page.locator('#telltale')).toContainText('lining glazed: replace the disc');
    await page.locator('#part-disc').getByLabel('lining glazed').uncheck();
    await expect(page.locator('#telltale')).not.toContainText('lining glazed: replace the disc');
    await box(page, 'disc.runout').fill('0.2');
    await box(page, 'disc.runout').press('Enter');
    await expect(meta(page, 'disc.runout')).toHaveAttribute('data-state', 'kept');
    await page.keyboard.press('Escape');
    await box(page, 'disc.runout').focus();
    await page.keyboard.press('Escape');
    await page.keyboard.press('m');
    await expect(meta(page, 'disc.runout')).toContainText('Measure again.');
    await page.waitForLoadState();
    await listening(page);
    await page.keyboard.press('u');
    await expect(page.getByRole('button', { name: 'in · lbf·ft' })).toBeVisible();
    await listening(page);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toBeVisible();
    expect(faults).toEqual([]);
});

test('a part that cannot be fetched says so, and comes when it is opened again', async ({ context, page }) => {
    await signIn(page);
    await page.goto('/jobs/2/strip');
    await listening(page);
    const part = page.locator('#part-pilot');
    await expect(part).not.toHaveAttribute('open');
    await context.setOffline(true);
    await part.locator('> summary').click();
    await expect(part.getByRole('alert')).toContainText('Not fetched: no connection, or signed out.');
    await part.locator('> summary').click();
    await context.setOffline(false);
    await openPart(page, 'pilot');
    await expect(part.getByRole('alert')).toHaveCount(0);
    await expect(box(page, 'pilot.bore')).toBeVisible();
});

/** The box of a note, opened where its line is closed. */
function note(page) {
    const box = page.locator('#note-text');
    return { fill: async (text) => ((await box.isVisible()) || (await page.locator('#fold-note > summary').click()), box.fill(text)) };
}

test('a note that was being written is there again after a reload, and gone once it is kept', async ({ page }) => {
    await signIn(page);
    const job = await newCar(page, 'Noted hatch', 'NOTE 1');
    await page.goto(`${job}/strip`);
    await listening(page);
    await note(page).fill('Dowel missing at six o’clock');
    await page.reload();
    await expect(page.locator('#note-text')).toHaveValue('Dowel missing at six o’clock');
    await expect(page.locator('.kept-note')).toContainText('Typed before and not sent yet');
    await page.getByRole('button', { name: 'Keep the note' }).click();
    await expect(page.getByText('Dowel missing at six o’clock')).toBeVisible();
    await expect(page.locator('#note-text')).toHaveValue('');
    await page.reload();
    await expect(page.locator('#note-text')).toHaveValue('');
    // Taken out by hand it does not come again.
    await note(page).fill('A slip');
    await page.reload();
    await page.getByRole('button', { name: 'Take it out' }).click();
    await page.reload();
    await expect(page.locator('#note-text')).toHaveValue('');
});

test('a note sent into a lost connection is kept', async ({ page, context }) => {
    await signIn(page);
    const job = await newCar(page, 'Noted hatch', 'NOTE 2');
    await page.goto(`${job}/strip`);
    await listening(page);
    await note(page).fill('Weld on the fork');
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Keep the note' }).click();
    await expect.poll(() => page.url()).toContain('chrome-error');
    await context.setOffline(false);
    await page.goto(`${job}/strip`);
    await expect(page.locator('#note-text')).toHaveValue('Weld on the fork');
});

test('a server that does not answer is said within two seconds', async ({ page }) => {
    await signIn(page);
    const job = await newCar(page, 'Silent hatch', 'SILENT 1');
    await page.goto(`${job}/strip?part=flywheel`);
    await listening(page);
    await fetched(page, 'flywheel');
    let release = () => {};
    await page.route('**/strip*', async (route) => {
        if (route.request().method() === 'POST') {
            await new Promise((done) => (release = done));
        }
        await route.continue();
    });
    const since = Date.now();
    await box(page, 'flywheel.thickness').fill('24.6');
    await box(page, 'flywheel.thickness').press('Enter');
    await expect(meta(page, 'flywheel.thickness')).toContainText('has not answered yet', { timeout: 4000 });
    expect(Date.now() - since).toBeLessThan(4000);
    release();
    await expect(meta(page, 'flywheel.thickness')).toHaveAttribute('data-state', 'kept');
    await expect(meta(page, 'flywheel.thickness')).not.toContainText('has not answered yet');
});

test('what somebody else entered stands in its field as well as in the tell-tale', async ({ page, browser, baseURL }) => {
    await signIn(page);
    const job = await newCar(page, 'Shared hatch', 'SHARED 1');
    await page.goto(`${job}/strip?part=flywheel`);
    await fetched(page, 'flywheel');
    const other = patient(await (await browser.newContext({ baseURL, locale: 'en-GB' })).newPage());
    await signIn(other, 'Ines');
    await other.goto(`${job}/strip?part=flywheel`);
    await fetched(other, 'flywheel');
    await kept(other, 'flywheel.thickness', '24.60 mm');
    await kept(page, 'flywheel.thickness_min', '24.00 mm');
    await expect(box(page, 'flywheel.thickness')).toHaveValue('24.60 mm');
    await kept(page, 'flywheel.thickness', '24.55 mm');
    await expect(meta(page, 'flywheel.thickness')).not.toContainText('meanwhile');
    await other.context().close();
});

test('signing asks for what was begun to be typed and never sent', async ({ page, context }) => {
    await signIn(page);
    await page.goto('/jobs/10/intake');
    await unfolded(page, 'odometer');
    await box(page, 'odometer').pressSequentially('171 0');
    // The tab is closed in the middle of it: nobody else finishes what somebody types.
    const record = await context.newPage();
    await page.close();
    await record.goto('/jobs/10/record');
    await listening(record);
    const sign = record.getByRole('button', { name: /^Sign as/ });
    await sign.click();
    await expect(record.getByRole('alert')).toContainText('not saved yet: “');
    await expect(sign).toBeVisible();
    await record.evaluate(() => localStorage.clear());
});

test('what was sent without a connection goes from whatever page of the job is opened next', async ({ page, context }) => {
    await signIn(page);
    const job = await newCar(page, 'Left hatch', 'LEFT 1');
    await page.goto(`${job}/intake`);
    await unfolded(page, 'odometer');
    await context.setOffline(true);
    await box(page, 'odometer').fill('171 000 km');
    await box(page, 'odometer').press('Enter');
    await expect(meta(page, 'odometer')).toContainText('no connection');
    const record = await context.newPage();
    await page.close();
    await context.setOffline(false);
    await record.goto(`${job}/record`);
    // Record is loaded anew with what it says of the whole job.
    await record.waitForFunction(() => localStorage.length === 0);
    await record.goto(`${job}/history/odometer`);
    await expect(record.locator('main')).toContainText('171 000 km');
});

test('an entry whose answer nobody waited for is not called unsaved', async ({ page, context }) => {
    await signIn(page);
    const job = await newCar(page, 'Hasty hatch', 'HASTY 1');
    await page.goto(`${job}/intake`);
    await unfolded(page, 'odometer');
    // It arrives and is stored; its answer never does.
    await page.route('**/intake*', async (route) => {
        if (route.request().method() === 'POST') {
            await route.fetch();
            return;
        }
        await route.continue();
    });
    const arrived = page.waitForRequest((request) => request.method() === 'POST');
    await box(page, 'odometer').fill('88 000 km');
    await box(page, 'odometer').press('Enter');
    await arrived;
    await expect(meta(page, 'odometer')).toContainText('has not answered yet');
    const next = await context.newPage();
    await page.close();
    await next.goto(`${job}/kit`);
    await next.waitForFunction(() => localStorage.length === 0);
    await next.goto(`${job}/history/odometer`);
    // Once, and nothing set aside.
    await expect(next.locator('main tbody tr')).toHaveCount(1);
    await expect(next.locator('main')).toContainText('88 000 km');
});

test('what is contested is not sent again by every page', async ({ page, context, browser, baseURL }) => {
    await signIn(page);
    const job = await newCar(page, 'Contested hatch', 'CONTEST 1');
    await page.goto(`${job}/strip`);
    const other = patient(await (await browser.newContext({ baseURL, locale: 'en-GB' })).newPage());
    await signIn(other, 'Ines');
    await other.goto(`${job}/strip`);
    await kept(other, 'disc.hub_play', '0.2 mm');
    await box(page, 'disc.hub_play').fill('0.35 mm');
    await box(page, 'disc.hub_play').press('Enter');
    await expect(meta(page, 'disc.hub_play')).toHaveAttribute('data-state', 'contested');
    for (const station of ['record', 'kit', 'record']) {
        await page.goto(`${job}/${station}`);
        await page.waitForLoadState('networkidle');
    }
    await page.goto(`${job}/history/disc.hub_play`);
    await expect(page.locator('main tbody tr')).toHaveCount(2);
    await context.clearCookies();
    await other.context().close();
});

test('whoever signs in from the notice stands before the same field then', async ({ page, context }) => {
    await signIn(page);
    const job = await newCar(page, 'Back hatch', 'BACK 1');
    await page.goto(`${job}/intake`);
    await unfolded(page, 'odometer');
    const tab = await context.newPage();
    await tab.goto('/');
    await tab.getByRole('button', { name: 'Sign out' }).click();
    await expect(tab.getByRole('heading', { name: /^Clutch service/ })).toBeVisible();
    await box(page, 'odometer').fill('88 000 km');
    await box(page, 'odometer').press('Enter');
    const [anew] = await Promise.all([context.waitForEvent('page'), meta(page, 'odometer').getByRole('link', { name: 'Sign in' }).click()]);
    await anew.getByRole('button', { name: /^Bram/ }).click();
    await expect(anew).toHaveURL(/\/intake#label-odometer$/);
    await expect(box(anew, 'odometer')).toBeFocused();
});
