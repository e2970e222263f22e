import AxeBuilder from '@axe-core/playwright';
import { box, expect, kept, listening, newCar, signIn, test, watch, word, unfolded } from './helpers.mjs';

/* Set and Fit: from a pedal that drags to one that is right, and a plan that two people work through. All vehicles are made up. */

async function clean(page) {
    const { violations } = await new AxeBuilder({ page }).setLegacyMode().analyze();
    expect(violations.filter((v) => ['serious', 'critical'].includes(v.impact)).map((v) => `${v.id}: ${v.nodes[0].html}`)).toEqual([]);
}

async function carWith(page, name, actuation, entries) {
    const job = await newCar(page, name, name.slice(0, 6).toUpperCase());
    await listening(page);
    await word(page, 'vehicle.actuation', actuation);
    await page.goto(`${job}/set`);
    await listening(page);
    for (const [field, text] of Object.entries(entries)) {
        await kept(page, field, text);
    }
    return job;
}

const pedal = { 'release.pedal_travel': '140 mm', 'release.pedal_ratio': '6', 'release.finger_ratio': '3.8', 'release.cushion': '0.6 mm' };

test('a cable car that drags is cured by the turns that are proposed', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await carWith(page, 'Sluice dray', 'Cab', {
        ...pedal, 'release.free_play': '70 mm', 'release.linkage_ratio': '1.6', 'release.fork_ratio': '1.6', 'release.rod_pitch': '1.25 mm',
    });
    const told = page.locator('#telltale');
    await expect(told).toContainText('it will drag');
    await kept(page, 'release.take_up_wanted', '45 %');
    await expect(told).toContainText(/tighten the cable by \d\.\d turns/);
    // Two turns at a time, each measured before the next, as the page says it.
    const next = page.locator('.next-step');
    let steps = 0;
    for (; await next.count() && steps < 8; steps++) {
        const said = (await next.textContent()).replace(/\s/g, ' ');
        const [, turns, play] = /Tighten the cable by ([\d.]+) turns.*: ([\d.]+) mm is foretold/.exec(said);
        expect(Number(turns)).toBeLessThanOrEqual(2);
        await kept(page, 'release.turns_made', turns, steps);
        await expect(told).toContainText('is turned and not measured');
        await expect(next).toContainText('measure the free play before anything else');
        await kept(page, 'release.play_after', `${play} mm`, steps);
        await expect(told).not.toContainText('is turned and not measured');
        await page.waitForTimeout(300);
    }
    expect(steps).toBeGreaterThan(1);
    await expect(told).toContainText('does the pedal turn firm a second time');
    await word(page, 'release.firm_again', 'no');
    await expect(told).toContainText(/[Ss]et in \d steps, each measured/);
    await expect(told).toContainText(/[Tt]ake-up wanted 45\s%\D*above the floor, is 45\s%/);
    await expect(told).not.toContainText('it will drag');
    await clean(page);
    expect(faults).toEqual([]);
});

test('the pedal of the drawing goes down by keys, and says what happens', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await page.goto('/jobs/10/set');
    await listening(page);
    const slider = page.getByLabel('Pedal, from up to the floor');
    await slider.focus();
    await page.keyboard.press('Home');
    await expect(page.locator('[data-caption]')).toContainText('Free play.');
    const bearing = () => page.locator('[data-move=bearing]').getAttribute('transform');
    const rest = await bearing();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('End');
    await expect(page.locator('[data-caption]')).toContainText('Free. There is air');
    expect(await bearing()).not.toEqual(rest);
    // Still it steps where motion is not wanted.
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await page.getByRole('button', { name: 'Press the pedal' }).press('Enter');
    await expect(page.locator('[data-caption]')).toContainText('Take-up.');
    // The drawing and the first figures are seen together.
    const bottom = (selector) => page.locator(selector).first().evaluate((e) => e.getBoundingClientRect().bottom);
    expect(await bottom('.chain-fig')).toBeLessThan(700);
    await clean(page);
    expect(faults).toEqual([]);
});

