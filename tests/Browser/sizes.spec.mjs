// How wide pages stand, and how large what is touched is.
import { asFilled, expect, listening, signIn, test, withHistory } from './helpers.mjs';
import { onEachScreen } from './screens.mjs';

/** What lies over something else: of texts and boxes to type in, as they are seen, the pairs that share more than an edge. */
function overlaps() {
    const within = document.querySelector('main') ?? document.body;
    const isSeen = (e) => e.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && !e.closest('.sr-only, option, script, style, template');
    // What a box around it cuts off is not seen.
    const seen = (e, box) => {
        let [left, top, right, bottom] = [box.left, box.top, box.right, box.bottom];
        for (let p = e; p && p !== document.body; p = p.parentElement) {
            if (getComputedStyle(p).overflow !== 'visible') {
                const r = p.getBoundingClientRect();
                [left, top, right, bottom] = [Math.max(left, r.left), Math.max(top, r.top), Math.min(right, r.right), Math.min(bottom, r.bottom)];
            }
        }
        return { left, top, right, bottom };
    };
    const boxes = [];
    const keep = (e, box, text) => {
        const r = seen(e, box);
        if (r.right - r.left > 1 && r.bottom - r.top > 1) {
            boxes.push({ e, r, text });
        }
    };
    const texts = document.createTreeWalker(within, NodeFilter.SHOW_TEXT);
    for (let node = texts.nextNode(); node; node = texts.nextNode()) {
        if (node.textContent.trim() && isSeen(node.parentElement)) {
            const range = document.createRange();
            range.selectNodeContents(node);
            [...range.getClientRects()].forEach((r) => keep(node.parentElement, r, node.textContent.trim().slice(0, 30)));
        }
    }
    within.querySelectorAll('input:not([type=hidden]), select, textarea, .tap, .btn').forEach((e) => isSeen(e)
        && keep(e, e.getBoundingClientRect(), `[${e.name || e.textContent.trim()}]`));
    boxes.sort((a, b) => a.r.top - b.r.top);
    const found = [];
    boxes.forEach((a, i) => {
        for (let j = i + 1; j < boxes.length && boxes[j].r.top < a.r.bottom; j += 1) {
            const b = boxes[j];
            const wide = Math.min(a.r.right, b.r.right) - Math.max(a.r.left, b.r.left);
            const high = Math.min(a.r.bottom, b.r.bottom) - Math.max(a.r.top, b.r.top);
            // Lines stand closer than their letters are high; a unit stands in its box.
            if (wide > 3 && high > 5 && a.e !== b.e && !a.e.contains(b.e) && !b.e.contains(a.e) && a.e.closest('.box') !== (b.e.closest('.box') ?? b)) {
                found.push(`“${a.text}” and “${b.text}”`);
            }
        }
    });
    return found;
}

onEachScreen('nothing lies over anything else or stands wider than a desk, the same drawn twice as large, a tablet held upright or a phone', async (page) => {
    for (const width of [1280, 768, 640, 360]) {
        await page.setViewportSize({ width, height: 1100 });
        expect.soft(await page.evaluate(overlaps), `at ${width}`).toEqual([]);
        const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
        expect.soft(over, `too wide at ${width}`).toBeLessThanOrEqual(0);
    }
});

onEachScreen('on a phone the header is one line, nothing that stays is taller than a third, and the rail shows where one is', async (page) => {
    const wrong = await page.evaluate(() => {
        const found = [];
        const top = document.querySelector('.top')?.getBoundingClientRect().height ?? 0;
        if (top > 64) {
            found.push(`header ${top}`);
        }
        for (const e of document.querySelectorAll('main *, nav *, aside')) {
            if (['sticky', 'fixed'].includes(getComputedStyle(e).position) && e.getBoundingClientRect().height > innerHeight / 3) {
                found.push(`stays: ${e.className} ${e.getBoundingClientRect().height}`);
            }
        }
        const here = document.querySelector('#rail [aria-current]')?.getBoundingClientRect();
        if (here && (here.left < 0 || here.right > innerWidth)) {
            found.push(`rail at ${here.left}`);
        }
        return found;
    });
    expect(wrong).toEqual([]);
}, { viewport: { width: 360, height: 740 } }, ['/', '/jobs/2/triage', '/jobs/2/strip', '/jobs/2/kit', '/jobs/10/set', '/jobs/4/set', '/jobs/13/fit', '/jobs/2/record', '/jobs/2/plan', '/board']);

// Of each class one job early, one on the way, one nearly done; printed things and books are as long as they are.
const WORK = ['/', '/board', '/history', '/shelf', '/vehicles/1', '/new-job', '/jobs/2/plan', '/jobs/3/parts', '/jobs/2/kit/compare?k39=1&k51=1',
    ...['intake', 'triage', 'demand', 'strip', 'kit', 'bench', 'fit', 'set', 'prove', 'record'].flatMap((station) => [2, 4, 7, 10, 12].map((job) => `/jobs/${job}/${station}`))];

test.beforeAll(() => asFilled());

for (const [width, height, most] of [[1280, 800, 4], [360, 740, 10]]) {
    test(`as it is opened a page is at most ${most} screens of ${width} by ${height}`, async ({ page }) => {
        await page.setViewportSize({ width, height });
        await signIn(page, 'Ines');
        await withHistory(page);
        for (const path of WORK) {
            expect.soft((await page.goto(path)).status(), path).toBe(200);
            await listening(page);
            expect.soft(await page.evaluate(() => Math.round((10 * document.documentElement.scrollHeight) / innerHeight) / 10), path).toBeLessThanOrEqual(most);
        }
    });
}

