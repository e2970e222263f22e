// Three whole jobs, from the customer's words to the signature, in which something is set: what was found and what was left stand on the
// printed sheet of the signed job.
import { execFileSync } from 'node:child_process';
import { boltsOfTheSecondStage, box, entered, expect, kept, listening, meta, openAfter, signIn, test, watch, word, unfolded } from './helpers.mjs';

const jobOf = (name) => JSON.parse(execFileSync('php', ['tests/Support/walk.php', name], { encoding: 'utf8' }));

/** Opens the job and goes through the stations before Set. */
async function begun(page, job, kind, plate, more = {}) {
    await page.goto('/new-job');
    await page.getByRole('textbox', { name: /^Vehicle/ }).fill(job.name);
    await page.getByRole('textbox', { name: 'Plate', exact: true }).fill(plate);
    await page.getByLabel(kind, { exact: true }).check();
    await page.getByRole('button', { name: 'Open the job' }).click();
    await expect(page.getByRole('heading', { name: '1 · Intake' })).toBeVisible();
    const at = new URL(page.url()).pathname.replace(/\/intake$/, '');
    // How many discs there are is asked of a truck.
    const { 'vehicle.discs': discs, ...intake } = { ...job.walk.intake, ...more };
    await entered(page, `${at}/intake`, kind === 'Truck' ? { ...intake, 'vehicle.discs': discs } : intake);
    await entered(page, `${at}/triage`, job.walk.triage);
    await page.goto(`${at}/set`);
    await listening(page);
    return at;
}

/** Proves, signs, and reads the printed sheet of what was signed. */
async function signed(page, at, prove, ...lines) {
    await entered(page, `${at}/prove`, prove);
    await page.goto(`${at}/record`);
    await listening(page);
    await expect(page.getByText('Nothing is open. The sheet can be signed.')).toBeVisible();
    await page.getByRole('button', { name: 'Sign as Ines Tarrow and lock' }).click();
    await expect(page.getByText('Signed and locked.', { exact: true })).toBeVisible();
    await page.goto(`${at}/sheet`);
    for (const line of lines) {
        await expect(page.locator('#work')).toContainText(line);
    }
}

test('a truck with the ring, adjusted and signed', async ({ page }) => {
    test.setTimeout(300_000);
    const faults = watch(page);
    await signIn(page, 'Ines');
    const job = jobOf('truck, pull, adjusted');
    const at = await begun(page, job, 'Truck', 'SS 1');
    await word(page, 'truck.brake', 'Good');
    for (const [field, text] of Object.entries({ 'truck.bearing_gap': '18 mm', 'truck.fork_play': '1 mm', 'truck.free_pedal': '15 mm' })) {
        await kept(page, field, text);
    }
    await expect(page.locator('#telltale')).toContainText('turn the adjusting ring clockwise');
    await kept(page, 'truck.notches_made', '10');
    await openAfter(page, 'as_left.truck.bearing_gap');
    await word(page, 'as_left.truck.brake', 'Good');
    for (const [field, text] of Object.entries({
        'as_left.truck.bearing_gap': '13.2 mm', 'as_left.truck.fork_play': '3.2 mm', 'as_left.truck.free_pedal': '50 mm',
        'as_left.truck.brake_squeeze': '15 mm',
    })) {
        await kept(page, field, text);
    }
    await signed(page, at, job.walk.prove,
        /Bearing to clutch brake, pedal up: 18\smm, set to 13\.2\smm by 10 notches clockwise\./, /Free pedal[^:]*: 15\smm, set to 50\smm/);
    expect(faults).toEqual([]);
});

test('a two-stage tractor, set and signed', async ({ page }) => {
    test.setTimeout(300_000);
    const faults = watch(page);
    await signIn(page, 'Ines');
    const job = jobOf('tractor, two stages, adjusted');
    const at = await begun(page, job, 'Tractor', 'SS 2');
    await entered(page, `${at}/set`, job.walk.strip);
    await kept(page, 'release.free_play', '40 mm');
    await kept(page, 'release.rod_pitch', '1.5 mm');
    await kept(page, 'release.turns_made', '2');
    await kept(page, 'release.play_after', '25 mm');
    await boltsOfTheSecondStage(page);
    // Set and locked: all of it is read once more.
    const left = Object.entries(job.walk.strip).map(([field, read]) => [`as_left.${field}`, read]);
    await entered(page, `${at}/set`, { ...Object.fromEntries(left), 'release.firm_again': 'no' });
    await signed(page, at, job.walk.prove, /Free play at the pad: 40\smm, set to 25\smm by 2\.0 turns\./,
        /Bolts of the second stage.*set to 2\.0\smm · 2\.0\smm · 2\.05\smm/);
    expect(faults).toEqual([]);
});

test('a car with a concentric bearing, bled, set and signed', async ({ page }) => {
    test.setTimeout(300_000);
    const faults = watch(page);
    await signIn(page, 'Ines');
    const job = jobOf('car, slave, bled');
    const at = await begun(page, job, 'Car', 'SS 3', { 'vehicle.actuation': 'concentric' });
    const { 'release.free_play': play, 'hydraulics.steps_done': steps, 'hydraulics.counted_3': counted, ...set } = job.walk.set;
    await entered(page, `${at}/set`, { 'hydraulics.school': set['hydraulics.school'] });
    // Step by step as the list goes: the last of six rounds ticks the third, and none after it before that.
    const press = async (value, then) => {
        await page.locator(`.bolt[name="t[bleed]"][value="${value}"]`).click();
        await expect(page.locator('#draw-bleeding')).toContainText(then);
    };
    await press('1 x', '0 of 6 rounds');
    await expect(page.locator('.bolt[name="t[bleed]"][value="1 o"]')).toBeVisible();
    await press('2 x', '0 of 6 rounds');
    await expect(page.locator('.bolt[name="t[bleed]"][value="4 x"]')).toBeDisabled();
    for (let round = 1; round <= Number(counted); round += 1) {
        await press('3 +', `${round} of 6 rounds`);
    }
    await expect(page.locator('.bolt[name="t[bleed]"][value="3 o"]')).toBeVisible();
    await press('4 x', '6 of 6 rounds');
    await expect(page.locator('.bolt[name="t[bleed]"][value="4 o"]')).toBeVisible();
    await press('5 x', '6 of 6 rounds');
    await expect(page.locator('.bolt[name="t[bleed]"][aria-pressed="true"]')).toHaveCount(steps.length);
    await entered(page, `${at}/set`, set);
    await kept(page, 'release.free_play', '9 mm');
    await kept(page, 'release.free_play', play);
    await meta(page, 'release.free_play').getByRole('button', { name: /it was set: keep 9\smm as found/ }).click();
    await listening(page);
    await unfolded(page, 'as_left.release.free_play');
    await expect(box(page, 'as_left.release.free_play')).toHaveValue(play);
    await signed(page, at, job.walk.prove, /Free play at the pad: 9\smm, set to 3\.5\smm\./);
    expect(faults).toEqual([]);
});
