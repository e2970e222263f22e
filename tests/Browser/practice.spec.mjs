import { expect, listening, signIn, test, watch } from './helpers.mjs';
import { seriousFindings } from './screens.mjs';

/* Three practice vehicles from the complaint to what comes back: by pointer, by keyboard, with the causes closed. */

/** Goes with Tab until a link or button that is called so has the focus, and presses it. */
async function press(page, name) {
    for (let i = 0; i < 120; i += 1) {
        await page.keyboard.press('Tab');
        if (await page.evaluate((wanted) => document.activeElement?.textContent?.replace(/\s+/g, ' ').includes(wanted), name)) {
            await page.keyboard.press('Enter');
            return;
        }
    }
    throw new Error(`${name} is not reached by keyboard`);
}

test('a car that judders, by pointer: asked, tested, opened, the flywheel put right', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await page.getByRole('link', { name: 'Practice', exact: true }).click();
    await page.getByLabel(/^Vehicle/).fill('P-15');
    const form = page.locator('form').filter({ has: page.getByRole('button', { name: 'Only look for the fault' }) });
    await form.getByLabel('Kind').selectOption('car');
    await page.getByRole('button', { name: 'Only look for the fault' }).click();
    await expect(page.getByText('judder at the start')).toBeVisible();
    await page.locator('main details summary').first().click();
    await page.locator('main details[open] li a').first().click();
    await expect(page.getByRole('heading', { name: 'Known by now' })).toBeVisible();
    await page.getByRole('link', { name: 'Look the causes up' }).click();
    await expect(page.getByText('As triage sees it')).toBeVisible();
    await page.getByRole('link', { name: 'Slip test' }).click();
    await expect(page.getByText('6 min so far')).toBeVisible();
    expect(await seriousFindings(page)).toEqual([]);
    await page.getByRole('link', { name: 'Take it apart' }).click();
    await expect(page.getByText('the gearbox is off')).toBeVisible();
    await page.getByRole('link', { name: 'Seen to, before hands go in' }).click();
    for (const part of ['Disc', 'Flywheel']) {
        await page.getByRole('link', { name: new RegExp(`look at ${part}$`) }).click();
    }
    await expect(page.getByText(/heat spots/).first()).toBeVisible();
    expect(await seriousFindings(page)).toEqual([]);
    for (const work of ['Clutch kit', 'Flywheel machined']) {
        await page.getByRole('button', { name: new RegExp(work) }).click();
    }
    await expect(page.getByRole('button', { name: /Flywheel machined/ })).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('link', { name: 'Close it, and give it back' }).click();
    await expect(page.getByText('All that was wrong was put right.')).toBeVisible();
    await expect(page.getByText('Flywheel spotted or uneven')).toBeVisible();
    await expect(page.getByText('Hands went in before')).toHaveCount(0);
    expect(await seriousFindings(page)).toEqual([]);
    // Back goes to the move before, and the address is all there is of it.
    await page.goBack();
    await expect(page.getByText('the gearbox is off')).toBeVisible();
    expect(faults).toEqual([]);
});

test('a truck that slips, by keyboard, with the causes closed until the end', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await page.goto('/practice/P-3?class=truck&tell=closed');
    await listening(page);
    await expect(page.getByText('Look the causes up')).toHaveCount(0);
    await press(page, 'Slip test');
    await expect(page.getByText('Known by now')).toBeVisible();
    await press(page, 'Take it apart');
    await expect(page.getByText('the gearbox is off')).toBeVisible();
    // Hands go in before the cautions: it is said at the end.
    await press(page, 'look at Disc');
    await expect(page.getByText('Disc thickness now')).toBeVisible();
    await expect(page.getByText('What was read says')).toHaveCount(0);
    await press(page, 'Pilot bearing or bush');
    await press(page, 'Close it, and give it back');
    await expect(page.getByText('Left as it was: clutch kit')).toBeVisible();
    await expect(page.getByText('Renewed though nothing was wrong with it: pilot bearing or bush.')).toBeVisible();
    await expect(page.getByText('Hands went in before the cautions were seen to.')).toBeVisible();
    await expect(page.getByRole('heading', { name: /Lining worn/ })).toBeVisible();
    expect(faults).toEqual([]);
});

test('a tractor whose take-off does not stop: one adjusts it and it comes back, another sets its levers; side by side', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    const address = '/practice/P-21?class=tractor';
    await page.goto(address);
    await expect(page.getByText('take-off or travel does not stop')).toBeVisible();
    await page.getByRole('link', { name: 'Adjust' }).click();
    await expect(page.getByText('The complaint comes back at once')).toBeVisible();
    const wrong = page.url();
    await page.goto(address);
    await page.getByRole('link', { name: 'Take it apart' }).click();
    await page.getByRole('link', { name: 'Seen to, before hands go in' }).click();
    await page.getByRole('link', { name: /look at Two-stage set$/ }).click();
    await expect(page.getByText(/Lever heights/).first()).toBeVisible();
    await page.getByRole('button', { name: /Levers of both stages set/ }).click();
    await page.getByRole('link', { name: 'Close it, and give it back' }).click();
    await expect(page.getByText('All that was wrong was put right.')).toBeVisible();
    const right = page.url();
    await page.goto('/practice/ways');
    await page.getByLabel(/A line for each/).fill(`Ana ${wrong}\nBo ${right}`);
    await page.getByRole('button', { name: 'Lay them side by side' }).click();
    await expect(page.getByRole('cell', { name: 'adjust, not right' })).toBeVisible();
    await expect(page.getByRole('cell', { name: 'take it apart, right' })).toBeVisible();
    await expect(page.getByRole('cell', { name: /nothing left/ })).toBeVisible();
    expect(await seriousFindings(page)).toEqual([]);
    expect(faults).toEqual([]);
});
