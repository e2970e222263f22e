// The main screens, and how they are checked with axe.
import AxeBuilder from '@axe-core/playwright';
import { expect, openAllParts, signIn, test, withHistory } from './helpers.mjs';

const screens = ['/', '/account', '/people', '/log', '/vehicles/4', '/new-job', '/import', '/limits', '/models?model=Ostrel+Wend+1.4+hatchback', '/instruments', '/evidence', '/evidence/pilot', '/jobs/2/intake', '/jobs/11/intake', '/jobs/2/triage', '/jobs/2/demand', '/jobs/2/strip', '/jobs/12/strip', '/jobs/3/kit', '/jobs/2/kit', '/jobs/2/kit/39', '/jobs/2/kit/compare?k39=1&k51=1', '/jobs/3/parts', '/jobs/3/parts/order', '/shelf', '/shelf/39', '/shelf/new', '/rules', '/jobs/4/set', '/jobs/8/set', '/jobs/10/set', '/jobs/13/fit', '/jobs/4/fit', '/jobs/10/prove', '/jobs/2/prove', '/jobs/2/plan', '/board', '/history', '/vehicles/1', '/jobs/2/record', '/jobs/1/record', '/jobs/1/sheet', '/jobs/2/history/disc.thickness', '/jobs/2/walk', '/jobs/5/walk?at=cab', '/jobs/2/labels', '/guide', '/practice', '/practice/P-6?level=guided', '/practice/P-6?m=say.strip,care,part.disc', '/practice/P-6?m=test.t_slip,say.strip,close', '/practice/ways'];

// Of the dark theme only what colours decide: everything else is the same page and was checked in the light one.
export async function seriousFindings(page, rules = null) {
    // The way to each passing node is what takes axe its time, and nobody reads it.
    // There are no frames from elsewhere, so no second page is needed to put the answer together.
    const builder = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
    const { violations } = await (rules ? builder.withRules(rules) : builder).analyze();
    return violations.filter((v) => ['serious', 'critical'].includes(v.impact)).map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).slice(0, 4).join(' | ')}`);
}

/** So long one page may take with all that is asked of it, on a machine that others use too. */
const A_PAGE = 90_000;

/**
 * A test for each main screen, as the lead who signed in once: one that fails or is slow says nothing about the others.
 *
 * @param {(page: import('@playwright/test').Page) => Promise<void>} check what is asked of it, with its parts opened
 * @param {object} options of the browser's window
 */
export function onEachScreen(title, check, options = {}, paths = screens) {
    test.describe(title, () => {
        let page;
        test.beforeAll(async ({ browser, baseURL }) => {
            page = await browser.newPage({ baseURL, ...options });
            await signIn(page, 'Ines');
            await (paths.includes('/history') && withHistory(page));
        });
        test.afterAll(() => page.close());
        for (const path of paths) {
            test(path, async () => {
                test.setTimeout(A_PAGE);
                // A page of an error has no findings either.
                expect((await page.goto(path)).status()).toBe(200);
                await openAllParts(page);
                await check(page);
            });
        }
    });
}

/** With everything open: no serious or critical finding. */
export const hasNoFinding = (rules = null) => async (page) => {
    await page.evaluate(() => document.querySelectorAll('details').forEach((d) => (d.open = true)));
    expect(await seriousFindings(page, rules)).toEqual([]);
};
