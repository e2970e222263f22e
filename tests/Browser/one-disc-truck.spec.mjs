// A truck of one disc with a booster, the whole way: neither brake nor ring is asked, the chain comes from the booster's stroke.
import { execFileSync } from 'node:child_process';
import { box, entered, expect, kept, listening, settleParts, signIn, test, tightened, watch } from './helpers.mjs';

const job = JSON.parse(execFileSync('php', ['tests/Support/walk.php', 'truck, one disc, air-assisted, new clutch'], { encoding: 'utf8' }));

test('a truck of one disc from intake to the signature', async ({ page }) => {
    test.setTimeout(420_000);
    const faults = watch(page);
    await signIn(page, 'Ines');
    await page.goto('/new-job');
    await page.getByRole('textbox', { name: /^Vehicle/ }).fill(job.name);
    await page.getByRole('textbox', { name: 'Plate', exact: true }).fill(job.plate);
    await page.getByLabel('Truck', { exact: true }).check();
    await page.getByRole('button', { name: 'Open the job' }).click();
    await expect(page.getByRole('heading', { name: '1 · Intake' })).toBeVisible();
    const at = new URL(page.url()).pathname.replace(/\/intake$/, '');

    for (const station of ['intake', 'triage', 'demand']) {
        await entered(page, `${at}/${station}`, job.walk[station]);
    }
    // Part by part, each open on its own page.
    const partOf = (field) => (field === 'shaft.tip_diameter' ? 'pilot' : field.split('.')[0]);
    const readings = Object.entries(job.walk.strip);
    for (const part of new Set(readings.map(([field]) => partOf(field)))) {
        const path = ['why', 'match'].includes(part) ? `${at}/strip` : `${at}/strip?part=${part}#part-${part}`;
        await entered(page, path, Object.fromEntries(readings.filter(([field]) => partOf(field) === part)));
    }
    await expect(page.locator('#part-truck, #part-disc2, #part-intermediate')).toHaveCount(0);

    await page.goto(`${at}/kit?q=${job.kit}`);
    await listening(page);
    await page.getByRole('link', { name: 'Harbour 430 single push' }).first().click();
    await page.getByRole('button', { name: 'Choose this kit' }).click();
    await expect(page.getByText('Chosen: Harbour 430 single push')).toBeVisible();
    await page.goto(`${at}/parts`);
    await page.getByRole('button', { name: /^Take all \d+ as proposed/ }).click();
    await expect(page.getByText(/as proposed\.$/)).toBeVisible();
    await settleParts(page, { 'parts.pipe': 'Re', 'parts.master_cylinder': 'Re', 'parts.slave_cylinder': 'Re' });
    await entered(page, `${at}/bench`, job.walk.bench);
    const { 'fastening.cover.bolts': bolts, ...fit } = job.walk.fit;
    const isFastening = ([name]) => name.startsWith('fastening.');
    await entered(page, `${at}/fit`, { 'fastening.cover.bolts': bolts, ...Object.fromEntries(Object.entries(fit).filter(isFastening)) });
    await tightened(page, 'cover', Number(bolts));
    await entered(page, `${at}/fit`, Object.fromEntries(Object.entries(fit).filter((one) => !isFastening(one))));

    await page.goto(`${at}/set`);
    await listening(page);
    for (const never of ['truck.bearing_gap', 'truck.brake', 'release.master_bore', 'release.slave_bore']) {
        await expect(box(page, never)).toBeHidden();
    }
    await kept(page, 'release.pedal_travel', '170 mm');
    await expect(page.locator('#telltale')).toContainText('measured at the pad, never worked out');
    await entered(page, `${at}/set`, job.walk.set);
    await expect(page.locator('#telltale')).toContainText('Measured at the pad: The pedal takes 140');
    await entered(page, `${at}/prove`, job.walk.prove);

    await page.goto(`${at}/record`);
    await listening(page);
    await expect(page.getByText('Nothing is open. The sheet can be signed.')).toBeVisible();
    await page.getByRole('button', { name: 'Sign as Ines Tarrow and lock' }).click();
    await expect(page.getByText('Signed and locked.', { exact: true })).toBeVisible();
    expect(faults).toEqual([]);
});
