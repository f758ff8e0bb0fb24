import { test as base, expect } from '@playwright/test';
import { execFileSync, spawn } from 'node:child_process';
import { copyFileSync, existsSync, mkdtempSync, openSync, readFileSync, readdirSync, rmSync, statSync } from 'node:fs';
import { connect, createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

const free = () => new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
        const { port } = server.address();
        server.close(() => resolve(port));
    });
});

const answers = (port) => new Promise((resolve) => {
    const socket = connect(port, '127.0.0.1', () => { socket.end(); resolve(true); });
    socket.on('error', () => resolve(false));
});

/** The application with a database, a device memory and demo data of its own. It can be stopped and started. */
export class App {
    /** A database with the demo data in it, to be copied; null until it is made. */
    static #made = null;

    #folder = mkdtempSync(join(tmpdir(), 'nailrod-'));
    #server = null;

    /** An address by which others than this machine are let in; empty if they are not. */
    #open = '';

    /** @param {{demo?: boolean, open?: string}} with  without the demo there is no set, no device and no game; open to others by an address */
    static async fresh({ demo = true, open = '' } = {}) {
        const app = new App();
        app.#open = open;
        app.port = await free();
        app.rigPort = await free();
        app.url = `http://127.0.0.1:${app.port}`;
        if (demo) {
            app.#fill();
        } else {
            openSync(app.#env().DB_DATABASE, 'w');
            app.artisan('migrate', '--force', '-q');
        }
        await app.start();

        return app;
    }

    /** As it was at its beginning: what a test did to data, files and rig is gone. The server of the pages goes on. */
    async renew() {
        if (!this.#server) {
            this.#clear();
            ['', '-wal', '-shm'].forEach((end) => rmSync(`${this.#env().DB_DATABASE}${end}`, { force: true }));
            this.#fill();
            await this.start();

            return;
        }
        // The pages keep their connections: the database becomes another in its place.
        execFileSync('php', ['-r', '$to = new SQLite3($argv[2]); $to->busyTimeout(10000); exit((int) ! (new SQLite3($argv[1]))->backup($to));', App.#made, this.#env().DB_DATABASE]);
        const old = this.#rig();
        process.kill(old, 'SIGSTOP');
        this.#clear();
        process.kill(old, 'SIGKILL');
        for (let tries = 0; tries < 1200 && !(this.#rig() > 0 && this.#rig() !== old && await answers(this.rigPort)); tries++) {
            await new Promise((resolve) => { setTimeout(resolve, 25); });
        }
    }

    #clear() {
        for (const name of readdirSync(this.#folder).filter((one) => one !== 'serve' && !/sqlite(-wal|-shm|\.rig)?$/.test(one))) {
            rmSync(join(this.#folder, name), { recursive: true, force: true });
        }
    }

    /** The number of the process of the rig; 0 if there is none. */
    #rig() {
        const file = `${this.#env().DB_DATABASE}.rig`;

        return existsSync(file) ? Number(readFileSync(file, 'utf8')) : 0;
    }

    /** The demo data, made once and copied for every further application. */
    #fill() {
        const database = this.#env().DB_DATABASE;
        if (App.#made !== null) {
            copyFileSync(App.#made, database);

            return;
        }
        openSync(database, 'w');
        this.artisan('migrate', '--force', '-q');
        this.artisan('nailrod:demo', '-q');
        const kept = join(mkdtempSync(join(tmpdir(), 'nailrod-demo-')), 'nailrod.sqlite');
        copyFileSync(database, kept);
        App.#made = kept;
        process.on('exit', () => rmSync(dirname(kept), { recursive: true, force: true }));
    }

    get folder() {
        return this.#folder;
    }

    #env() {
        return {
            ...process.env,
            DB_DATABASE: join(this.#folder, 'nailrod.sqlite'),
            NAILROD_MEMORY: join(this.#folder, 'devices'),
            NAILROD_RUNS: join(this.#folder, 'runs'),
            NAILROD_PROGRAMS: join(this.#folder, 'programs'),
            NAILROD_SERVE: join(this.#folder, 'serve'),
            NAILROD_RIG_PORT: String(this.rigPort),
            PHP_CLI_SERVER_WORKERS: '3',
            ...(this.#open === '' ? {} : { NAILROD_OPEN: '1', NAILROD_HOSTS: this.#open }),
        };
    }

    /** Bytes of its database, its files, or the logs of all, by what they are. */
    sizes() {
        // What is written ahead goes into the database first: it is bounded by itself.
        execFileSync('php', ['-r', '$db = new PDO("sqlite:".$argv[1]); $db->setAttribute(PDO::ATTR_TIMEOUT, 10); $db->query("PRAGMA wal_checkpoint(TRUNCATE)")->fetchAll();', this.#env().DB_DATABASE]);
        const of = (path) => readdirSync(path, { withFileTypes: true }).reduce((sum, entry) => sum + (entry.isDirectory() ? of(join(path, entry.name)) : statSync(join(path, entry.name)).size), 0);
        const below = (name) => (existsSync(join(this.#folder, name)) ? of(join(this.#folder, name)) : 0);

        return {
            database: statSync(this.#env().DB_DATABASE).size,
            'compiled sets': below('programs'),
            recordings: below('runs'),
            'device memories': below('devices'),
            logs: of('storage/logs'),
        };
    }

    artisan(...args) {
        return execFileSync('php', ['artisan', ...args], { env: this.#env(), encoding: 'utf8' });
    }

    async start() {
        this.#server = spawn('bin/serve', [this.#open === '' ? '127.0.0.1' : '0.0.0.0', String(this.port)], { env: this.#env(), stdio: 'ignore', detached: true });
        for (let tries = 0; tries < 1200 && !(await answers(this.port) && await answers(this.rigPort)); tries++) {
            await new Promise((resolve) => { setTimeout(resolve, 50); });
        }
    }

    async stop() {
        if (this.#server) {
            process.kill(this.#server.pid, 'SIGTERM');
            this.#server = null;
        }
        for (let tries = 0; tries < 200 && (await answers(this.port) || await answers(this.rigPort)); tries++) {
            await new Promise((resolve) => { setTimeout(resolve, 50); });
        }
    }

    /** Resolves when the rig has written down how it is now, which it does at most once a second. */
    async written() {
        const file = `${this.#env().DB_DATABASE}.snapshot`;
        const began = Date.now();
        for (let tries = 0; tries < 400; tries++) {
            if (existsSync(file) && statSync(file).mtimeMs > began) {
                return;
            }
            await new Promise((resolve) => { setTimeout(resolve, 25); });
        }
        throw new Error('The rig has not written how it is.');
    }

    /** The process of the rig is killed; who watches it begins it again. */
    killRig() {
        process.kill(this.#rig(), 'SIGKILL');
    }

    async end() {
        await this.stop();
        rmSync(this.#folder, { recursive: true, force: true });
    }

    /** The touch panel is as new in these sets, what its tiles do rests: for tests of the rest of the rig. */
    async asNew(...sets) {
        for (const set of sets) {
            const first = await fetch(`${this.url}/sets/${set}/panel`);
            const text = await first.text();
            const cookie = first.headers.getSetCookie().map((one) => one.split(';')[0]).join('; ');
            const body = new URLSearchParams({ _token: /csrf-token" content="([^"]+)"/.exec(text)?.[1] ?? '', from: /data-revision="(\d+)"/.exec(text)?.[1] ?? '', device: 'clover', panel: '' });
            await fetch(`${this.url}/sets/${set}/panel/pick`, { method: 'POST', body, redirect: 'manual', headers: { cookie, Accept: 'text/html' } });
        }
    }

    async open(page, place, query = '') {
        await page.goto(`${this.url}/sets/skerrywing/${place}${query}`);
        await page.waitForFunction(() => Boolean(window.nailrod?.live.picture));
    }
}

export const test = base.extend({
    /** One for all tests of a process; after a test that failed, the next has a new one. */
    served: [async ({}, use) => {
        const app = await App.fresh();
        await use(app);
        await app.end();
    }, { scope: 'worker' }],
    app: async ({ served }, use) => {
        await served.renew();
        await use(served);
    },
    page: async ({ page }, use) => {
        const errors = [];
        page.on('pageerror', (error) => errors.push(error.message));
        page.on('console', (message) => /Content.Security.Policy/i.test(message.text()) && errors.push(message.text()));
        await use(page);
        expect(errors, 'errors of the page').toEqual([]);
    },
});

export { expect };
