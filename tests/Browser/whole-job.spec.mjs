// The whole job as a technician does it: by keyboard, with mixed units, one correction and one refused entry, to the signed record.
import { parse } from 'csv-parse/sync';
import { readFile } from 'node:fs/promises';
import { execFileSync } from 'node:child_process';
import { acceptParts, box, entered, expect, listening, meta, proveAll, settleFit, settleParts, test, tightened, watch } from './helpers.mjs';

test('a car by keyboard, from sign-in to signed record', async ({ page }) => {
    const faults = watch(page);
    const foreign = [];
    page.on('request', (r) => new URL(r.url()).hostname !== '127.0.0.1' && foreign.push(r.url()));
    const key = (k) => page.keyboard.press(k);
    // Types into the field the keyboard stands in and goes on to the next with Enter.
    const next = async (text) => {
        await page.keyboard.type(text);
        await key('Enter');
    };
    const at = (field, place = 0) => expect(box(page, field, place)).toBeFocused();

    await page.goto('/sign-in');
    await page.keyboard.type('bram');
    await key('Tab');
    await page.keyboard.type('quayside clutch');
    await key('Enter');
    await expect(page).toHaveURL('/');
    await listening(page);
    await key('/');
    await expect(page.getByLabel(/^Find a vehicle by plate, name or number/)).toBeFocused();
    await page.keyboard.type('nobody has this');
    await expect(page.getByText('Nothing here answers to')).toBeVisible();
    await page.getByRole('link', { name: 'New job' }).focus();
    await key('Enter');

    await expect(page.getByRole('textbox', { name: 'Plate', exact: true })).toBeFocused();
    await page.keyboard.type('PW 451 K');
    await key('Tab');
    await key('Tab');
    await expect(page.getByRole('button', { name: 'Ask the register' })).toBeFocused();
    await key('Tab');
    await page.keyboard.type('Ostrel Wend 1.6 hatchback');
    await key('Tab');
    await key('Space'); // class: car
    await key('Tab'); // units: metric is chosen
    await key('Tab');
    await key('Enter');
    await expect(page.getByRole('heading', { name: '1 · Intake' })).toBeVisible();
    await listening(page);
    await expect(page.getByRole('note')).toContainText('rated stands');

    await box(page, 'vehicle.actuation').focus();
    await page.keyboard.type('Hydraulic, slave');
    await key('Tab');
    await box(page, 'vehicle.flywheel').focus();
    await page.keyboard.type('Solid');
    await key('Tab');
    await expect(meta(page, 'vehicle.flywheel')).toHaveAttribute('data-state', 'kept');
    await box(page, 'vehicle.spline_count').focus();
    await next('23');
    await at('vehicle.spline_diameter');
    await next('22.4 mm');
    await at('vehicle.friction_outer');
    await next('9 in'); // mixed units
    await expect(meta(page, 'vehicle.friction_outer')).toContainText('229');

    await key('Escape');
    await key('3');
    await expect(page.getByRole('heading', { name: '3 · Demand' })).toBeVisible();
    await listening(page);
    await box(page, 'engine.peak_torque').focus();
    await next('115 lb ft');
    await expect(meta(page, 'engine.peak_torque')).toContainText('156');
    await box(page, 'duty').focus();
    await page.keyboard.type('Town');
    await key('Tab');
    await expect(page.locator('#telltale')).toContainText('the clutch must carry 195');
    await expect(page.locator('#draw-demand')).toContainText('wanted 195');

    await key('Escape');
    await key('4');
    await expect(page.getByRole('heading', { name: '4 · Strip' })).toBeVisible();
    await listening(page);
    await box(page, 'disc.thickness_new').focus();
    await next('7.9 mm');
    await at('disc.usable_per_side');
    await next('1.0 mm');
    await at('disc.thickness', 0);
    await next('6.9');
    await at('disc.thickness', 1);
    await next('0.277 in');
    await at('disc.thickness', 2);
    await next('30 psi'); // refused: names the field, keeps everything
    await expect(meta(page, 'disc.thickness', 2)).toContainText('Disc thickness now: “30 psi” was read as a pressure; a length is expected');
    await expect(box(page, 'disc.thickness', 2)).toHaveValue('30 psi');
    await expect(box(page, 'disc.thickness', 2)).toHaveAttribute('aria-invalid', 'true');
    await key('Shift+Enter');
    await at('disc.thickness', 2);
    await page.keyboard.press('Control+A');
    await next('6.95');
    await expect(meta(page, 'disc.thickness', 2)).toHaveAttribute('data-state', 'kept');
    await expect(page.locator('#draw-disc')).toContainText('50 % used');

    await box(page, 'disc.thickness', 0).focus();
    await page.keyboard.press('Control+A');
    await next('6.98'); // a correction; the old entry stays
    await expect(meta(page, 'disc.thickness', 0)).toContainText('2 entries');

    await key('Escape');
    await key(']'); // the cover
    await key(']');
    await expect(page.locator('#part-flywheel > summary')).toBeFocused();
    await box(page, 'flywheel.thickness').focus();
    await next('25.05');
    await at('flywheel.thickness_min');
    await next('24.2');
    await box(page, 'flywheel.face_runout').focus();
    await next('0.03');
    await at('flywheel.measuring_diameter');
    await next('8 in');
    await at('flywheel.flatness', 0);
    await next('0.02');
    await next('0.03');
    await next('0.02');
    // Every part was looked at: said of each with the space bar.
    for (const part of ['disc', 'cover', 'flywheel', 'bearing', 'fork', 'pilot', 'shaft', 'seals']) {
        const looked = page.locator(`#looked-${part}`).getByLabel(/looked at, nothing found$/);
        await looked.focus();
        await key('Space');
        await expect(looked).toHaveCount(0);
    }
    await expect(page.locator('#rail [aria-current]')).toContainText('missing');
    const job = new URL(page.url()).pathname.replace(/\/strip$/, '');
    await entered(page, `${job}/strip?part=pilot`, { 'pilot.kind': 'bush', 'pilot.play': '0.08 mm', 'why.causes': 'lining_worn' });
    await expect(page.locator('#rail [aria-current]')).not.toContainText('missing');

    await key('Escape');
    await key('5');
    await expect(page.getByRole('heading', { name: '5 · Kit' })).toBeVisible();
    await listening(page);
    await key('/'); // the search box of the shelf
    await page.keyboard.type('MQ-215-S');
    await key('Enter');
    await expect(page.locator('[data-row]')).toHaveCount(1);
    await listening(page);
    await page.locator('body').press('ArrowDown');
    await expect(page.locator('[data-row]').first()).toBeFocused();
    await key('Enter');
    await page.getByRole('button', { name: 'Choose this kit' }).focus();
    await key('Enter');
    await expect(page.getByText('Chosen: Wharf 215 standard')).toBeVisible();
    await page.getByRole('link', { name: 'Look at it' }).focus();
    await key('Enter');
    await expect(page.getByRole('heading', { name: 'What must match' })).toBeVisible();
    await listening(page);
    await settleFit(page, {
        'engine.speed_limit': '6400 rpm', 'match.friction_inner': '142 mm', 'match.bolt_count': '6', 'match.bolt_circle': '247 mm',
        'match.dowels': '3', 'match.crank_bolt_clearance': '7.6 mm', 'match.stack_height': '37.4 mm', 'match.sleeve_outer': '34 mm',
        'match.housing_room': '300 mm', 'match.spline_length': '40 mm',
    });
    await page.getByRole('link', { name: 'Everything the job needs' }).focus();
    await key('Enter');
    await expect(page.getByText('In the box of the kit')).toBeVisible();
    await listening(page);
    // The circuit stays closed.
    await settleParts(page, { 'parts.flywheel': 'Re', 'parts.pipe': 'Re', 'parts.master_cylinder': 'Re', 'parts.slave_cylinder': 'Re' });
    await expect(page.locator('#rail [aria-current]')).not.toContainText('missing');

    await page.locator('body').press('6');
    await expect(page.getByRole('heading', { name: '6 · Bench' })).toBeVisible();
    await listening(page);
    await acceptParts(page);
    await entered(page, page.url(), {
        'bench.tool': 'yes', 'bench.damage': 'none', 'bench.outer_old': '215.0 mm', 'bench.outer_new': '215.0 mm',
        'bench.hub_flywheel_old': '3.9 mm', 'bench.hub_flywheel_new': '3.9 mm', 'bench.hub_gearbox_old': '18.0 mm',
        'bench.hub_gearbox_new': '18.0 mm', 'bench.fingers_old': '37.4 mm', 'bench.fingers_new': '37.4 mm',
    });
    await expect(page.locator('#rail [aria-current]')).not.toContainText('missing');

    await page.locator('body').press('7');
    await expect(page.getByRole('heading', { name: '7 · Fit' })).toBeVisible();
    await entered(page, page.url(), {
        'fastening.cover.bolts': '6', 'fastening.cover.torque': '25 Nm', 'fastening.cover.gap': ['2.0 mm', '2.0 mm', '2.1 mm', '2.0 mm'],
        'fastening.cover.tool_slides': 'yes', 'fit.clips_in': '3', 'fit.clips_out': '3', 'fit.bearing_slides': 'free',
        'fit.finger_heights': ['37.3 mm', '37.4 mm', '37.3 mm', '37.4 mm'],
    });
    await tightened(page, 'cover', 6);
    await entered(page, page.url(), Object.fromEntries(['seals', 'pilot', 'flywheel', 'degreased', 'disc', 'cover', 'cover_bolts',
        'tool_out', 'fingers', 'clips', 'grease', 'bearing', 'gearbox', 'housing_bolts', 'around'].map((step) => [`fit.${step}`, 'done'])));

    await page.locator('body').press('8');
    await expect(page.getByRole('heading', { name: '8 · Set' })).toBeVisible();
    await listening(page);
    await box(page, 'release.free_play').focus();
    await next('22 mm');
    await expect(page.locator('#telltale')).toContainText('Out. Free play 22');
    await box(page, 'release.free_play').focus();
    await page.keyboard.press('Control+A');
    await next('1/8 in');
    await expect(page.locator('#telltale')).toContainText('Within. Free play');
    await entered(page, page.url(), {
        'release.pedal_travel': '140 mm', 'release.pedal_ratio': '6', 'release.master_bore': '15.87 mm', 'release.slave_bore': '22.2 mm',
        'release.fork_ratio': '1.7', 'release.clearance': '1.0 mm', 'release.finger_ratio': '3.1', 'release.cushion': '0.6 mm',
        'release.air_gap_measured': ['0.6 mm', '0.6 mm'], 'release.slave_stroke_left': '12 mm',
    });
    await expect(page.locator('#rail [aria-current]')).not.toContainText('missing');

    await key('Escape');
    await key('9');
    await expect(page.getByRole('heading', { name: '9 · Prove' })).toBeVisible();
    await listening(page);
    await proveAll(page);
    await entered(page, page.url(), { 'prove.take_up.height': '79 mm' });
    await entered(page, `${job}/intake`, {
        complaint: 'Slips on the hill when it is warm.', 'vehicle.pilot': 'flywheel', odometer: '97 400 km', distance_since_fitted: '97 400 km',
    });
    await entered(page, `${job}/triage`, { 'triage.signs': 'slip_load', 'triage.kind': 'strip' });
    await page.goto(`${job}/prove`);
    await listening(page);
    await page.locator('#fold-note > summary').focus();
    await key('Enter');
    await key('Tab');
    await page.keyboard.type('Reverse without a grind, take-up smooth.');
    await key('Tab');
    await key('Enter');
    await expect(page.getByText('Reverse without a grind')).toBeVisible();

    await key('0');
    await expect(page.getByText('Nothing is open. The sheet can be signed.')).toBeVisible();
    await page.getByRole('button', { name: 'Sign as Bram Oakes and lock' }).focus();
    await key('Enter');
    await expect(page.getByText('Signed and locked.', { exact: true })).toBeVisible();
    await expect(page.getByText(/SHA-256/)).toBeVisible();

    // The open file of the signed job is what the command line accepts.
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Open file (JSON)' }).click()]);
    const file = await download.path();
    const sheet = JSON.parse(await readFile(file, 'utf8'));
    expect(sheet.readings['disc.thickness']).toEqual(['6.98 mm', '0.277 in', '6.95 mm']);
    expect(sheet.signed.by).toBe('Bram Oakes');
    const assessed = JSON.parse(execFileSync('php', ['artisan', 'sheet:assess', '--json', file], { encoding: 'utf8' }));
    expect(assessed.figures['wear.used'].value).toBeCloseTo(7.9 - 6.95, 6);
    expect(assessed.unmeasured).toEqual([]);

    // The readings are a table that an independent parser takes, one row each, with who and what they are judged by.
    const [csv] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Readings (CSV)' }).click()]);
    const rows = parse(await readFile(await csv.path(), 'utf8'), { columns: true });
    const thickness = rows.filter((r) => r.reading === 'disc.thickness');
    expect(thickness.map((r) => Number(r.value))).toEqual([6.98, 7.0358, 6.95]);
    expect(thickness.every((r) => r.unit === 'mm' && r.by === 'Bram Oakes' && !Number.isNaN(Date.parse(r.at)))).toBe(true);

    await page.getByRole('link', { name: 'Printed sheet' }).click();
    await expect(page.getByRole('heading', { name: /Clutch service record/ })).toBeVisible();
    await page.evaluate(() => document.fonts.ready); // another font is wider, and makes it three pages
    const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page[^s]/g).length).toBeLessThanOrEqual(2);
    expect(pdf).toMatch(/MediaBox\s*\[\s*0 0 59[45][.\d]* 84[12]/); // A4 in points
    expect(faults).toEqual([]);
    expect(foreign).toEqual([]);
});
