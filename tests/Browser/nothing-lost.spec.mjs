// A reload, a second tab, the back button, a lost connection, a sign-out: no entry is lost.
import { box, expect, listening, meta, newCar, openPart, signIn, test, watch } from './helpers.mjs';

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
