// Every main screen checked with axe, in both themes; no serious or critical finding.
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { openAllParts, signIn } from './helpers.mjs';

const screens = ['/', '/vehicles/4', '/new-job', '/import', '/limits', '/models?model=Ostrel+Wend+1.4+hatchback', '/instruments', '/evidence', '/evidence/pilot', '/jobs/2/intake', '/jobs/11/intake', '/jobs/2/triage', '/jobs/2/demand', '/jobs/2/strip', '/jobs/12/strip', '/jobs/3/kit', '/jobs/4/set', '/jobs/8/set', '/jobs/2/record', '/jobs/1/record', '/jobs/1/sheet', '/jobs/2/history/disc.thickness'];

async function seriousFindings(page) {
    const { violations } = await new AxeBuilder({ page }).analyze();
    return violations.filter((v) => ['serious', 'critical'].includes(v.impact)).map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).slice(0, 4).join(' | ')}`);
}

test('the sign-in page', async ({ page }) => {
    await page.goto('/sign-in');
    expect(await seriousFindings(page)).toEqual([]);
});

for (const scheme of ['light', 'dark']) {
    test(`all main screens, ${scheme}`, async ({ page }) => {
        test.setTimeout(240_000);
        await page.emulateMedia({ colorScheme: scheme });
        await signIn(page);
        for (const path of screens) {
            await page.goto(path);
            await openAllParts(page);
            await page.evaluate(() => document.querySelectorAll('details').forEach((d) => (d.open = true)));
            expect(await seriousFindings(page), path).toEqual([]);
        }
    });
}

test('nothing stands wider than a tablet held upright or a phone', async ({ page }) => {
    await signIn(page);
    for (const width of [800, 390]) {
        await page.setViewportSize({ width, height: 1100 });
        for (const path of screens) {
            await page.goto(path);
            await openAllParts(page);
            const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
            expect(over, `${path} at ${width}`).toBeLessThanOrEqual(0);
        }
    }
});

test('targets are large enough for gloves', async ({ page }) => {
    await signIn(page);
    for (const path of ['/', '/jobs/2/intake', '/jobs/2/strip', '/jobs/12/strip', '/evidence/pilot', '/jobs/3/kit', '/jobs/2/record']) {
        await page.goto(path);
        await openAllParts(page);
        const small = await page.locator('button:visible, select:visible, .rail a:visible, .box:visible, textarea:visible, summary:visible, .parts a:visible').evaluateAll((all) =>
            all.filter((e) => e.getBoundingClientRect().height < 43.5).map((e) => `${e.tagName} ${e.className} ${e.textContent?.trim().slice(0, 30)} ${Math.round(e.getBoundingClientRect().height)}`));
        expect(small, path).toEqual([]);
    }
});
