import { expect, signIn, test, watch } from './helpers.mjs';
import { seriousFindings } from './screens.mjs';

/* Accounts as people meet them: the lead adds somebody, who chooses a password; what is out waits for the lead. */

test('somebody is added, chooses a password, and is disabled again, by keyboard', async ({ page, browser }) => {
    const faults = watch(page);
    await signIn(page, 'Ines');
    await page.goto('/people');
    const add = page.locator('form', { has: page.getByRole('button', { name: 'Add', exact: true }) });
    await add.getByLabel('Name').fill('Tarn Wick');
    await add.getByLabel('Signs in as').fill('tarn');
    await add.getByRole('button', { name: 'Add', exact: true }).press('Enter');
    const first = await page.getByText('First password of Tarn Wick').locator('strong').textContent();
    expect(await seriousFindings(page)).toEqual([]);

    const theirs = await (await browser.newContext()).newPage();
    const enter = async (password) => {
        await theirs.goto('/sign-in');
        await theirs.getByLabel('Name').fill('tarn');
        await theirs.getByLabel('Password').fill(password);
        await theirs.getByLabel('Password').press('Enter');
    };
    await enter(first.trim());
    await expect(theirs.getByText('Choose one of your own')).toBeVisible();
    await theirs.goto('/board');
    await expect(theirs.getByRole('heading', { name: 'My account' })).toBeVisible();
    await theirs.getByLabel('Password you have now').fill(first.trim());
    // Put in as a password manager does, and looked at.
    await theirs.getByLabel('New password').focus();
    await theirs.keyboard.insertText('passwordpassword');
    await theirs.getByLabel('Show what I type').press('Space');
    await expect(theirs.getByLabel('New password')).toHaveAttribute('type', 'text');
    await theirs.getByLabel('The same again').fill('passwordpassword');
    await theirs.getByRole('button', { name: 'Change password' }).press('Enter');
    await expect(theirs.getByText('among the first that are tried')).toBeVisible();
    await expect(theirs.getByLabel('New password')).toHaveAttribute('type', 'password');
    await theirs.getByLabel('Password you have now').fill(first.trim());
    await theirs.getByLabel('New password').fill('grey heron on the slipway');
    await theirs.getByLabel('The same again').fill('grey heron on the slipway');
    await theirs.getByRole('button', { name: 'Change password' }).press('Enter');
    await expect(theirs.getByText('New password kept')).toBeVisible();
    await theirs.goto('/');
    await expect(theirs.getByRole('link', { name: /^Tarn ?: my account/ })).toBeVisible();

    await page.goto('/people');
    const row = page.getByRole('row', { name: /Tarn Wick/ });
    await expect(row).toContainText('signed in');
    await row.locator('summary').press('Enter');
    await row.getByRole('button', { name: 'Disable' }).press('Enter');
    await expect(page.getByText('Tarn Wick is disabled')).toBeVisible();
    await theirs.goto('/');
    await expect(theirs.getByRole('button', { name: 'Sign in' })).toBeVisible();
    await page.goto('/log?topic=accounts');
    await expect(page.getByText('Disabled Tarn Wick.')).toBeVisible();
    expect(faults).toEqual([]);
});

test('what is out waits for the lead, who agrees', async ({ page, browser }) => {
    await signIn(page, 'Bram');
    await page.goto('/jobs/2/record?fold=open-strip');
    await page.evaluate(() => document.querySelectorAll('.open-finding details').forEach((d) => (d.open = true)));
    const out = page.locator('.open-finding.v-out', { has: page.getByRole('button', { name: /Ask the lead/ }) }).first();
    const said = (await out.locator('p').first().textContent()).trim().slice(0, 40);
    await out.getByLabel('Reason to let it pass').fill('Scrapped after the season');
    await out.getByRole('button', { name: /Ask the lead/ }).press('Enter');
    await expect(page.getByText('Waits for the lead.')).toBeVisible();
    await expect(page.getByRole('button', { name: /^Agree/ })).toHaveCount(0);
    expect(await seriousFindings(page)).toEqual([]);

    const lead = await (await browser.newContext()).newPage();
    await signIn(lead, 'Ines');
    await lead.goto('/jobs/2/record');
    await lead.getByRole('button', { name: /^Agree/ }).press('Enter');
    await expect(lead.getByText('agreed by Ines Tarrow').first()).toBeVisible();
    await expect(lead.locator('.open-finding.v-out', { hasText: said })).toHaveCount(0);
});