test('a concentric bearing is shimmed and measured again', async ({ page }) => {
    await signIn(page);
    await carWith(page, 'Lock courier', 'Hydraulic, c', {});
    // Its own runs in contact, and then nothing is shimmed: this one is made with a clearance.
    await word(page, 'release.light_contact', 'n');
    for (const [place, depth] of ['69.24 mm', '69.31 mm', '69.18 mm'].entries()) {
        await kept(page, 'release.depth_to_fingers', depth, place);
    }
    await kept(page, 'release.bearing_height', '63.12 mm');
    const told = page.locator('#telltale');
    await expect(told).toContainText('Put them in and measure A and B again');
    for (const [place, depth] of ['66.94 mm', '67.01 mm', '66.88 mm'].entries()) {
        await kept(page, 'release.depth_to_fingers', depth, place);
    }
    await expect(told).toContainText(/Clearance 3\.82\smm.*no shim/);
});

test('an external slave gets the master bore that its air gap wants', async ({ page }) => {
    await signIn(page);
    await carWith(page, 'Ferry runabout', 'Hydraulic, s', {
        ...pedal, 'release.free_play': '3 mm', 'release.master_bore': '14 mm', 'release.slave_bore': '20.64 mm', 'release.fork_ratio': '1.9', 'release.clearance': '1.5 mm',
    });
    await expect(page.locator('#telltale')).toContainText('it will drag');
    await unfolded(page, 'release.air_gap_wanted');
    await page.getByText('Master bores side by side').click();
    const row = page.getByRole('row', { name: /Ø 17\.46 mm/ });
    await expect(row).toBeVisible();
    const gap = (await row.locator('td').nth(1).textContent()).trim();
    await kept(page, 'release.master_bore', '17.46 mm');
    await expect(page.locator('#telltale')).toContainText(new RegExp(`each face has ${gap.replace(/\s/g, '\\s')}`));
    await expect(page.locator('#telltale')).not.toContainText('it will drag');
});

test('two people work through one tightening plan, by tap and by key', async ({ page, browser }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await newCar(page, 'Weir hatch', 'WEIR 6');
    await page.goto(`${job}/fit`);
    await listening(page);
    await kept(page, 'fastening.cover.bolts', '6');
    await kept(page, 'fastening.cover.torque', '25 N·m');
    const other = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' })).newPage();
    await signIn(other, 'Sefi');
    await other.goto(`${job}/fit`);
    await unfolded(other, 'fastening.cover.bolts');
    await listening(other);
    const bolt = (on, n) => on.locator('.bolt[name="t[cover]"]').filter({ hasText: new RegExp(`bolt ${n}\\D`) });

    // By key: the next bolt takes the focus, so that a round goes by Enter alone.
    await bolt(page, 1).focus();
    await page.keyboard.press('Enter');
    await expect(bolt(page, 4)).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(bolt(page, 2)).toBeFocused();
    // By tap, by the other, who sees at once what was done meanwhile.
    await bolt(other, 2).click();
    await expect(bolt(other, 4)).toHaveAttribute('aria-pressed', 'true');
    await expect(other.locator('#fold-bolts-cover .rounds .now')).toContainText('3/6');
    // And who only looks on sees it too.
    await expect(bolt(page, 2)).toHaveAttribute('aria-pressed', 'true');
    await bolt(page, 5).click();
    await bolt(other, 5).click();
    await expect(other.locator('#fold-bolts-cover .rounds .now')).toContainText('4/6');
    // Faster than the answers come: what waits its turn is not lost with the drawing that is drawn anew.
    await page.evaluate(() => ['3', '6'].forEach((n) => [...document.querySelectorAll('.bolt[name="t[cover]"]')].find((b) => b.value.endsWith(` ${n}`)).click()));
    await expect(page.locator('#fold-bolts-cover .rounds .now')).toContainText('Half turns until seated');
    await clean(page);
    // A tick that does not arrive is kept, looks so, and is sent when the connection is back.
    expect(faults).toEqual([]);
    await page.context().setOffline(true);
    await bolt(page, 1).click();
    await expect(page.locator('[data-said-of="t[cover]"]')).toBeVisible();
    await expect(page.locator('[data-said-of="t[cover]"]')).toContainText('1 kept here and sent again');
    await expect(bolt(page, 1)).toHaveClass(/kept/);
    await page.context().setOffline(false);
    await expect(page.locator('[data-said-of="t[cover]"]')).toBeHidden();
    await expect(bolt(page, 1)).not.toHaveClass(/kept/);
    await expect(bolt(page, 1)).toHaveAttribute('aria-pressed', 'true');
    await expect(page.locator('[data-said-of="t[cover]"]')).toBeHidden();
    await page.reload();
    await expect(page.locator('#fold-bolts-cover .rounds')).toContainText('6/6');
    // What the browser itself says of the connection is no fault of the page.
    expect(faults.filter((f) => !/sendError|afterRequest/.test(f))).toEqual([]);
});

