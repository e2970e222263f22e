// Every main screen checked with axe; no serious or critical finding.
import { expect, test } from './helpers.mjs';
import { hasNoFinding, onEachScreen, seriousFindings } from './screens.mjs';

test('the sign-in page', async ({ page }) => {
    await page.goto('/sign-in');
    expect(await seriousFindings(page)).toEqual([]);
});

test('a planted fault is found, so that finding none means something', async ({ page }) => {
    await page.goto('/sign-in');
    await page.evaluate(() => {
        document.querySelector('main').insertAdjacentHTML('beforeend', '<p id="pale">pale</p><img src="/spindle.svg">');
        document.getElementById('pale').style.color = '#bbb';
    });
    expect((await seriousFindings(page)).map((found) => found.split(':')[0]).sort()).toEqual(['color-contrast', 'image-alt']);
});

onEachScreen('light', hasNoFinding(), { colorScheme: 'light' });
