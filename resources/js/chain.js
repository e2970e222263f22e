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
