/* For bin/load: people who work at once. node bin/load.mjs URL PEOPLE SECONDS; what was confirmed goes to standard output as JSON. */
import http from 'node:http';
import os from 'node:os';

const [url, people, seconds] = [process.argv[2], Number(process.argv[3]), Number(process.argv[4])];
if (!/^http:\/\/127\.0\.0\.1:\d+$/.test(url)) {
    console.error('Only a server on this machine is asked: http://127.0.0.1:PORT');
    process.exit(2);
}
const STATIONS = ['intake', 'triage', 'demand', 'strip', 'kit', 'set', 'record'];
// What is entered: a field that every class of vehicle has, at Strip.
const FIELD = 'flywheel.flatness';
const agent = new http.Agent({ keepAlive: true, maxSockets: people + 4 });
const took = {};
const told = [];
let failed = 0;

function ask(jar, path, form = null, headers = {}) {
    return new Promise((resolve) => {
        const body = form === null ? null : new URLSearchParams(form).toString();
        const cookie = Object.entries(jar).map(([name, value]) => `${name}=${value}`).join('; ');
        const start = performance.now();
        const request = http.request(url + path, {
            agent, method: body === null ? 'GET' : 'POST',
            headers: { ...headers, cookie, ...(body === null ? {} : { 'content-type': 'application/x-www-form-urlencoded', 'content-length': Buffer.byteLength(body) }) },
        }, (answer) => {
            const parts = [];
            answer.on('data', (part) => parts.push(part));
            answer.on('end', () => {
                for (const set of answer.headers['set-cookie'] ?? []) {
                    const [, name, value] = set.match(/^([^=]+)=([^;]*)/);
                    jar[name] = value;
                }
                resolve({ status: answer.statusCode, text: Buffer.concat(parts).toString(), ms: performance.now() - start });
            });
        });
        request.on('error', (e) => resolve({ status: 0, text: String(e), ms: performance.now() - start }));
        request.end(body);
    });
}
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

async function signIn(login) {
    const jar = {};
    const token = (await ask(jar, '/sign-in')).text.match(/name="_token" value="([^"]+)"/)?.[1];
    await ask(jar, '/sign-in', { _token: token, login, password: 'a long enough secret' });
    const bay = await ask(jar, '/');
    const csrf = bay.text.match(/"X-CSRF-TOKEN":"([^"]+)"/)?.[1];
    if (!csrf) {
        throw new Error(`${login} was not let in: ${bay.status}`);
    }
    return { jar, csrf };
}

function note(kind, answer, isRight) {
    (took[kind] ??= []).push(answer.ms);
    if (answer.status !== 200 || !isRight) {
        failed++;
        console.error(`${kind} answered ${answer.status}: ${answer.text.slice(0, 200)}`);
    }
}

/** One person on one job. The n-th thing somebody does follows from n alone, so that two runs ask for the same. */
async function work(n, until) {
    const { jar, csrf } = await signIn(`person${n}`);
    const bay = await ask(jar, `/?q=LD+${String(n).padStart(4, "0")}`);
    const job = bay.text.match(/\/jobs\/(\d+)/)?.[1];
    let shown = Number((await ask(jar, `/jobs/${job}/strip?part=flywheel`)).text.match(/name="b\[flywheel\.flatness\]\[0\]" value="(\d+)"/)?.[1] ?? 0);
    await pause((1000 * n) / people);
    for (let step = n; performance.now() < until; step++) {
        const kind = step % 10;
        if (kind < 2) {
            const answer = await ask(jar, '/');
            note('bay', answer, answer.text.includes('Jade Spindle'));
        } else if (kind < 6) {
            const station = STATIONS[step % STATIONS.length];
            const answer = await ask(jar, `/jobs/${job}/${station}`);
            note('station', answer, answer.text.includes('id="telltale"') || station === 'record');
        } else {
            const typed = `0.${String(10 + ((step * 7) % 80))}${step % 10} mm`;
            const answer = await ask(jar, `/jobs/${job}/strip?part=flywheel`, {
                [`f[${FIELD}][0]`]: typed, [`b[${FIELD}][0]`]: shown, [`i[${FIELD}]`]: 'feeler_gauge',
            }, { 'HX-Request': 'true', 'X-CSRF-TOKEN': csrf });
            const now = Number(answer.text.match(/name="b\[flywheel\.flatness\]\[0\]" value="(\d+)"/)?.[1] ?? 0);
            note('entry', answer, now > shown || answer.text.includes(typed));
            if (now > shown) {
                shown = now;
                told.push({ job: Number(job), field: FIELD, typed, at: Date.now() });
            }
        }
        await pause(1000);
    }
}

async function bare(until) {
    const { jar } = await signIn('person1');
    while (performance.now() < until) {
        note('bare', await ask(jar, '/bare'), true);
        await pause(1000);
    }
}

const until = performance.now() + seconds * 1000 + 4000;
const spent = () => os.cpus().map((c) => c.times).reduce((sum, t) => [sum[0] + t.user + t.sys + t.nice + t.irq, sum[1] + t.idle], [0, 0]);
const [busyBefore, idleBefore] = spent();
const from = performance.now();
await Promise.all([bare(until), ...Array.from({ length: people }, (_, i) => work(i + 1, until))]);
const lasted = (performance.now() - from) / 1000;
const [busy, idle] = spent();
const share = (busy - busyBefore) / (busy - busyBefore + idle - idleBefore);
const all = Object.values(took).flat().length;
console.error(`${people} people, ${lasted.toFixed(0)} s, ${all} requests, ${(all / lasted).toFixed(1)} a second, ${failed} failed, processors ${(100 * share).toFixed(0)} % busy`);
console.error('what          number   median ms      p95 ms      most ms');
for (const kind of ['bare', 'entry', 'station', 'bay']) {
    const sorted = (took[kind] ?? [0]).sort((a, b) => a - b);
    const at = (share) => sorted[Math.floor(share * (sorted.length - 1))];
    console.error(`${kind.padEnd(10)} ${String(sorted.length).padStart(9)} ${at(0.5).toFixed(0).padStart(11)} ${at(0.95).toFixed(0).padStart(11)} ${at(1).toFixed(0).padStart(12)}`);
}
console.log(JSON.stringify(told));
process.exit(failed === 0 ? 0 : 1);
