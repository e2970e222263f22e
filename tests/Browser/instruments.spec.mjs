import { box, expect, listening, meta, newCar, signIn, test, watch } from './helpers.mjs';

/* A simulated calliper that types like a keyboard, and one that sends with a token of its own. */

test('a simulated calliper types into the field that has the cursor, and nowhere else', async ({ page, context }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await newCar(page, 'Gauge hatch', 'GAUGE 1');
    await page.goto(`${job}/strip?part=disc`);
    await listening(page);
    const calliper = await context.newPage();
    await calliper.goto('/instruments/simulated');
    await listening(calliper);
    await calliper.getByLabel('Instrument').selectOption('calliper');
    await calliper.getByLabel('True value, in its own unit').fill('8.30');
    // No cursor in any field: nothing happens.
    await calliper.getByRole('button', { name: 'Read and type it' }).click();
    await expect(calliper.locator('[data-display]')).toContainText(/8\.\d\d mm/);
    await expect(box(page, 'disc.thickness_new')).toHaveValue('');

    await box(page, 'disc.thickness_new').focus();
    await calliper.getByRole('button', { name: 'Read and type it' }).click();
    await expect(meta(page, 'disc.thickness_new')).toHaveAttribute('data-state', 'kept');
    await expect(box(page, 'disc.thickness_new')).toHaveValue(/^8\.\d\d mm$/);
    // The cursor has gone on, as after Enter: the next reading goes to the next field.
    const next = await page.evaluate(() => document.activeElement.name);
    expect(next).toMatch(/^f\[disc\./);
    expect(next).not.toEqual('f[disc.thickness_new][0]');
    await box(page, 'disc.thickness').focus();
    await calliper.getByLabel('True value, in its own unit').fill('7.40');
    await calliper.getByRole('button', { name: 'Read and type it' }).click();
    await expect(meta(page, 'disc.thickness')).toHaveAttribute('data-state', 'kept');
    expect(faults).toEqual([]);
});

test('an instrument with a token enters the field that is armed, and what goes astray is shown', async ({ page, browser }) => {
    const lead = await (await browser.newContext({ locale: 'en-GB' })).newPage();
    await signIn(lead, 'Ines');
    await lead.goto('/instruments');
    await lead.getByLabel('Name', { exact: true }).fill(`Bench calliper ${Date.now() % 100000}`);
    await lead.getByLabel('Kind').selectOption('calliper');
    await lead.getByRole('button', { name: 'Give it a token' }).click();
    const token = (await lead.locator('.notice code').textContent()).trim();

    await signIn(page);
    const job = await newCar(page, 'Token hatch', 'TOKEN 1');
    await page.goto(`${job}/strip?part=disc`);
    await listening(page);
    const send = (data) => page.request.post('/api/readings', { headers: { Authorization: `Bearer ${token}`, Accept: 'application/json' }, data });
    expect((await send({ value: '8.31 mm', id: 'a' })).status()).toBe(409);

    const field = page.locator('fieldset', { has: page.locator('[name="f[disc.thickness_new][0]"]') });
    await field.locator('details.instrument summary').click();
    await field.getByRole('button', { name: /^Let Bench calliper/ }).click();
    await expect(page.locator('#armed')).toContainText('thickness');
    // Another quantity: refused, shown, and the field waits on.
    expect((await send({ value: '25', unit: 'N·m', id: 'b' })).status()).toBe(409);
    await expect(page.getByText(/sent “25 N·m”, and it went nowhere/)).toBeVisible();
    await expect(page.locator('#armed')).toBeVisible();
    expect((await send({ value: '0.327', unit: 'in', id: 'c' })).status()).toBe(200);
    expect((await send({ value: '0.327', unit: 'in', id: 'c' })).status()).toBe(200);
    await expect(page.locator('#armed')).toHaveCount(0);
    await expect(box(page, 'disc.thickness_new')).toHaveValue('0.327 in');
    // Taken back, it opens nothing.
    await lead.reload();
    await lead.getByRole('button', { name: /^Take its token back/ }).first().click();
    expect((await send({ value: '8 mm', id: 'd' })).status()).toBe(401);
});
