import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, listening, signIn, test, watch } from './helpers.mjs';

/* A shelf of fifty thousand kits, used by keyboard alone. The lists are made up by the generator that ships. */
const KITS = 50_000;

test.describe.configure({ mode: 'serial' });

test.beforeAll(async () => {
    test.setTimeout(300_000);
    const port = 8462 + Number(process.env.TEST_PARALLEL_INDEX ?? 0);
    const folder = mkdtempSync(join(tmpdir(), 'lists-'));
    const artisan = (...words) => execFileSync('php', ['-d', 'opcache.enable_cli=1', 'artisan', ...words], {
        env: { ...process.env, APP_ENV: 'browser', DB_CONNECTION: 'sqlite', DB_DATABASE: join(process.cwd(), `storage/test/browser-${port}.sqlite`), CACHE_STORE: 'file' },
        stdio: ['ignore', 'ignore', 'inherit'],
    });
    artisan('kits:invent', folder, `--kits=${KITS}`);
    for (const name of readdirSync(folder)) {
        artisan('kits:import', join(folder, name), `--supplier=Large ${name}`);
    }
    rmSync(folder, { recursive: true });
});

test('fifty thousand kits by keyboard: looked for, walked through, compared and chosen', async ({ page }) => {
    test.setTimeout(120_000);
    const faults = watch(page);
    await signIn(page);
    await page.goto('/jobs/2/kit');
    await listening(page);
    await expect(page.getByText(/50\s\d{3} kits,/)).toBeVisible();
    await expect(page.locator('[data-row]')).toHaveCount(15);
    // Fifteen rows are seen at once.
    expect(await page.locator('[data-row]').nth(14).evaluate((e) => e.getBoundingClientRect().bottom)).toBeLessThan(800);

    // By what it is called, from the keyboard.
    await page.locator('#search').focus();
    await page.keyboard.type('wharf 250');
    await page.keyboard.press('Enter');
    await page.waitForURL(/q=wharf/);
    await listening(page);
    await expect(page.locator('[data-row]').first()).toContainText('Wharf 250');

    // Down two rows and up one; two are ticked and held side by side.
    await page.locator('body').press('ArrowDown');
    await page.keyboard.press('Space');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Space');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowUp');
    await expect(page.locator('[data-row]').nth(1)).toBeFocused();
    await page.getByRole('button', { name: 'Compare what is ticked' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText('Side by side')).toBeVisible();
    await page.goBack();
    await listening(page);

    // Enter opens, and the kit is chosen there.
    const name = await page.locator('[data-row]').first().textContent();
    await page.locator('body').press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name })).toBeVisible();
    await page.getByRole('button', { name: 'Choose this kit' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText(`Chosen: ${name}`)).toBeVisible();
    expect(faults).toEqual([]);
});

test.afterAll(async () => {
    // Whoever comes after on this server has the shelf of the demonstration again.
    const port = 8462 + Number(process.env.TEST_PARALLEL_INDEX ?? 0);
    execFileSync('php', ['-r', `
        $db = new PDO('sqlite:storage/test/browser-${port}.sqlite');
        $db->exec('pragma busy_timeout = 20000; begin immediate');
        $mine = "(select id from suppliers where name like 'Large %')";
        $db->exec("delete from kit_details where kit_id in (select id from kits where supplier_id in $mine)");
        $db->exec("update kits set supplier_id = supplier_id where 0");
        $db->exec("delete from kits where supplier_id in $mine and id not in (select kit_id from kit_choices where kit_id is not null)");
        $db->exec('update shelf_stamps set kits = (select count(*) from kits), stamp = stamp + 1; commit');
    `]);
});
