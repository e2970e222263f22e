// Frames a second of the drawing that moves with the pedal, and what it sends along: node bin/benchmark-frames.mjs BASE_URL
import { chromium } from '@playwright/test';

const base = process.argv[2];
const flags = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'];
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
await page.goto(`${base}/sign-in`);
await page.getByRole('button', { name: /Bram/ }).click();
await page.goto(`${base}/jobs/10/set`);
const { bytes, frames, seconds, longest } = await page.evaluate(async () => {
    const chain = document.querySelector('[data-chain]');
    const bytes = chain.dataset.moves.length + chain.dataset.captions.length;
    document.querySelector('[data-press]').click();
    const began = performance.now();
    let [frames, last, longest] = [0, began, 0];
    await new Promise((done) => {
        const frame = (now) => {
            frames++;
            longest = Math.max(longest, now - last);
            last = now;
            now - began < 3500 ? requestAnimationFrame(frame) : done();
        };
        requestAnimationFrame(frame);
    });
    return { bytes, frames, seconds: (last - began) / 1000, longest };
});
console.log(`\nmoving drawing of the release chain: ${(frames / seconds).toFixed(0)} frames a second, longest ${longest.toFixed(0)} ms, ${bytes} bytes of positions and captions`);
await browser.close();
