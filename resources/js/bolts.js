/*
 * Bolts ticked on their drawing, one by one or a round at a time: the next has the focus then; without a connection ticks are kept here.
 */
import { sendFrom } from './token.js';

const RETRY_MS = 4000;
// No answer, signed out, or a server that is not there: it can be sent again. Anything else is an answer.
const LOST = [0, 401, 419, 502, 503, 504];
const KEPT = () => `spindle-ticks:${document.body.dataset.drafts}`;

/** Ticks of this job that the server has not confirmed. */
export function unsentTicks() {
    return document.body.dataset.drafts ? JSON.parse(localStorage.getItem(KEPT()) ?? '[]') : [];
}

/** What stands nearest around an element: two cards of a walk tick bolts of the same group. */
function nearest(element, selector) {
    for (let around = element.parentElement; around; around = around.parentElement) {
        const found = around.querySelector(selector);
        if (found) {
            return found;
        }
    }
    return null;
}

/** After a tick the next bolt has the focus, so that a round goes by one key; what somebody else ticks leaves it where it is. */
export function tickBolts(htmx) {
    let [ticked, held] = [null, null];
    const number = (bolt) => bolt.value.replace(/\D/g, '');
    const boltAt = (element) => element?.closest?.('.bolt, .bolt-round, .bolt-next');
    const send = (source, name, value) =>
        htmx.ajax('POST', source.dataset.address, { source, target: source, swap: 'none', values: { [name]: value } }).catch(() => {});
    const tick = (bolt) => {
        const source = bolt && nearest(bolt, `[data-ticks="${bolt.name}"]`);
        if (source && source.hasAttribute('data-keeps') && unsentTicks().length) {
            // One after the other: what was kept before goes first.
            keep({ address: source.dataset.address, name: bolt.name, value: bolt.value });
            draw(bolt);
            sendKept();
        } else if (source) {
            bolt.setAttribute('aria-busy', 'true');
            send(source, bolt.name, bolt.value);
        }
        return Boolean(source);
    };
    /* Without a connection: a tick of a bolt says what it is to be, so it can be kept here and sent once there is one. */
    const keep = (one) => localStorage.setItem(KEPT(), JSON.stringify([...unsentTicks(), one]));
    const forget = ({ name, value }) => {
        const kept = unsentTicks();
        const at = kept.findIndex((one) => one.name === name && one.value === value);
        // Another tab may have sent it meanwhile: then there is nothing to forget.
        localStorage.setItem(KEPT(), JSON.stringify(kept.filter((_, i) => i !== at)));
    };
    let isSignedOut = false;
    const tell = (name) => document.querySelectorAll(`[data-said-of="${name}"]`).forEach((said) => {
        const count = unsentTicks().filter((one) => one.name === name).length;
        said.dataset.asWritten ??= said.textContent;
        const why = isSignedOut ? 'You are signed out, sign in in another tab' : 'No connection';
        said.textContent = count ? `${why}: ${count} kept here and sent again.` : said.dataset.asWritten;
        // The walk has a line for all that waits for the connection.
        said.hidden = count === 0 || (!isSignedOut && document.querySelector('[data-line]') !== null);
    });
    /** What the drawing shows once it was kept: the bolt is done, the next one in its order is next. */
    const draw = (bolt) => {
        const around = bolt.closest('.walk-bolts, [id^="draw-bolts"]');
        const all = [...(around?.querySelectorAll('.bolt') ?? [])];
        const isRound = !/-?\d+$/.test(bolt.value);
        all.filter((one) => isRound || number(one) === number(bolt)).forEach((one) => {
            one.setAttribute('aria-pressed', /-\d+$/.test(bolt.value) && !isRound ? 'false' : 'true');
            one.classList.add('kept');
        });
        all.forEach((one) => one.removeAttribute('data-next'));
        const next = all.find((one) => one.getAttribute('aria-pressed') !== 'true');
        next?.setAttribute('data-next', '');
        const large = around?.querySelector('.bolt-next');
        if (large && next) {
            large.textContent = large.textContent.replace(/\d+/, number(next));
            large.value = `${next.value.split(' ')[0]} ${number(next)}`;
        } else if (large) {
            large.textContent = 'This round is kept here';
        }
        // The next round is drawn by the server.
        around?.querySelectorAll('.bolt-next, .bolt-round').forEach((button) => (button.disabled = !next));
        tell(bolt.name);
    };
    const isKept = ({ name, value }) => unsentTicks().some((one) => one.name === name && one.value === value);
    /** Whether the first of them was taken. */
    const sendFirst = async () => {
        const [first] = unsentTicks();
        const source = first && document.querySelector(`[data-ticks="${first.name}"][data-address="${first.address}"]`);
        if (source) {
            await send(source, first.name, first.value);
        } else if (first) {
            const answer = await sendFrom(first.address, [[first.name, first.value]]);
            // Refused, it will never be taken: whoever looks at the drawing sees that it is not there.
            if (answer && !LOST.includes(answer.status)) {
                forget(first);
            }
        }
        return Boolean(first) && !isKept(first);
    };
    /* Two tabs keep the same ticks: only one of them sends, where the browser lets pages agree on that (over HTTPS it does). */
    const alone = (work) => (navigator.locks ? navigator.locks.request(KEPT(), work) : work());
    let sending = false;
    const sendKept = async () => {
        if (sending || !unsentTicks().length) {
            return;
        }
        sending = true;
        while (await alone(sendFirst));
        sending = false;
    };
    window.addEventListener('online', sendKept);
    setInterval(sendKept, RETRY_MS);
    sendKept();
    document.addEventListener('click', (event) => tick(boltAt(event.target)) && event.preventDefault());
    // Drawn anew between press and release, a button never hears of the click: what stands there now and says the same is meant.
    let pressed = null;
    document.addEventListener('pointerdown', ({ target }) => (pressed = boltAt(target)));
    document.addEventListener('pointerup', ({ clientX, clientY }) => {
        const now = pressed && !pressed.isConnected && boltAt(document.elementFromPoint(clientX, clientY));
        if (now && now.name === pressed.name && now.value === pressed.value) {
            tick(now);
        }
    });
    // A tick that did not arrive is kept, or said to be made again.
    document.body.addEventListener('htmx:afterRequest', ({ target, detail }) => {
        const name = target.dataset?.ticks;
        const isLost = LOST.includes(detail.xhr?.status ?? 0);
        if (name) {
            isSignedOut = [401, 419].includes(detail.xhr?.status);
        }
        if (name && target.hasAttribute('data-keeps')) {
            const one = { address: target.dataset.address, name, value: detail.requestConfig.parameters[name] };
            if (isLost && !isKept(one)) {
                keep(one);
                const bolt = [...document.querySelectorAll(`[name="${name}"]`)].find((b) => b.value === one.value && b.checkVisibility());
                bolt && draw(bolt);
            } else if (!isLost && isKept(one)) {
                forget(one);
            }
        }
        if (name) {
            nearest(target, `[data-said-of="${name}"]`).hidden = detail.successful;
            if (target.hasAttribute('data-keeps') && (detail.successful || isLost)) {
                tell(name);
            }
            // Only its own answer moves the focus on: what settles late of the one before does not.
            ticked = detail.successful ? name : null;
            if (!detail.successful) {
                document.querySelectorAll(`button[name="${name}"]`).forEach((b) => b.removeAttribute('aria-busy'));
            }
        }
    });
    document.body.addEventListener('htmx:beforeSwap', () => {
        const bolt = document.activeElement.closest?.('.bolt');
        held = bolt ? [bolt.name, number(bolt)] : null;
    });
    // When all is settled and not before: a button that is pressed earlier is no part of the page's script yet.
    document.body.addEventListener('htmx:afterSettle', () => {
        const next = ticked && [...document.querySelectorAll(`.bolt-next[name="${ticked}"], .bolt[name="${ticked}"][data-next]`)]
            .filter((bolt) => bolt.checkVisibility()).sort((a, b) => b.matches('.bolt-next') - a.matches('.bolt-next'))[0];
        const same = () => [...document.querySelectorAll(`.bolt[name="${held[0]}"]`)].find((b) => number(b) === held[1]);
        if (next) {
            next.focus({ preventScroll: true });
            ticked = null;
        } else if (held && document.activeElement === document.body) {
            same()?.focus({ preventScroll: true });
        }
    });
}
