import htmx from 'htmx.org';

/*
 * The parts of an open clutch, and what else a page is made of: a link opens its part, and what was opened stays so while the page is left and come back to.
 * What a closed part holds is fetched when it is opened.
 */
const PARTS = 'details[data-part]';
/* They stand one under the other, and one is gone through after the other; other folds are opened by whoever wants them. */
const IN_TURN = `${PARTS}.part`;
const ENTRY = '[data-entry]:not(:disabled)';

/** Opens a part; resolves when what it holds is there. */
export function open(part) {
    part.open = true;
    if (part.dataset.load) {
        const address = part.dataset.load;
        delete part.dataset.load;
        part.arriving = fetchPart(part, address);
    }
    return part.arriving;
}

/* The heading asks, with nothing of the form (hx-include); entries on their way are taken first, and what comes is what they led to. */
async function fetchPart(part, address) {
    const body = part.querySelector('.part-body');
    const source = part.querySelector('summary');
    body.setAttribute('aria-busy', 'true');
    const answered = new Promise((done) => source.addEventListener('htmx:afterRequest', done, { once: true }));
    htmx.ajax('GET', address, { source, target: body, swap: 'innerHTML settle:0ms' })?.catch(() => {});
    if ((await answered).detail.successful) {
        body.dispatchEvent(new CustomEvent('spindle:arrived', { bubbles: true }));
    } else {
        part.dataset.load = address;
        body.innerHTML = '<p class="refusal" role="alert"></p>';
        body.firstChild.textContent = 'Not fetched: no connection, or signed out. Close the part and open it again.';
    }
    body.removeAttribute('aria-busy');
}

export function openParts() {
    const parts = [...document.querySelectorAll(PARTS)];
    if (!parts.length) {
        return;
    }
    const key = `spindle:open:${location.pathname}`;
    const kept = sessionStorage.getItem(key);
    const led = parts.filter((p) => p.open).map((p) => p.id);
    if (kept !== null && !document.querySelector('[aria-invalid="true"], [data-refused]')) {
        // What stood open stands open; so does where the work goes on now, unless it was that already when it was closed.
        const [were, before = []] = kept.split('|').map((ids) => ids.split(' '));
        parts.forEach((p) => (p.open = were.includes(p.id) || (p.open && !before.includes(p.id))));
    }
    const follow = async () => {
        const isPart = /^#(?:part|fold)-/.test(location.hash);
        const part = isPart ? document.querySelector(location.hash) : holding(location.hash);
        if (part) {
            part.scrollIntoView();
            await open(part);
            // It may lie in a line that came with what the part holds.
            const inner = isPart ? null : holding(location.hash);
            await (inner && open(inner));
            (document.querySelector(location.hash) ?? part).scrollIntoView();
        }
    };
    const remember = () => {
        const ids = [...document.querySelectorAll(PARTS)].filter((q) => q.open).map((q) => q.id);
        sessionStorage.setItem(key, `${ids.join(' ')}|${led.join(' ')}`);
    };
    parts.filter((p) => p.open).forEach(open);
    remember();
    follow();
    window.addEventListener('hashchange', follow);
    document.addEventListener('click', (event) => event.target.closest?.('.station a[href^="#"]') && setTimeout(follow));
    // Also of one that came with what an opened part holds; the event does not rise by itself.
    document.addEventListener('toggle', ({ target }) => {
        if (target.matches?.(PARTS)) {
            if (target.open) {
                open(target);
            }
            remember();
        }
    }, true);
}

/** The fold that a link to one of its readings leads into, while that has not come: "#label-fastening-housing-torque". */
function holding(hash) {
    if (!hash.startsWith('#label-') || document.querySelector(hash)) {
        return null;
    }
    const leadsTo = (name) => hash.startsWith(`#label-${name.replace(/[._]/g, '-')}`);
    return [...document.querySelectorAll(`${PARTS}[data-holds]`)].reverse()
        .find((part) => part.dataset.holds.split(' ').some(leadsTo));
}

/** A part that was answered from outside is fetched anew: what it held no longer is what stands there. */
export function refresh(part, address) {
    part.dataset.load = address;
    return part.open ? open(part) : undefined;
}

/** The part that holds a field, whether it was fetched yet or not. */
export function partOf(field) {
    const words = field.split('|')[0].split('.');
    const held = words.map((_, last) => words.slice(0, last + 1).join('.')).map((name) => `${PARTS}[data-holds~="${CSS.escape(name)}"]`);
    return document.querySelector([`#part-${CSS.escape(words[0])}`, ...held].join(', '));
}

/** Goes to the next or previous entry; at the end of one part the next one opens. */
export async function neighbour(from, by, go) {
    const shown = (within) => [...within.querySelectorAll(ENTRY)].filter((e) => e.checkVisibility());
    const parts = [...document.querySelectorAll(IN_TURN)];
    const part = from.closest(IN_TURN);
    const all = shown(document.querySelector('.station'));
    const next = all[all.indexOf(from) + by];
    const there = next?.closest(IN_TURN) ?? null;
    if (there === part && part !== null) {
        return go(next);
    }
    // Leaving a part, or coming back into the last one: the part in between may be closed.
    const into = part !== null ? parts[parts.indexOf(part) + by] : by < 0 && there !== null ? parts.at(-1) : undefined;
    if (!into || into === there) {
        return go(next);
    }
    await open(into);
    return go(shown(into).at(by > 0 ? 0 : -1) ?? next);
}
