import AxeBuilder from '@axe-core/playwright';
import { acceptParts, box, expect, kept, listening, settleFit, settleParts, signIn, test, unfolded, watch, word, speaksFor } from './helpers.mjs';

/* A supplier's list is taken in, and a car, a truck and a two-stage tractor go from it to accepted parts. Everything in it is made up. */
const LIST = [
    'Part no;Name;Class;Discs;Stages;Disc OD [mm];Disc ID [mm];Facing;Clamp load [kN];Springs;Splines;Spline diameter [mm];Hub type;Operation;Contents;Price;Days;lining_outer2;lining_inner2;material2;clamp_load2',
    'ZC-228-1;Sluice 228 car;car;1;;228;150;organic_wire;6,4;self_adjusting;23;22,4;sprung;push;Disc, cover, release bearing;219,00;2;;;;',
    'ZC-228-2;Sluice 228 light;car;1;;228;150;organic;4,1;self_adjusting;23;22,4;sprung;push;Disc, cover, release bearing;149,00;1;;;;',
    'ZT-350-2;Sluice 350 twin;truck;2;;350;195;organic_wire;16;self_adjusting;10;50,8;sprung;pull;Disc, cover, intermediate plate, release bearing;1480,00;3;;;;',
    'ZO-280-2;Sluice 280 two-stage;tractor;1;two;280;165;organic_wire;13;self_adjusting;10;34,925;sprung;push;Disc, cover, release bearing, levers;890,00;5;250;160;organic;9 kN',
    'ZC-999;Sluice spoiled;car;1;;huge;150;organic;5;coil;23;22,4;sprung;push;Disc;99,00;1;;;;',
].join('\r\n');

const VEHICLES = [
    {
        name: 'Quarry hatch', className: 'Car', number: 'ZC-228-1',
        intake: { 'vehicle.actuation': 'Hydraulic, s', 'vehicle.flywheel': 'Sol', 'vehicle.spline_count': '23', 'vehicle.spline_diameter': '22.4 mm', 'vehicle.friction_outer': '232 mm' },
        demand: { 'engine.peak_torque': '230 N·m', duty: 'Town' },
    },
    {
        name: 'Quarry tipper', className: 'Truck', number: 'ZT-350-2',
        intake: { 'vehicle.actuation': 'Pull', 'vehicle.flywheel': 'Pot', 'vehicle.spline_count': '10', 'vehicle.spline_diameter': '2 in', 'vehicle.friction_outer': '355 mm', 'vehicle.discs': 'Two' },
        demand: { 'engine.peak_torque': '1900 N·m', duty: 'Road' },
    },
    {
        name: 'Quarry tractor', className: 'Tractor', number: 'ZO-280-2',
        intake: { 'vehicle.stages': 'Two', 'vehicle.actuation': 'Rod', 'vehicle.flywheel': 'Sol', 'vehicle.spline_count': '10', 'vehicle.spline_diameter': '1-3/8 in', 'vehicle.friction_outer': '285 mm' },
        demand: { 'engine.peak_torque': '230 N·m', duty: 'Field', 'engine.pto_power': '30 kW', 'engine.pto_engine_speed': '1900 rpm' },
    },
];

async function answer(page, entries) {
    for (const [field, text] of Object.entries(entries)) {
        await unfolded(page, field);
        (await box(page, field).evaluate((e) => e.tagName)) === 'SELECT' ? await word(page, field, text) : await kept(page, field, text);
    }
}

async function clean(page) {
    const { violations } = await new AxeBuilder({ page }).setLegacyMode().analyze();
    expect(violations.filter((v) => ['serious', 'critical'].includes(v.impact)).map((v) => `${v.id}: ${v.nodes[0].html}`)).toEqual([]);
}

