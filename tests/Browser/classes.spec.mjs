// A car, a truck with a clutch brake and a two-stage tractor through intake, triage and strip, by pointer and by keyboard.
import { box, entered, expect, fetched, kept, listening, meta, newCar, openPart, signIn, test, watch, unfolded } from './helpers.mjs';
import { seriousFindings } from './screens.mjs';

const telltale = (page) => page.locator('#telltale');
const head = (page, part) => page.locator(`#head-${part}`);

/** Fills the new-job page from the register and opens the job. */
async function fromRegister(page, plate) {
    await page.goto('/new-job');
    await page.getByRole('textbox', { name: 'Plate', exact: true }).fill(plate);
    await page.getByRole('button', { name: 'Ask the register' }).click();
    await expect(page.getByText('Found in the register')).toBeVisible();
    await page.getByRole('button', { name: 'Open the job' }).click();
    await expect(page.getByText('Filled in from the register')).toBeVisible();
    return new URL(page.url()).pathname.replace(/\/intake$/, '');
}

async function noSeriousFinding(page) {
    expect(await seriousFindings(page)).toEqual([]);
}

test('a car by pointer: register, signs, a spotted flywheel on the map, why it failed', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    const job = await fromRegister(page, 'MR 512 E');
    await unfolded(page, 'vehicle.actuation');
    await expect(box(page, 'vehicle.actuation')).toHaveValue('slave');
    await unfolded(page, 'vehicle.engine');
    await expect(meta(page, 'vehicle.engine')).toContainText('from the register');
    await expect(box(page, 'vehicle.rotation')).toBeHidden();
    await page.getByText('The complaint as signs').click();
    await page.getByLabel('judder at the start').check();
    await page.getByLabel('burning smell').check();
    await expect(page.locator('#signs-noted')).toHaveText('burning smell; judder at the start');
    await kept(page, 'odometer', '152 300 km');
    await kept(page, 'odometer_at_fitting', '60 000 km');

    await page.getByRole('link', { name: /^Triage/ }).click();
    await expect(page.locator('#head-fold-signs')).toContainText('judder at the start');
    await unfolded(page, 'triage.signs');
    await expect(page.getByLabel('judder at the start')).toBeChecked();
    await page.getByLabel('heavy towing or hill holding').check();
    await expect(page.locator('#draw-triage .causes')).toContainText('Flywheel spotted or uneven');
    await expect(page.locator('#draw-triage .foresight')).toBeVisible();
    const bar = page.locator('#bar-glazed');
    const before = Number(await bar.getAttribute('width'));
    await page.getByLabel('slips only when hot').check();
    await expect.poll(async () => Number(await bar.getAttribute('width'))).toBeGreaterThan(before);

    await page.getByRole('link', { name: /^Strip/ }).click();
    await openPart(page, 'flywheel');
    for (const [place, reading] of [['12', '0.02'], ['1_30', '0.05'], ['3', '0.02'], ['4_30', '-0.01'], ['6', '0.02'], ['7_30', '0.05'], ['9', '0.02'], ['10_30', '-0.01']]) {
        await kept(page, `flywheel.dial_${place}`, reading);
    }
    await kept(page, 'flywheel.measuring_diameter', '220 mm');
    await expect(telltale(page)).toContainText('0.06 mm face runout');
    await expect(telltale(page)).toContainText('0.00 mm tilt');

    // A click at half past four, well out on the face.
    const face = page.locator('svg[data-face=flywheel]');
    const size = await face.boundingBox();
    await face.click({ position: { x: size.width / 2 + size.height * 0.22, y: size.height / 2 + size.height * 0.22 } });
    await expect(page.locator('#marked-flywheel li')).toHaveCount(1);
    await expect(page.locator('#marked-flywheel')).toContainText('heat spot at 4:30 o’clock');
    await expect(telltale(page)).toContainText('1 × heat spot (4:30');
    await page.locator('select[name="m[flywheel][kind]"]').selectOption('crack');
    await face.click({ position: { x: size.width / 2, y: size.height / 2 - size.height * 0.3 } });
    await expect(page.locator('#marked-flywheel li')).toHaveCount(2);
    await page.getByRole('button', { name: 'Take off the crack at 12' }).click();
    await expect(page.locator('#marked-flywheel li')).toHaveCount(1);
    for (const place of [0, 1, 2]) {
        await kept(page, 'flywheel.flatness', '0.03', place);
    }
    await kept(page, 'flywheel.thickness', '24.60');
    await kept(page, 'flywheel.thickness_min', '24.00');
    await expect(telltale(page)).toContainText('Grind the flywheel: pull the dowels first');
    await kept(page, 'flywheel.machined', '0.20');
    await expect(telltale(page)).toContainText('opens the release clearance by as much');

    await openPart(page, 'disc');
    await page.locator('#part-disc').getByLabel('looked, nothing found').check();
    await expect(telltale(page)).toContainText('Disc: looked, nothing found');
    await page.locator('#part-disc').getByLabel('lining glazed').check();
    await expect(page.locator('#part-disc').getByLabel('looked, nothing found')).not.toBeChecked();
    await expect(telltale(page)).not.toContainText('Disc: looked, nothing found');
    await expect(page.locator('#part-disc')).toContainText('replace the disc; it was overheated');
    await unfolded(page, 'why.causes');
    await expect(page.locator('#why-said')).toContainText('Glazed, overheated lining: confirmed by the parts');
    await expect(page.locator('#why-said')).toContainText('Flywheel spotted or uneven');
    await expect(head(page, 'flywheel')).toContainText('Flywheel');

    await openPart(page, 'pilot');
    await kept(page, 'pilot.bore', '15.40');
    await kept(page, 'shaft.tip_diameter', '15.00');
    await expect(page.locator('#draw-pilot')).toContainText('play 0.40');
    await expect(telltale(page)).toContainText('Play of the shaft in the pilot 0.40 mm');
    await expect(head(page, 'pilot')).toContainText('out');

    // A photo of the flywheel, kept with it and enlarged.
    await openPart(page, 'flywheel');
    await page.locator('#part-flywheel').getByText('Photo of the flywheel').click();
    await page.locator('#part-flywheel').getByLabel('Picture').setInputFiles({ name: 'f.png', mimeType: 'image/png', buffer: await page.screenshot() });
    await page.locator('#part-flywheel').getByRole('button', { name: 'Keep the photo' }).click();
    await expect(page).toHaveURL(/#part-flywheel$/);
    await page.locator('#part-flywheel').getByRole('img', { name: 'Flywheel, enlarge' }).click();
    const shown = page.locator('#photo img');
    await expect(shown).toBeVisible();
    const width = (await shown.boundingBox()).width;
    await page.getByRole('button', { name: 'Larger' }).click();
    await expect.poll(async () => (await shown.boundingBox()).width).toBeGreaterThan(width * 1.4);
    await page.keyboard.press('Escape');

    await kept(page, 'open.labour', '6 h');
    await kept(page, 'open.rate', '70');
    await box(page, 'open.pilot_state').selectOption('marginal');
    await kept(page, 'open.pilot_price', '9');
    await expect(telltale(page)).toContainText('Replace the pilot bearing or bush while it is open');
    await noSeriousFinding(page);
    expect(faults).toEqual([]);
});

