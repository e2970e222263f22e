import { defineConfig } from '@playwright/test';

const port = 8462;

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'storage/test/browser',
    timeout: 240_000,
    expect: { timeout: 15_000 },
    fullyParallel: false,
    workers: 1,
    reporter: [['list'], ['junit', { outputFile: process.env.PLAYWRIGHT_JUNIT_OUTPUT_NAME ?? 'storage/test/browser.xml' }]],
    use: {
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 1280, height: 800 },
        locale: 'en-GB',
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
        },
    },
    webServer: {
        command: `bash tests/Browser/server.sh ${port}`,
        url: `http://127.0.0.1:${port}/sign-in`,
        reuseExistingServer: false,
        timeout: 60_000,
    },
});