// A station shows what is open and what was decided in two screens, the rest is a line. More has the plan, a page of its own.
test('a station is short as it is opened', async ({ page }) => {
    await page.setViewportSize({ width: 1280, height: 800 });
    await signIn(page, 'Ines');
    for (const path of [...WORK, '/jobs/3/kit', '/jobs/13/strip'].filter((path) => /^\/jobs\/\d+\/[a-z]+$/.test(path) && !path.endsWith('/parts'))) {
        await page.goto(path);
        await listening(page);
        expect.soft(await page.evaluate(() => Math.round((10 * document.documentElement.scrollHeight) / innerHeight) / 10), path)
            .toBeLessThanOrEqual(/plan/.test(path) ? 2.3 : 2);
    }
});

test('a list has room for fifteen rows in sight', async ({ page }) => {
    await page.setViewportSize({ width: 1280, height: 800 });
    await signIn(page, 'Ines');
    for (const path of ['/?show=signed', '/shelf', '/?sort=promised']) {
        await page.goto(path);
        await listening(page);
        const room = await page.locator('main tbody').first().evaluate((rows) => {
            const tops = [...rows.rows].map((row) => row.getBoundingClientRect().top);
            const high = tops.length > 1 ? tops[1] - tops[0] : rows.rows[0].getBoundingClientRect().height;
            return Math.floor((innerHeight - tops[0]) / high);
        });
        expect.soft(room, path).toBeGreaterThanOrEqual(15);
    }
});

// 24 px between blocks, 8 px under what heads one.
test('the distances between blocks are the same on every page', async ({ page }) => {
    await page.setViewportSize({ width: 1280, height: 800 });
    await signIn(page, 'Ines');
    for (const path of [...WORK, '/rules', '/limits', '/instruments', '/evidence', '/people', '/account', '/practice', '/import', '/log']) {
        await page.goto(path);
        await listening(page);
        expect.soft(await page.evaluate(distances), path).toEqual([]);
    }
});

/** Blocks one under the other whose distance is neither. */
function distances() {
    const found = [];
    const look = (box) => {
        let last = null;
        for (const block of box.children) {
            const [style, at] = [getComputedStyle(block), block.getBoundingClientRect()];
            if (at.height < 4 || ['absolute', 'sticky'].includes(style.position) || ['inline', 'contents'].includes(style.display) || style.float !== 'none') {
                continue;
            }
            if (block.matches('.station-form')) {
                look(block);
            } else if (last !== null && !last.matches('.station-form, p.small') && !block.matches('p, h3, .shelf-filter')) {
                const between = Math.round(at.top - last.getBoundingClientRect().bottom);
                if (between >= 0 && ![8, 24].includes(between)) {
                    found.push(`${between} px between ${last.tagName}.${last.className} and ${block.tagName}.${block.className}`);
                }
            }
            last = block;
        }
    };
    look(document.querySelector('main'));
    return found;
}

test('what lies over something is seen', async ({ page }) => {
    await page.setContent('<main><p id="a">Depth to the fingers</p><input name="over" style="position:absolute;top:12px;left:20px"></main>');
    expect(await page.evaluate(overlaps)).toEqual(['“Depth to the fingers” and “[over]”']);
    await page.setContent('<main><button class="tap" style="position:absolute;left:8px;width:140px">not yet</button><p style="margin-left:120px">Flywheel on</p></main>');
    expect(await page.evaluate(overlaps)).toEqual(['“Flywheel on” and “[not yet]”']);
    await page.setContent('<main><p>Depth to the fingers</p><input name="under"></main>');
    expect(await page.evaluate(overlaps)).toEqual([]);
});

// A screen that is touched; with a mouse a row may be as high as its line.
onEachScreen('targets are large enough for gloves', async (page) => {
    const small = await page.locator('button:visible, select:visible, .rail a:visible, .box:visible, textarea:visible, summary:visible').evaluateAll((all) =>
        all.filter((e) => e.getBoundingClientRect().height < 43.5).map((e) => `${e.tagName} ${e.className} ${e.textContent?.trim().slice(0, 30)} ${Math.round(e.getBoundingClientRect().height)}`));
    expect(small).toEqual([]);
}, { hasTouch: true, isMobile: true }, ['/', '/account', '/people', '/log', '/vehicles/1', '/jobs/2/intake', '/jobs/2/strip', '/jobs/12/strip', '/evidence/pilot', '/jobs/3/kit', '/jobs/2/kit/428', '/jobs/3/parts', '/jobs/10/bench', '/shelf', '/jobs/13/fit', '/jobs/10/set', '/jobs/2/record']);

// WCAG 2.2, target size (minimum): 24 by 24; a box of 22 stands in a label that is larger.
onEachScreen('targets are large enough for a mouse', async (page) => {
    const small = await page.locator('button:visible, select:visible, .box:visible, input[type=checkbox]:visible').evaluateAll((all) =>
        all.filter((e) => Math.min(e.getBoundingClientRect().height, e.getBoundingClientRect().width) < 21.5).map((e) => `${e.tagName} ${e.className} ${Math.round(e.getBoundingClientRect().height)}`));
    expect(small).toEqual([]);
}, {}, ['/jobs/2/kit', '/jobs/13/fit', '/jobs/10/set']);