test('a car by keyboard: a silent register, a typed sign, the cross on the map', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await page.goto('/new-job');
    await expect(page.getByRole('textbox', { name: 'Plate', exact: true })).toBeFocused();
    await page.keyboard.type('OF 100 F');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert')).toContainText('The register cannot be reached');
    await expect(page.getByRole('textbox', { name: 'Plate', exact: true })).toHaveValue('OF 100 F');

    const job = await newCar(page, 'Keyed car', 'KY 1');
    await box(page, 'vehicle.number').focus();
    await page.keyboard.type('1M8GDM9A1KP042788');
    await page.keyboard.press('Enter');
    await expect(telltale(page)).toContainText('the ninth character is 1 and has to be X');
    await page.keyboard.press('Escape');
    await page.keyboard.press('2');
    await expect(page.getByRole('heading', { name: '2 · Triage' })).toBeVisible();
    await page.getByLabel('Find a sign').focus();
    await page.keyboard.type('whine');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Space');
    await expect(page.locator('#draw-triage .causes li').first()).toContainText('Pilot bearing');

    await page.goto(`${job}/strip`);
    await listening(page);
    await box(page, 'disc.rivet_depth_flywheel', 0).focus();
    for (const text of ['0.42', '0.44', '0.41']) {
        await page.keyboard.type(text);
        await page.keyboard.press('Enter');
    }
    await expect(telltale(page)).toContainText('Depth to rivets, flywheel side: 0.41');
    // From the last field of one part Enter goes on in the next, which opens.
    await page.locator('#part-disc [data-entry]').last().focus();
    await page.keyboard.press('Escape');
    await page.keyboard.press(']');
    await expect(page.locator('#part-cover')).toHaveAttribute('open', '');
    await fetched(page, 'cover');
    await page.keyboard.press('Tab');
    await expect(box(page, 'cover.kind')).toBeFocused();
    await page.keyboard.type('A diaphragm');
    await page.keyboard.press('Tab');
    await expect(box(page, 'cover.finger_heights', 0)).toBeFocused();
    for (const text of ['31.2', '31.1', '30.2', '31.2']) {
        await page.keyboard.type(text);
        await page.keyboard.press('Enter');
    }
    await expect(telltale(page)).toContainText('Finger or lever heights, spread 1.0');
    await expect(page.locator('#draw-fingers .tip.low')).toHaveCount(1);
    // Every finger, without a stop: another box comes with the entry before it is needed.
    for (const place of [4, 5, 6, 7]) {
        await expect(box(page, 'cover.finger_heights', place)).toBeFocused();
        await page.keyboard.type('31.1');
        await expect(box(page, 'cover.finger_heights', place + 1)).toBeAttached();
        await page.keyboard.press('Enter');
        await expect(meta(page, 'cover.finger_heights', place)).toHaveAttribute('data-state', 'kept');
    }
    await expect(page.locator('#draw-fingers .tip')).toHaveCount(8);

    await page.keyboard.press('Escape');
    await page.keyboard.press(']');
    await expect(page.locator('#part-flywheel > summary')).toBeFocused();
    await fetched(page, 'flywheel');
    await page.locator('#fold-face-flywheel > summary').press('Enter');
    const face = page.locator('svg[data-face=flywheel]');
    await face.focus();
    for (const arrow of ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowUp']) {
        await page.keyboard.press(arrow);
    }
    await expect(page.locator('#cross-flywheel')).toContainText('Cross at 1:30');
    await page.keyboard.press('Enter');
    await expect(page.locator('#marked-flywheel li')).toHaveCount(1);
    await expect(face).toBeFocused(); // the drawing was replaced; the keyboard stands where it stood
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('Enter');
    await expect(page.locator('#marked-flywheel li')).toHaveCount(2);

    // Or typed, with Enter; a place that cannot be is refused and stays.
    const clock = page.locator('input[name="m[flywheel][clock]"]');
    await clock.focus();
    await page.keyboard.type('13');
    await page.keyboard.press('Tab');
    await page.keyboard.type('90 mm');
    await page.keyboard.press('Enter');
    await expect(page.locator('#marked-flywheel')).toContainText('“13” is no clock position');
    await expect(clock).toHaveValue('13');
    await clock.fill('11');
    await page.keyboard.press('Enter');
    await expect(page.locator('#marked-flywheel li')).toHaveCount(3);
    await expect(clock).toHaveValue('');
    expect(faults).toEqual([]);
});

