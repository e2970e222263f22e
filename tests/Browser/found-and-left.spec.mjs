// What was found, how it was set and what was left: entered at Set, told on the record and on the printed sheet, for three kinds of release.
import { boltsOfTheSecondStage, box, expect, kept, listening, meta, openAfter, signIn, test, unfolded, watch, word } from './helpers.mjs';

/** Opens a vehicle of a class and says at Intake what it is. */
async function vehicle(page, name, plate, kind, words) {
    await page.goto('/new-job');
    await page.getByRole('textbox', { name: /^Vehicle/ }).fill(name);
    await page.getByRole('textbox', { name: 'Plate', exact: true }).fill(plate);
    await page.getByLabel(kind, { exact: true }).check();
    await page.getByRole('button', { name: 'Open the job' }).click();
    await expect(page.getByRole('heading', { name: '1 · Intake' })).toBeVisible();
    await listening(page);
    for (const [field, letters] of Object.entries(words)) {
        await word(page, field, letters);
    }
    const job = new URL(page.url()).pathname.replace(/\/intake$/, '');
    await page.goto(`${job}/set`);
    await listening(page);
    return job;
}

/** The same line stands at Set, on the record and on the printed sheet. */
async function toldEverywhere(page, job, line) {
    await expect(page.locator('#draw-was-set')).toContainText(line);
    for (const path of ['record', 'sheet']) {
        await page.goto(`${job}/${path}`);
        await expect(page.locator('#work')).toContainText(line);
    }
}

test('a concentric car: play typed over, shims put in, both kept as found and as left', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await vehicle(page, 'Tideway coupe', 'FL 1', 'Car', { 'vehicle.actuation': 'Hydraulic, c' });
    await word(page, 'release.light_contact', 'n');
    for (const [place, depth] of ['66.1 mm', '66.1 mm', '66.1 mm'].entries()) {
        await kept(page, 'release.depth_to_fingers', depth, place);
    }
    await kept(page, 'release.bearing_height', '60.0 mm');
    await expect(page.locator('#telltale')).toContainText('would bring it to');
    await kept(page, 'release.shims_fitted', '2.3 mm');
    await expect(page.locator('#draw-was-set')).toContainText(/Bearing clearance: 6\.1\smm, set to 3\.8\smm with shims 2\.3\smm/);

    // Typed over what was found: the line under the field offers to keep it.
    await kept(page, 'release.free_play', '9 mm');
    await kept(page, 'release.free_play', '3 mm');
    await meta(page, 'release.free_play').getByRole('button', { name: /it was set: keep 9\smm as found/ }).click();
    await expect(page.getByRole('heading', { name: '8 · Set' })).toBeVisible();
    await listening(page);
    await expect(box(page, 'release.free_play')).toHaveValue('9 mm');
    await unfolded(page, 'as_left.release.free_play');
    await expect(box(page, 'as_left.release.free_play')).toHaveValue('3 mm');
    await toldEverywhere(page, job, /Free play at the pad: 9\smm, set to 3\smm\./);
    expect(faults).toEqual([]);
});

test('a truck with the ring: notches between the finding and what was left, a slip of the pen is no round', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await vehicle(page, 'Quarry tipper', 'FL 2', 'Truck', { 'vehicle.actuation': 'Pull', 'vehicle.adjusting': 'By' });
    await word(page, 'truck.brake', 'Good');
    for (const [field, text] of Object.entries({ 'truck.bearing_gap': '81 mm', 'truck.fork_play': '1 mm', 'truck.free_pedal': '15 mm' })) {
        await kept(page, field, text);
    }
    await kept(page, 'truck.bearing_gap', '18 mm');
    await expect(page.locator('#telltale')).toContainText('turn the adjusting ring clockwise');
    await kept(page, 'truck.notches_made', '10');
    await expect(page.locator('#draw-was-set')).toContainText('by 10 notches clockwise and not measured since');
    await openAfter(page, 'as_left.truck.bearing_gap');
    await word(page, 'as_left.truck.brake', 'Good');
    for (const [field, text] of Object.entries({
        'as_left.truck.bearing_gap': '13.2 mm', 'as_left.truck.fork_play': '3.2 mm', 'as_left.truck.free_pedal': '50 mm',
    })) {
        await kept(page, field, text);
    }
    await expect(page.locator('#telltale')).toContainText('ight: leave it');
    await page.reload();
    await expect(page.getByRole('table', { name: 'Rounds of measuring' }).getByRole('row')).toHaveCount(3);
    await toldEverywhere(page, job, /Bearing to clutch brake, pedal up: 18\smm, set to 13\.2\smm by 10 notches clockwise\./);
    expect(faults).toEqual([]);
});

test('a two-stage tractor: both stages on one pedal, bolts by their own gap, rod and bolts turned', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await vehicle(page, 'Orchard two-stage', 'FL 3', 'Tractor', { 'vehicle.stages': 'Two', 'vehicle.actuation': 'Rod' });
    for (const [field, text] of Object.entries({
        'release.pedal_travel': '160 mm', 'release.free_play': '40 mm', 'release.pedal_ratio': '5', 'release.linkage_ratio': '1',
        'release.fork_ratio': '1.2', 'release.finger_ratio': '5', 'release.cushion': '0.8 mm', 'release.rod_pitch': '1.5 mm',
        'release.stage2.finger_ratio': '5', 'release.stage2.begins': '11 mm', 'release.stage2.cushion': '0.6 mm',
    })) {
        await kept(page, field, text);
    }
    await expect(page.locator('#draw-stages')).toContainText('second stage begins at');
    await kept(page, 'release.turns_made', '2');
    await kept(page, 'release.play_after', '25 mm');
    await expect(page.locator('#draw-stages')).toContainText(/Take-off disc, free from 109\smm/);
    await expect(page.locator('#telltale')).toContainText(/[Tt]ake-off disc, at the stop/);
    await boltsOfTheSecondStage(page);
    await expect(page.locator('#draw-was-set')).toContainText(/Bolts of the second stage.*set to 2\.0\smm · 2\.0\smm · 2\.05\smm/);
    await toldEverywhere(page, job, /Free play at the pad: 40\smm, set to 25\smm by 2\.0 turns\./);
    expect(faults).toEqual([]);
});