/** Opens a job on a new vehicle of a class, answers its intake, and goes to Set. */
async function setOf(page, name, className, intake) {
    await page.goto('/new-job');
    await page.getByRole('textbox', { name: /^Vehicle/ }).fill(name);
    await page.getByRole('textbox', { name: 'Plate', exact: true }).fill(name.slice(0, 6).toUpperCase());
    await page.getByLabel(className, { exact: true }).check();
    await page.getByRole('button', { name: 'Open the job' }).click();
    await expect(page.getByRole('heading', { name: '1 · Intake' })).toBeVisible();
    const job = new URL(page.url()).pathname.replace(/\/intake$/, '');
    await listening(page);
    for (const [field, letters] of Object.entries(intake)) {
        await word(page, field, letters);
    }
    await page.goto(`${job}/set`);
    await listening(page);
    return job;
}

test('a truck is set right in two rounds, and both are kept', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await setOf(page, 'Lock gravel tipper', 'Truck', { 'vehicle.actuation': 'Pull' });
    await word(page, 'truck.brake', 'Good');
    for (const [field, text] of Object.entries({ 'truck.bearing_gap': '19 mm', 'truck.fork_play': '0.5 mm', 'truck.free_pedal': '12 mm' })) {
        await kept(page, field, text);
    }
    const told = page.locator('#telltale');
    await expect(told).toContainText('turn the adjusting ring clockwise');
    await expect(page.locator('#draw-truck')).toContainText('12 notches');
    await clean(page);
    await unfolded(page, 'as_left.truck.brake');
    await word(page, 'as_left.truck.brake', 'Good');
    for (const [field, text] of Object.entries({ 'as_left.truck.bearing_gap': '13.5 mm', 'as_left.truck.fork_play': '3.2 mm', 'as_left.truck.free_pedal': '50 mm' })) {
        await kept(page, field, text);
    }
    await expect(told).toContainText('ight: leave it');
    await page.reload();
    const rounds = page.getByRole('table', { name: 'Rounds of measuring' });
    await expect(rounds.getByRole('row')).toHaveCount(3);
    await expect(rounds).toContainText('19 mm');
    await expect(rounds).toContainText('13.5 mm');
    expect(faults).toEqual([]);
});

test('a drawing shows the last entry, though its fetch for the one before comes late', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await setOf(page, 'Slow orchard tractor', 'Tractor', { 'vehicle.stages': 'Two', 'vehicle.actuation': 'Rod' });
    let fetched = 0;
    await page.route(/\/drawings?\/two-stage/, async (route) => {
        fetched += 1;
        await new Promise((done) => setTimeout(done, fetched === 1 ? 2500 : 0));
        await route.continue();
    });
    await kept(page, 'two_stage.travel_total', '26 mm');
    await expect.poll(() => fetched).toBe(1);
    await kept(page, 'two_stage.travel_to_first', '13 mm');
    await expect(page.locator('#draw-two-stage')).toContainText('travel disc free at 50 %');
    expect(fetched).toBe(2);
    expect(faults).toEqual([]);
});

test('both stages of a tractor stand on one ribbon that follows what is entered', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await setOf(page, 'Weir orchard tractor', 'Tractor', { 'vehicle.stages': 'Two', 'vehicle.actuation': 'Rod' });
    await kept(page, 'two_stage.travel_total', '26 mm');
    await kept(page, 'two_stage.travel_to_first', '13 mm');
    await expect(page.locator('#draw-two-stage')).toContainText('travel disc free at 50 %');
    await kept(page, 'two_stage.air_gap_travel', '0.5 mm', 0);
    await expect(page.locator('#draw-two-stage')).toContainText('0.5 mm of air');
    await kept(page, 'release.free_play', '25 mm');
    await expect(page.locator('#telltale')).toContainText(/Free play 25(\.0)?\smm/);
    await clean(page);
    expect(faults).toEqual([]);
});
