// From the opened clutch to an ordered kit, as a technician does it: counts fields that are filled, clicks, and pages that are loaded.
// Usage: node bin/count-choice.mjs BASE_URL JOB, a job of the demo that is stripped and has no kit yet.
import { chromium } from '@playwright/test';

const [base, job] = process.argv.slice(2);
const flags = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'];
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
const counted = { fields: 0, clicks: 0, pages: 0 };
// What the vehicle measures, where a kit asks for it.
const measured = {
    'engine.speed_limit': '6400 rpm', 'vehicle.spline_count': '20', 'vehicle.spline_diameter': '20.6 mm', 'vehicle.friction_outer': '206 mm',
    'match.friction_inner': '130 mm', 'match.bolt_count': '6', 'match.bolt_circle': '230 mm', 'match.dowels': '3', 'match.release': 'push',
    'match.crank_bolt_clearance': '9 mm', 'match.stack_height': '35.0 mm', 'match.sleeve_outer': '32.0 mm', 'match.housing_room': '300 mm',
    'match.spline_length': '40 mm', 'match.bolt_size': 'M8', 'match.bearing_face': 'flat', 'shaft.tip_diameter': '14.9 mm',
    'match.pilot_seat': '28 mm', 'match.release_load': '1.1 kN', 'release.finger_ratio': '3.1', 'match.flywheel_material': 'iron',
};
page.on('framenavigated', (frame) => frame === page.mainFrame() && counted.pages++);
const settled = () => page.waitForLoadState('networkidle');
const click = async (locator) => {
    counted.clicks++;
    await locator.click();
    await settled();
};
const fill = async (box, value) => {
    counted.fields++;
    const kind = await box.evaluate((e) => e.tagName);
    await (kind === 'SELECT' ? box.selectOption(value) : box.fill(value));
    await box.press(kind === 'SELECT' ? 'Tab' : 'Enter');
    await settled();
};

await page.goto(`${base}/sign-in`);
await page.getByRole('button', { name: /Bram/ }).click();
await page.waitForURL(`${base}/`);
Object.assign(counted, { fields: 0, clicks: 0, pages: 0 });

await page.goto(`${base}/jobs/${job}/kit`);
await click(page.locator('a[data-row], [data-row] a').first());
for (let again = true; again;) {
    again = false;
    for (const [field, value] of Object.entries(measured)) {
        const box = page.locator(`[name="f[${field}][0]"]`).first();
        if ((await box.count()) > 0 && (await box.isVisible()) && (await box.inputValue()) === '') {
            await fill(box, value);
            again = true;
        }
    }
}
await click(page.getByRole('button', { name: 'Choose this kit' }));
await click(page.getByRole('link', { name: 'Everything the job needs' }));
const all = page.getByRole('button', { name: /as proposed/ });
if ((await all.count()) > 0) {
    await click(all);
}
for (let left = true; left;) {
    const empty = await page.locator('.parts-list select').evaluateAll((boxes) => boxes.filter((b) => b.value === '').map((b) => b.name));
    left = empty.length > 0;
    for (const name of empty) {
        await fill(page.locator(`[name="${name}"]`), /flywheel|pipe|cylinder|seal|fork|sleeve|pilot/.test(name) ? 'reused' : 'shelf');
    }
    await page.reload();
    await settled();
    counted.pages--;
}
const kit = page.locator('.card').filter({ has: page.getByRole('heading', { name: 'The kit' }) });
await click(kit.getByRole('button', { name: 'Order', exact: true }));
const why = kit.getByLabel('Why it is ordered all the same');
const asked = (await why.count()) > 0;
if (asked && process.env.SAY) { console.log(await kit.locator('ul').allInnerTexts()); }
if (asked) {
    counted.fields++;
    await why.fill('as agreed');
    await click(kit.getByRole('button', { name: 'Order all the same' }));
}
const ordered = await kit.innerText();
if (process.env.SAY) { console.log(ordered, await page.locator("[role=alert]").allInnerTexts()); }
console.log(`${counted.fields} fields, ${counted.clicks} clicks, ${counted.pages} pages; ${asked ? 'asked before the order; ' : ''}${/Ordered|back order/.exec(ordered)?.[0] ?? 'not ordered'}`);
await browser.close();