test('a truck with a clutch brake, by pointer: twin discs, plate on its pins, brake first, then the ring', async ({ page }) => {
    const faults = watch(page);
    await signIn(page, 'Sefi');
    await page.goto('/jobs/5/intake');
    await unfolded(page, 'vehicle.discs');
    await expect(box(page, 'vehicle.discs')).toBeVisible();
    await page.getByRole('button', { name: 'Fill what is empty from the register' }).click();
    await expect(page.getByText('Filled in from the register')).toBeVisible();
    await unfolded(page, 'vehicle.actuation');
    await expect(box(page, 'vehicle.actuation')).toHaveValue('pull');
    await expect(box(page, 'vehicle.discs')).toHaveValue('two');
    await expect(box(page, 'vehicle.stages')).toBeHidden();

    await page.getByRole('link', { name: /^Triage/ }).click();
    await page.getByLabel('grinds into first from rest only').check();
    await expect(page.locator('#draw-triage .causes li').first()).toContainText('Clutch brake worn');
    await unfolded(page, 'triage.t_brake');
    await page.getByRole('group', { name: 'Look at the clutch brake' }).getByRole('combobox').selectOption('positive');

    await page.getByRole('link', { name: /^Strip/ }).click();
    await expect(page.getByRole('note').filter({ hasText: 'lifting device' })).toBeVisible();
    await openPart(page, 'disc2');
    await kept(page, 'disc2.thickness_new', '10.0 mm');
    await kept(page, 'disc2.thickness', '8.9 mm', 0);
    await kept(page, 'disc2.usable_per_side', '1.5 mm');
    await expect(page.locator('#draw-disc2')).toContainText('37 % used');
    await openPart(page, 'intermediate');
    await kept(page, 'intermediate.pin_clearance', '0.006 in', 0);
    await kept(page, 'intermediate.pin_clearance', '0.002 in', 1);
    await expect(telltale(page)).toContainText('Clearance of the plate on its pins');
    await expect(head(page, 'intermediate')).toContainText('out');
    await page.locator('#part-intermediate').getByLabel('drive pins or slots worn').first().check();
    await expect(telltale(page)).toContainText('new pins, square to the face');
    await openPart(page, 'truck');
    await box(page, 'truck.brake').selectOption('worn');
    await expect(telltale(page)).toContainText('Replace the clutch brake, then measure again');
    await unfolded(page, 'why.causes');
    await expect(page.locator('#why-said')).toContainText('Clutch brake worn: confirmed by the parts');
    await noSeriousFinding(page);

    await page.keyboard.press('Escape');
    await page.keyboard.press('8');
    await expect(page.getByRole('note').filter({ hasText: 'inspection hole' })).toBeVisible();
    await box(page, 'truck.brake').selectOption('good');
    await kept(page, 'truck.bearing_gap', '3/4 in');
    await kept(page, 'truck.fork_play', '1 mm');
    await kept(page, 'truck.free_pedal', '5/8 in');
    await expect(telltale(page)).toContainText('turn the adjusting ring clockwise');
    await expect(telltale(page)).toContainText('About 12 notches');
    await kept(page, 'truck.fork_play', '1/8 in');
    await kept(page, 'truck.free_pedal', '2 in');
    // Half an inch exactly is right, by a steel rule too; a little less is for a gauge bar to tell.
    await kept(page, 'truck.bearing_gap', '1/2 in');
    await expect(telltale(page)).toContainText('right: leave it');
    await kept(page, 'truck.bearing_gap', '12.4 mm');
    await expect(telltale(page)).toContainText('take it again with a gauge bar');
    await kept(page, 'truck.bearing_gap', '17/32 in');
    await expect(telltale(page)).toContainText('right: leave it');
    expect(faults).toEqual([]);
});

