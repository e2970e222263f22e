import { defineConfig } from '@playwright/test';

// Two workers, each with a server and a demo workshop of its own.
const workers = 2;
const port = (worker) => 8462 + worker;

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'storage/test/browser',
    timeout: 240_000,
    expect: { timeout: 15_000 },
    fullyParallel: false,
    workers,
    // A machine shared with others may stall for longer than any limit here; what passed at the second try only is named as flaky at the end.
    retries: 1,
    reporter: [['list'], ['junit', { outputFile: process.env.PLAYWRIGHT_JUNIT_OUTPUT_NAME ?? 'storage/test/browser.xml' }]],
    use: {
        baseURL: `http://127.0.0.1:${port(Number(process.env.TEST_PARALLEL_INDEX ?? 0))}`,
        viewport: { width: 1280, height: 800 },
        locale: 'en-GB',
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
        },
    },
    webServer: Array.from({ length: workers }, (_, worker) => ({
        command: `bash tests/Browser/server.sh ${port(worker)}`,
        url: `http://127.0.0.1:${port(worker)}/sign-in`,
        reuseExistingServer: false,
        timeout: 60_000,
    })),
});
