// Triage by pointer and by keyboard: causes move as evidence comes in, and the next test answers.
import { box, expect, listening, meta, newCar, signIn, test, unfolded, watch } from './helpers.mjs';

test('a spongy pedal by pointer, from signs to what to do', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await newCar(page, 'Spongy car', 'SP 1');
    await box(page, 'vehicle.actuation').selectOption('slave');
    await expect(meta(page, 'vehicle.actuation')).toHaveAttribute('data-state', 'kept');
    await page.goto(`${job}/triage`);
    await expect(page.locator('#draw-triage')).toContainText('Nothing noted yet');
    await page.getByLabel('spongy', { exact: true }).check();
    await expect(page.locator('#draw-triage')).toContainText('Air in the hydraulics');
    await page.getByLabel('after hydraulic work').check();
    await expect(page.locator('#draw-triage .causes li').first()).toContainText('Air in the hydraulics');
    await unfolded(page, 'triage.t_blocked');
    await page.getByRole('group', { name: 'Blocked slave' }).getByRole('combobox').selectOption('positive');
    await expect(page.locator('#draw-triage')).toContainText('Bleed');
    // The sum proposes, the technician says.
    await expect(page.locator('#telltale')).toContainText('Say what this job comes to');
    await box(page, 'triage.kind').selectOption('bleed');
    await expect(page.locator('#rail [aria-current]')).toContainText('bleed');
    await expect(page.locator('#rail')).toContainText('not reached');
    await page.reload();
    await expect(page.getByLabel('after hydraulic work')).toBeChecked();
    await expect(page.locator('#draw-triage')).toContainText('Bleed');
    expect(faults).toEqual([]);
});

test('a truck by keyboard: a sign is found by its words', async ({ page }) => {
    await signIn(page);
    await page.goto('/jobs/5/triage');
    await page.getByLabel('Find a sign').focus();
    await page.keyboard.type('into first');
    await expect(page.getByLabel('reverse grinds', { exact: true })).toBeHidden();
    await page.keyboard.press('Tab');
    await expect(page.getByLabel('grinds into first from rest only')).toBeFocused();
    await page.keyboard.press('Space');
    await expect(page.locator('#draw-triage .causes li').first()).toContainText('Clutch brake');
    await unfolded(page, 'triage.t_brake');
    await expect(page.getByRole('group', { name: 'Look at the clutch brake' })).toBeVisible();
});

test('a tick stays under the hand when the causes above it come up', async ({ page }) => {
    await signIn(page);
    const job = await newCar(page, 'Steady car', 'SY 1');
    await page.goto(`${job}/triage`);
    await listening(page);
    await unfolded(page, 'triage.signs');
    const next = page.getByLabel('burning smell');
    await next.scrollIntoViewIfNeeded();
    const tick = page.getByLabel('judder at the start');
    await tick.focus();
    const [before, height] = await page.evaluate(() => [document.activeElement.getBoundingClientRect().top, document.querySelector('#draw-triage').offsetHeight]);
    await page.keyboard.press('Space');
    await expect(page.locator('#draw-triage')).toContainText('for it: judder at the start');
    const [after, grown] = await page.evaluate(() => [document.activeElement.getBoundingClientRect().top, document.querySelector('#draw-triage').offsetHeight]);
    expect(Math.abs(grown - height)).toBeGreaterThan(50);
    expect(Math.abs(after - before)).toBeLessThanOrEqual(2);
});