test('a two-stage tractor in inches, by keyboard: hours, levers, half travel', async ({ page }) => {
    const faults = watch(page);
    await signIn(page, 'Ines');
    await page.goto('/new-job');
    await expect(page.getByRole('textbox', { name: 'Plate', exact: true })).toBeFocused();
    await page.keyboard.type('T 331 BO');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Found in the register')).toBeVisible();
    await page.getByLabel('Inches').focus();
    await page.keyboard.press('Space');
    await page.getByRole('button', { name: 'Open the job' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('note').filter({ hasText: 'Split on proper stands' })).toBeVisible();
    await unfolded(page, 'hour_meter');
    await expect(box(page, 'odometer')).toBeHidden();
    await unfolded(page, 'vehicle.rotation');
    await expect(box(page, 'vehicle.rotation')).toHaveValue('anticlockwise');
    await box(page, 'hour_meter').focus();
    await page.keyboard.type('7,420 h');
    await page.keyboard.press('Enter');
    await expect(box(page, 'hour_meter_at_fitting')).toBeFocused();
    await page.keyboard.type('3100');
    await page.keyboard.press('Enter');
    // Without a take-off its speed is not asked; with one it is.
    await box(page, 'vehicle.take_off').focus();
    await page.keyboard.press('Escape');
    await box(page, 'vehicle.take_off').selectOption('none');
    await expect(meta(page, 'vehicle.take_off')).toHaveAttribute('data-state', 'kept');

    await page.keyboard.press('Escape');
    await page.keyboard.press('2');
    await page.getByLabel('Find a sign').focus();
    await page.keyboard.type('does not stop');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Space');
    await expect(page.locator('#draw-triage .causes li').first()).toContainText('Levers of the two-stage clutch uneven');
    await page.getByLabel('Find a sign').focus();
    await page.keyboard.press('Escape');
    await page.keyboard.press('4');
    await expect(page.getByRole('heading', { name: '4 · Strip' })).toBeVisible();
    await listening(page);
    await expect(head(page, 'disc')).toContainText('Travel disc');
    await expect(head(page, 'disc2')).toContainText('Take-off disc');
    for (const part of ['disc', 'disc2', 'cover', 'two_stage']) {
        await page.keyboard.press(']');
        await expect(page.locator(`#part-${part} > summary`)).toBeFocused();
        await fetched(page, part);
    }
    await page.keyboard.press('Tab');
    await expect(box(page, 'two_stage.lever_heights', 0)).toBeFocused();
    for (const text of ['2.400', '2.405', '2.372', '2.402']) {
        await page.keyboard.type(text);
        await page.keyboard.press('Enter');
    }
    await expect(telltale(page)).toContainText('spread 0.033 in, at most 0.016 in');
    await expect(telltale(page)).toContainText('Number 3 of those measured stands lowest');
    await box(page, 'two_stage.travel_total').focus();
    await page.keyboard.type('1 in');
    await page.keyboard.press('Enter');
    await expect(box(page, 'two_stage.travel_to_first')).toBeFocused();
    await page.keyboard.type('3/4 in');
    await page.keyboard.press('Enter');
    await expect(telltale(page)).toContainText('75 %');
    await unfolded(page, 'why.causes');
    await expect(page.locator('#why-said')).toContainText('Levers of the two-stage clutch uneven: confirmed by the parts');
    await noSeriousFinding(page);
    await page.goto(page.url().replace('/strip', '/set'));
    await expect(page.getByRole('note').filter({ hasText: 'take-off guarded' })).toBeVisible();
    expect(faults).toEqual([]);
});

test('a truck by keyboard: opened by hand, adjusting type, rivets of both discs, plate and brake', async ({ page }) => {
    const faults = watch(page);
    const key = (k) => page.keyboard.press(k);
    const next = async (field, text, place = 0) => {
        await expect(box(page, field, place)).toBeFocused();
        await page.keyboard.type(text);
        await key('Enter');
        await expect(meta(page, field, place)).toHaveAttribute('data-state', 'kept');
    };
    // A choice by its first letters, then on with Tab.
    const choose = async (field, text) => {
        await box(page, field).focus();
        await page.keyboard.type(text);
        await key('Tab');
        await expect(meta(page, field)).toHaveAttribute('data-state', 'kept');
    };
    await signIn(page);
    await page.goto('/new-job');
    await expect(page.getByRole('textbox', { name: 'Plate', exact: true })).toBeFocused();
    await page.keyboard.type('QK 7 KEYS');
    for (const _ of ['number', 'register', 'vehicle']) {
        await key('Tab');
    }
    await page.keyboard.type('Haddek R30 flatbed');
    await key('Tab');
    for (const _ of ['van', 'truck']) {
        await key('ArrowRight'); // from the car, which Space would choose
    }
    await expect(page.getByLabel('Truck')).toBeChecked();
    await key('Tab');
    await key('Tab');
    await expect(page.getByRole('button', { name: 'Open the job' })).toBeFocused();
    await key('Enter');
    await expect(page.getByRole('heading', { name: '1 · Intake' })).toBeVisible();
    await listening(page);
    await choose('vehicle.actuation', 'Pull');
    await choose('vehicle.flywheel', 'Pot');
    await choose('vehicle.adjusting', 'By hand');
    await choose('vehicle.discs', 'Two');
    await box(page, 'odometer').focus();
    await next('odometer', '410 000 mi');
    await next('odometer_at_fitting', '230 000 mi');

    await key('Escape');
    await key('2');
    await expect(page.getByRole('heading', { name: '2 · Triage' })).toBeVisible();
    await listening(page);
    await page.getByLabel('Find a sign').focus();
    await page.keyboard.type('no free');
    await key('Tab');
    await key('Space');
    await expect(page.locator('#draw-triage .causes')).toContainText('Held off');
    await choose('triage.t_slacken', 'Yes');
    await expect(page.locator('#draw-triage')).toContainText('Adjust');

    await key('Escape');
    await key('4');
    await expect(page.getByRole('heading', { name: '4 · Strip' })).toBeVisible();
    await listening(page);
    for (const part of ['disc', 'disc2']) {
        await key(']');
        await expect(page.locator(`#part-${part} > summary`)).toBeFocused();
        await fetched(page, part);
    }
    await key('Tab');
    await next('disc2.rivet_depth_flywheel', '0.9 mm', 0);
    await next('disc2.rivet_depth_flywheel', '0.25 mm', 1);
    await expect(telltale(page)).toContainText('Second disc, depth to rivets, flywheel side: 0.25 mm');
    await expect(telltale(page)).toContainText('measure again. If it stays, the part is worn askew');
    await page.locator('#part-disc2 > summary').focus();
    for (const part of ['cover', 'intermediate']) {
        await key(']');
        await expect(page.locator(`#part-${part} > summary`)).toBeFocused();
        await fetched(page, part);
    }
    await key('Tab');
    for (const [place, reading] of ['0.007 in', '0.008 in', '0.007 in', '0.009 in'].entries()) {
        await next('intermediate.pin_clearance', reading, place);
    }
    await expect(head(page, 'intermediate')).toContainText('1 of 3 taken');
    await entered(page, page.url(), { 'intermediate.flatness': ['0.002 in', '0.002 in', '0.003 in'], 'intermediate.conditions': 'none' });
    await expect(head(page, 'intermediate')).toContainText('within');
    await page.locator('#part-truck > summary').focus();
    await key('Enter'); // opens as any disclosure does
    await fetched(page, 'truck');
    await choose('truck.brake', 'Good');
    await expect(head(page, 'truck')).not.toContainText('not looked at');
    await noSeriousFinding(page);
    expect(faults).toEqual([]);
});

test('a two-stage tractor by pointer: levers, a scored face, a lost lug and why it failed', async ({ page }) => {
    const faults = watch(page);
    await signIn(page);
    await page.goto('/jobs/12/intake');
    await unfolded(page, 'vehicle.take_off_speed');
    await expect(box(page, 'vehicle.take_off_speed')).toBeVisible();
    await box(page, 'vehicle.take_off').selectOption('none');
    await expect(box(page, 'vehicle.take_off_speed')).toBeVisible(); // something stands in it
    await box(page, 'vehicle.take_off_speed').fill('');
    await box(page, 'vehicle.take_off_speed').press('Enter');
    await expect(meta(page, 'vehicle.take_off_speed')).toHaveAttribute('data-state', 'empty');
    await expect(box(page, 'vehicle.take_off_speed')).toBeHidden();
    await box(page, 'vehicle.take_off').selectOption('clutch');
    await expect(box(page, 'vehicle.take_off_speed')).toBeVisible();

    await page.getByRole('link', { name: /^Triage/ }).click();
    await expect(page.locator('#draw-triage .causes li').first()).toContainText('Levers of the two-stage clutch uneven');
    await unfolded(page, 'triage.signs');
    await page.getByLabel('stuck after long storage').check();
    await expect(page.locator('#draw-triage .causes')).toContainText('Lining rusted on after storage');
    // Whatever else is tried outside, it comes apart.
    await expect(page.locator('#draw-triage')).toContainText('Enough tested');

    await page.getByRole('link', { name: /^Strip/ }).click();
    await openPart(page, 'two_stage');
    await kept(page, 'two_stage.lever_heights', '61.1 mm', 2);
    await expect(telltale(page)).toContainText('Lever heights, spread 0.2 mm');
    await expect(page.locator('#draw-levers')).toContainText('spread 0.2');
    await kept(page, 'two_stage.air_gap_travel', '0.45', 0);
    await kept(page, 'two_stage.air_gap_travel', '0.35', 1);
    await expect(telltale(page)).toContainText('the travel disc drags: set the first stage');
    await page.locator('#part-two_stage').getByLabel('marks across the plates lost').check();
    await expect(telltale(page)).toContainText('balance is lost with them');
    await openPart(page, 'flywheel');
    await page.getByRole('button', { name: 'Take off the scoring at 5' }).click();
    await expect(page.locator('#marked-flywheel li')).toHaveCount(2);
    await openPart(page, 'bearing');
    await page.locator('#part-bearing').getByLabel('greased too much').check();
    await expect(telltale(page)).toContainText('a pump or two a year');
    await openPart(page, 'disc2');
    await page.locator('#part-disc2').getByLabel('oil or grease on the lining').check();
    await unfolded(page, 'why.causes');
    await expect(page.locator('#why-said')).toContainText('Oil or grease on the lining: found');
    await page.locator('#why-said').getByRole('checkbox', { name: /Oil or grease on the lining/ }).check();
    await box(page, 'why.words').fill('Greased at every wash.');
    await box(page, 'why.words').press('Tab');
    await expect(meta(page, 'why.words')).toHaveAttribute('data-state', 'kept');
    await noSeriousFinding(page);
    await page.goto('/jobs/12/sheet');
    await expect(page.getByText('Oil or grease on the lining. Greased at every wash.')).toBeVisible();
    expect(faults).toEqual([]);
});

test('the map works by plain forms without JavaScript', async ({ browser, baseURL }) => {
    const context = await browser.newContext({ javaScriptEnabled: false, baseURL });
    const page = await context.newPage();
    await signIn(page);
    await page.goto('/jobs/9/strip');
    await page.locator('#part-flywheel > summary').click();
    await page.getByRole('link', { name: 'Open the flywheel' }).click();
    await page.locator('#fold-face-flywheel > summary').click();
    await page.locator('#fold-face-flywheel').getByRole('link', { name: 'Open it' }).click();
    await page.locator('select[name="m[flywheel][kind]"]').selectOption('scoring');
    await page.locator('input[name="m[flywheel][clock]"]').fill('10:30');
    await page.locator('input[name="m[flywheel][radius]"]').fill('95 mm');
    await page.locator('#mark-form-flywheel').getByRole('button', { name: 'Place the mark' }).click();
    await expect(page.locator('#marked-flywheel li')).toContainText('scoring at 10:30 o’clock');
    await context.close();
});

test('a line that came with what was opened opens too, by touch and by a link to what it holds', async ({ page }) => {
    await signIn(page);
    // Another section stands open on this job; the chain is fetched, and with it the line of what is not needed.
    await page.goto('/jobs/4/set');
    await listening(page);
    await page.locator('#fold-chain > summary').click();
    await page.locator('#fold-more-chain > summary').click();
    await expect(box(page, 'release.efficiency')).toBeVisible();
    await page.goto('/jobs/4/set#label-release-efficiency');
    await page.reload();
    await expect(page.locator('#label-release-efficiency')).toBeVisible();
});
