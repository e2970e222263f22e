// A truck with a clutch brake and a tractor in inches, through intake, triage, strip and set, by pointer and by keyboard.
import { expect, test } from '@playwright/test';
import { box, meta, signIn, watch } from './helpers.mjs';

async function kept(page, field, text, place = 0) {
    await box(page, field, place).fill(text);
    await box(page, field, place).press('Enter');
    await expect(meta(page, field, place)).toHaveAttribute('data-state', 'kept');
}

test('a truck with a clutch brake: the brake first, then the ring', async ({ page }) => {
    const faults = watch(page);
    await signIn(page, 'Sefi');
    await page.goto('/jobs/5/intake');
    await box(page, 'vehicle.actuation').selectOption('pull');
    await box(page, 'vehicle.flywheel').selectOption('pot');
    await expect(meta(page, 'vehicle.flywheel')).toHaveAttribute('data-state', 'kept');
    await page.keyboard.press('Escape');
    await page.keyboard.press('8');
    await expect(page.getByRole('note').filter({ hasText: 'inspection hole' })).toBeVisible();
    await box(page, 'truck.brake').selectOption('missing');
    await expect(page.locator('#telltale')).toContainText('Replace the clutch brake, then measure again');
    await box(page, 'truck.brake').selectOption('good');
    await kept(page, 'truck.bearing_gap', '3/4 in');
    await kept(page, 'truck.fork_play', '1 mm');
    await kept(page, 'truck.free_pedal', '5/8 in');
    await expect(page.locator('#telltale')).toContainText('turn the adjusting ring clockwise');
    await expect(page.locator('#telltale')).toContainText('About 12 notches');
    await kept(page, 'truck.bearing_gap', '1/2 in');
    await kept(page, 'truck.fork_play', '1/8 in');
    await kept(page, 'truck.free_pedal', '2 in');
    await expect(page.locator('#telltale')).toContainText('right: leave it');
    await page.getByRole('link', { name: /^Strip/ }).click();
    await expect(page.getByRole('note').filter({ hasText: 'lifting device' })).toBeVisible();
    expect(faults).toEqual([]);
});

test('a tractor in inches: cautions, hours, uneven levers', async ({ page }) => {
    await signIn(page, 'Ines');
    await page.goto('/jobs/7/intake');
    await expect(page.getByRole('note').filter({ hasText: 'Split on proper stands' })).toBeVisible();
    await expect(box(page, 'time_since_fitted')).toHaveValue('6,120 h');
    await page.getByRole('button', { name: 'mm · N·m' }).click();
    await page.goto('/jobs/7/triage');
    await expect(page.locator('#draw-triage .causes li').first()).toContainText('Levers of the two-stage clutch uneven');
    await page.goto('/jobs/7/strip');
    await kept(page, 'cover.finger_heights', '1.500', 0);
    await kept(page, 'cover.finger_heights', '1.535', 1);
    await expect(page.locator('#telltale')).toContainText('spread 0.035');
    await kept(page, 'flywheel.thickness', '1-5/16 in');
    await expect(meta(page, 'flywheel.thickness')).toContainText('33.3');
    await page.goto('/jobs/7/set');
    await expect(page.getByRole('note').filter({ hasText: 'take-off guarded' })).toBeVisible();
});