test('three classes from an imported list to accepted parts', async ({ page }) => {
    test.setTimeout(420_000);
    const faults = watch(page);
    await signIn(page);
    await page.goto('/shelf');
    await page.getByText('Take a supplier’s list in').click();
    await page.getByLabel('Supplier').first().fill('Sluice Lane');
    await page.getByLabel('List').setInputFiles({ name: 'sluice.csv', mimeType: 'text/csv', buffer: Buffer.from(LIST, 'latin1') });
    await page.getByRole('button', { name: 'Look at it' }).click();
    await expect(page.getByText('What its columns hold')).toBeVisible();
    await expect(page.getByText('semicolons between columns, decimal comma')).toBeVisible();
    await clean(page);
    await page.getByLabel('Currency of its prices').fill('EUR');
    await page.getByRole('button', { name: 'Read it so' }).click();
    await expect(page.getByText('This is what would happen')).toBeVisible();
    await expect(page.getByRole('row', { name: /6 Disc OD \[mm\] “huge”/ })).toBeVisible();
    await clean(page);
    await page.getByRole('button', { name: 'Take the good rows, leave 1 out' }).click();
    await expect(page.getByText('The list is on the shelf.')).toBeVisible();

    for (const [i, vehicle] of VEHICLES.entries()) {
        await page.goto('/new-job');
        await page.getByRole('textbox', { name: /^Vehicle/ }).fill(vehicle.name);
        await page.getByRole('textbox', { name: 'Plate', exact: true }).fill(`QY ${i}`);
        await page.getByLabel(vehicle.className, { exact: true }).check();
        await page.getByRole('button', { name: 'Open the job' }).click();
        await expect(page.getByRole('heading', { name: '1 · Intake' })).toBeVisible();
        const job = new URL(page.url()).pathname.replace(/\/intake$/, '');
        await listening(page);
        await answer(page, vehicle.intake);
        await page.goto(`${job}/demand`);
        await listening(page);
        await answer(page, vehicle.demand);

        // The shelf: only what fits, the best first; two of them side by side.
        await page.goto(`${job}/kit?q=sluice`);
        await listening(page);
        const name = page.locator('[data-row]').first();
        await expect(name).toContainText('Sluice');
        await clean(page);
        if (i === 0) {
            await page.locator('body').press('ArrowDown');
            await page.keyboard.press('Space');
            await page.keyboard.press('ArrowDown');
            await expect(page.locator('[data-row]').nth(1)).toBeFocused();
            await page.keyboard.press('Space');
            await page.getByRole('button', { name: 'Compare what is ticked' }).press('Enter');
            await expect(page.getByText('Side by side')).toBeVisible();
            await clean(page);
            await page.goto(`${job}/kit?q=sluice`);
            await listening(page);
        }
        await page.getByRole('button', { name: `Choose ${await name.textContent()}` }).click();
        await expect(page.getByText(/^Chosen: Sluice/)).toBeVisible();
        await page.getByRole('link', { name: 'Look at it' }).click();
        await listening(page);
        await expect(page.getByText(vehicle.number).first()).toBeVisible();
        await clean(page);
        await settleFit(page, { 'match.stack_height': '40 mm', 'match.friction_inner': '120 mm' });
        // Answered in place: the check follows without the page being loaded again.
        await expect(page.locator('#kit-fit')).toContainText('on a face from 120 mm');

        // Order: the kit comes in part first, then the rest.
        await page.getByRole('link', { name: 'Everything the job needs' }).click();
        await listening(page);
        await settleParts(page, { 'parts.pilot': 'Or' });
        const order = page.locator('form', { has: page.locator('input[name=part][value=pilot]') });
        await order.getByLabel('Number').fill('PB-88');
        await order.getByLabel('Pieces').fill('2');
        await order.getByRole('button', { name: 'Order' }).click();
        await expect(page.getByText(/This job waits for pilot/)).toBeVisible();
        await page.getByRole('button', { name: 'Where is it?' }).click();
        await expect(page.getByText('1 of 2 here')).toBeVisible();
        await page.getByRole('button', { name: 'Here', exact: true }).click();
        await expect(page.getByText('Nothing ordered is on its way.')).toBeVisible();
        await clean(page);

        await page.goto(`${job}/bench`);
        await listening(page);
        await kept(page, await speaksFor(page, 'bench.fingers_old'), '40.00 mm');
        await kept(page, 'bench.fingers_new', '41.20 mm');
        await expect(page.locator('#telltale')).toContainText('the bearing clearance shrinks');
        await acceptParts(page);
        await expect(page.locator('#telltale')).toContainText('The parts are accepted.');
        await clean(page);
    }
    expect(faults).toEqual([]);
});

test('a point of the torque curve moves by arrow keys', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await page.goto('/jobs/9/demand');
    await listening(page);
    await page.locator('[data-point="1"]').focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.locator('[data-point="1"]')).toHaveAttribute('data-torque', '275');
    await expect(page.locator('[data-point="1"]')).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await expect(page.locator('[data-point="1"]')).toHaveAttribute('data-speed', '1950');
    await page.reload();
    await expect(page.locator('textarea[name^="f[engine.curve]"]').first()).toHaveValue(/1950 rpm; 275/);
    expect(faults).toEqual([]);
});
