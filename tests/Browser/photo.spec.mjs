// A photo of a part, through the page as a technician sends it; a file that is none is refused.
import { readFile } from 'node:fs/promises';
import { expect, signIn, test, watch } from './helpers.mjs';

test('a photo is kept with its part, a bad file is refused', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await page.goto('/jobs/2/bench');
    const picture = await page.screenshot();
    await page.locator('summary', { hasText: 'Photos' }).click();
    await page.getByLabel('Part', { exact: true }).fill('New disc, flywheel side');
    await page.getByLabel('Picture').setInputFiles({ name: 'disc.png', mimeType: 'image/png', buffer: picture });
    await page.getByRole('button', { name: 'Keep the photo' }).click();
    const shown = page.getByRole('img', { name: 'New disc, flywheel side, enlarge' });
    await expect(shown).toBeVisible();
    await shown.scrollIntoViewIfNeeded();
    await expect.poll(() => shown.evaluate((i) => i.naturalWidth)).toBe(1280);

    await page.locator('summary', { hasText: 'Photos' }).click();
    await page.getByLabel('Part', { exact: true }).fill('Old disc');
    await page.getByLabel('Picture').setInputFiles({ name: 'disc.jpg', mimeType: 'image/jpeg', buffer: await readFile('README.md') });
    await page.getByRole('button', { name: 'Keep the photo' }).click();
    await expect(page.getByRole('alert')).toContainText('no picture this program can read');
    await expect(page.getByLabel('Part', { exact: true })).toHaveValue('Old disc');
    expect(faults).toEqual([]);
});
