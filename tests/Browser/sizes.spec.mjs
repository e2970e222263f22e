// How wide pages stand, and how large what is touched is.
import { expect, test } from '@playwright/test';
import { openAllParts, signIn } from './helpers.mjs';
import { screens } from './screens.mjs';

test('nothing stands wider than a tablet held upright or a phone', async ({ page }) => {
    await signIn(page, 'Ines');
    for (const path of screens) {
        await page.goto(path);
        await openAllParts(page);
        for (const width of [800, 390]) {
            await page.setViewportSize({ width, height: 1100 });
            const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
            expect(over, `${path} at ${width}`).toBeLessThanOrEqual(0);
        }
    }
});

test('targets are large enough for gloves', async ({ browser }) => {
    // A screen that is touched; with a mouse a row may be as high as its line.
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, hasTouch: true, isMobile: true, locale: 'en-GB' })).newPage();
    await signIn(page, 'Ines');
    for (const path of ['/', '/account', '/people', '/log', '/vehicles/1', '/jobs/2/intake', '/jobs/2/strip', '/jobs/12/strip', '/evidence/pilot', '/jobs/3/kit', '/jobs/2/kit/428', '/jobs/3/parts', '/jobs/10/bench', '/shelf', '/jobs/13/fit', '/jobs/10/set', '/jobs/2/record']) {
        await page.goto(path);
        await openAllParts(page);
        const small = await page.locator('button:visible, select:visible, .rail a:visible, .box:visible, textarea:visible, summary:visible, .parts a:visible').evaluateAll((all) =>
            all.filter((e) => e.getBoundingClientRect().height < 43.5).map((e) => `${e.tagName} ${e.className} ${e.textContent?.trim().slice(0, 30)} ${Math.round(e.getBoundingClientRect().height)}`));
        expect(small, path).toEqual([]);
    }
});

test('targets are large enough for a mouse', async ({ page }) => {
    await signIn(page);
    for (const path of ['/jobs/2/kit', '/jobs/13/fit', '/jobs/10/set']) {
        await page.goto(path);
        // WCAG 2.2, target size (minimum): 24 by 24; a box of 22 stands in a label that is larger.
        const small = await page.locator('button:visible, select:visible, .box:visible, input[type=checkbox]:visible').evaluateAll((all) =>
            all.filter((e) => Math.min(e.getBoundingClientRect().height, e.getBoundingClientRect().width) < 21.5).map((e) => `${e.tagName} ${e.className} ${Math.round(e.getBoundingClientRect().height)}`));
        expect(small, path).toEqual([]);
    }
});
