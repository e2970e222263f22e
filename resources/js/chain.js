/* What is drawn over it, until another is chosen. */
let chosen = null;

/* The pedal of the drawing. Every position was worked out by the server; here they are only walked through. */
const still = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

function move(member, values, at) {
    const [low, part] = [Math.floor(at), at % 1];
    const value = values[low] + (part ? (values[low + 1] - values[low]) * part : 0);
    member.setAttribute('transform', member.dataset.turn ? `rotate(${value} ${member.dataset.turn})` : `translate(${value} 0)`);
}

function place(chain, at) {
    chain.moves ??= JSON.parse(chain.dataset.moves);
    chain.captions ??= JSON.parse(chain.dataset.captions);
    chain.thens ??= JSON.parse(chain.dataset.thens);
    chain.querySelectorAll('[data-move]').forEach((member) => move(member, chain.moves[member.dataset.move], at));
    const then = chain.thens[chosen] ?? Object.values(chain.thens)[0];
    if (then) {
        chain.querySelectorAll('[data-then]').forEach((member) => move(member, then.moves[member.dataset.then], at));
        const said = then.text[0].toLowerCase() + then.text.slice(1);
        const shown = chain.querySelector('[data-then-said]');
        if (shown.textContent !== said) {
            shown.textContent = said;
        }
    }
    const [phase, read, caption] = chain.captions[Math.round(at)];
    chain.dataset.phase = phase;
    chain.querySelector('[data-read]').textContent = read;
    const said = chain.querySelector('[data-caption]');
    if (said.textContent !== caption) {
        said.textContent = caption;
    }
    const pointer = document.querySelector('[data-pointer]');
    pointer?.setAttribute('transform', `translate(${(at / (chain.captions.length - 1)) * Number(pointer.dataset.width)} 0)`);
}

function press(chain) {
    const pedal = chain.querySelector('[data-pedal]');
    const most = Number(pedal.max);
    const [length, pause] = still() ? [most, 120] : [most, 0];
    let began = null;
    // Down and up again; without motion a step at a time.
    const step = (now) => {
        began ??= now;
        const passed = still() ? Math.floor((now - began) / pause) : ((now - began) / 3600) * 2 * length;
        const at = Math.max(0, passed <= most ? passed : 2 * most - passed);
        pedal.value = Math.round(at);
        place(chain, at);
        if (passed < 2 * most) {
            requestAnimationFrame(step);
        }
    };
    requestAnimationFrame(step);
}

export function movePedals() {
    const all = () => document.querySelectorAll('[data-chain]').forEach((chain) => place(chain, Number(chain.querySelector('[data-pedal]').value)));
    document.addEventListener('input', ({ target }) => target.matches?.('[data-pedal]') && place(target.closest('[data-chain]'), Number(target.value)));
    document.addEventListener('click', ({ target }) => target.matches?.('[data-press]') && press(target.closest('[data-chain]')));
    document.addEventListener('change', ({ target }) => {
        if (target.matches?.('[data-draw-then]')) {
            chosen = target.value;
            all();
        }
    });
    document.body.addEventListener('htmx:oobAfterSwap', () => {
        const radio = chosen && document.querySelector(`[data-draw-then][value="${chosen}"]`);
        if (radio) {
            radio.checked = true;
        }
        all();
    });
    all();
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
    const tick = (bolt) => {
        const source = bolt && nearest(bolt, `[data-ticks="${bolt.name}"]`);
        if (source) {
            bolt.setAttribute('aria-busy', 'true');
            htmx.ajax('POST', source.dataset.address, { source, target: source, swap: 'none', values: { [bolt.name]: bolt.value } }).catch(() => {});
        }
        return Boolean(source);
    };
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
    // A tick that did not arrive is said, and can be made again.
    document.body.addEventListener('htmx:afterRequest', ({ target, detail }) => {
        const name = target.dataset?.ticks;
        if (name) {
            nearest(target, `[data-said-of="${name}"]`).hidden = detail.successful;
            // Only its own answer moves the focus on: what settles late of the one before does not.
            ticked = detail.successful ? name : null;
            if (!detail.successful) {
                document.querySelectorAll(`.bolt[name="${name}"]`).forEach((b) => b.removeAttribute('aria-busy'));
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
