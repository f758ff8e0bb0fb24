import { defineConfig } from '@playwright/test';

export default defineConfig({
    testDir: 'tests/Browser',
    testMatch: '*.spec.js',
    // Each test has an application, a database and a server of its own.
    workers: Number(process.env.NAILROD_WORKERS ?? 2),
    timeout: 300_000,
    expect: { timeout: 20_000 },
    // No second tries: what fails once is looked into.
    retries: 0,
    reporter: [['list']],
    use: {
        viewport: { width: 1280, height: 800 },
        trace: 'off',
        actionTimeout: 20_000,
        launchOptions: {
            executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
            args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
        },
    },
});
