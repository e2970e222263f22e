// Every main screen checked with axe; no serious or critical finding.
import { expect, test } from '@playwright/test';
import { checkScreens, seriousFindings } from './screens.mjs';

test('the sign-in page', async ({ page }) => {
    await page.goto('/sign-in');
    expect(await seriousFindings(page)).toEqual([]);
});

test('all main screens, light', ({ page }) => checkScreens(page, 'light'));
