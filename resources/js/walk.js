/*
 * The walk: one thing on the screen, then the next. All of it is on the page already, so that it goes on without a connection; what is
 * typed is kept and sent by drafts.js, here it is only shown what comes next.
 */
import { unsentTicks } from './bolts.js';

const SWIPE = 60;
const TYPED = 'input[type=text][data-entry], textarea[data-entry]';
const ARMED_MS = 2000;
// A field waits a minute and a half for an instrument; while it is looked at it is asked for anew.
const REARM_MS = 45_000;

export function walk(htmx) {
    const cards = document.querySelector('#cards');
    if (!cards) {
        return;
    }
    const end = document.querySelector('#walk-end');
    const just = document.querySelector('#just');
    const line = document.querySelector('[data-line]');
    const device = document.querySelector('[data-device]');
    const passed = [];
    let here = null;
    let goesOn = false;

    const way = () => document.querySelector('#way');
    const order = () => way().dataset.order.split(' ').filter(Boolean);
    // A card asks one thing, or the steps of a stretch that hands do in one go.
    const cardOf = (key) => cards.querySelector(`[data-steps~="${CSS.escape(key)}"]`);
    const steps = (card) => card.dataset.steps.split(' ');
    const isOpen = (card) => order().some((key) => steps(card).includes(key));
    const boxes = (card) => [...card.querySelectorAll('[data-entry]:not([type=checkbox]):not([type=hidden])')];
    const waits = (card) => card.querySelector('.place.pending') !== null;
    const held = (card) => [...card.querySelectorAll('[data-entry][type=hidden]')];
    const isFilled = (card) => [...boxes(card).slice(0, Number(card.dataset.places)), ...held(card)].every((b) => b.value.trim() !== '');
    const dirty = (box) => box.value !== (box.dataset.sent ?? '');

    const say = () => {
        const waiting = document.querySelectorAll('.place.pending').length + unsentTicks().length;
        line.textContent = waiting ? `${waiting} kept here, waiting for the connection` : '';
    };

    const fetchCard = (key) =>
        htmx.ajax('GET', `${cards.dataset.card}/${key}${location.search}`, { target: '#cards', swap: 'beforeend settle:0ms' });

    const show = (card) => {
        for (const each of cards.children) {
            each.hidden = each !== card;
        }
        end.hidden = card !== null;
        here = card;
        card && boxes(card).forEach((b) => (b.dataset.sent ??= b.value));
        const first = card && (boxes(card).find((b) => b.value === '') ?? boxes(card)[0] ?? card.querySelector('.tap, .big, [data-on]'));
        first?.focus({ preventScroll: true });
        first?.select?.();
        window.scrollTo(0, 0);
        arm();
    };

    /** The next that is open, that was not passed over on this round and does not wait for the connection. */
    const next = () => {
        const open = order().filter((key) => (!here || !steps(here).includes(key)) && !(cardOf(key) && waits(cardOf(key))));
        const key = open.find((k) => !passed.includes(k)) ?? open[0];
        if (open.length && !open.some((k) => !passed.includes(k))) {
            passed.length = 0;
        }
        return key;
    };

    const goOn = async () => {
        const from = here;
        if (from) {
            passed.push(...steps(from));
            tell(from);
        }
        const round = passed.length;
        const key = next();
        if (key && passed.length < round) {
            just.textContent = 'Everything left was passed over once: it begins again.';
        }
        if (key && !cardOf(key)) {
            await fetchCard(key).catch(() => {});
        } else if (key && cardOf(key).matches('.together:not([data-mine]), [data-shape=bolts], [data-shape=elsewhere]')) {
            // What was said since may have added a step to it, bolts may be known by now, or ticked by somebody else.
            await htmx.ajax('GET', `${cards.dataset.card}/${key}${location.search}`, { target: cardOf(key), swap: 'outerHTML settle:0ms' })?.catch(() => {});
        }
        const wanted = key ? cardOf(key) : null;
        if (wanted || !key) {
            show(wanted);
        }
    };

    /** What stands out of all that was said on a card. */
    const worst = (card) => card.querySelector('.step-said[data-verdict=out]') ?? card.querySelector('.step-said');

    /** What the last one came to stands over the next. */
    const tell = (card) => {
        const said = worst(card);
        const text = said.innerText.trim();
        just.className = `just ${text || waits(card) ? said.dataset.verdict : ''}`;
        just.textContent = '';
        if (text || waits(card)) {
            const name = document.createElement('strong');
            name.textContent = `${card.querySelector('h2').textContent}: `;
            just.append(name, waits(card) ? 'kept here; judged once there is a connection.' : text);
            const back = document.createElement('button');
            back.type = 'button';
            back.className = 'link small';
            back.textContent = 'take again';
            back.addEventListener('click', () => again(card));
            just.append(' ', back);
        }
    };

    const again = (card) => {
        show(card);
        boxes(card).forEach((b) => b.select());
        boxes(card)[0]?.focus();
    };

    const back = () => {
        const card = cardOf(passed.pop() ?? '');
        if (card) {
            passed.splice(0, passed.length, ...passed.filter((key) => !steps(card).includes(key)));
            show(card);
        }
    };

    /*
     * The instrument that sends by itself enters into whatever is asked now. One after the other, so that the last one asked is the one that
     * waits, and said only once the server has it: a button pressed earlier would enter the reading at the step before.
     */
    const waitsFor = document.querySelector('[data-armed]');
    let asking = Promise.resolve();
    let armed = '';
    let armedAt = 0;
    const wanted = () => {
        const box = here && boxes(here).find((b) => b.value === '');
        const place = box?.closest('.place');
        return device?.value && place ? `${device.value}|${place.dataset.field}|${place.dataset.position}` : '';
    };
    const send = (address, body) => fetch(address, {
        method: 'POST', body, headers: { Accept: 'text/html', ...JSON.parse(document.body.getAttribute('hx-headers')) },
    }).catch(() => null);
    const arm = () => {
        const asked = wanted();
        if (!waitsFor || (asked === armed && Date.now() - armedAt < REARM_MS)) {
            return;
        }
        waitsFor.textContent = asked === '' ? '' : asked === armed ? waitsFor.textContent : 'wait …';
        asking = asking.then(async () => {
            if (asked !== wanted()) {
                return;
            }
            // What is asked now has no box for it, or is typed by hand: a reading does not go where one was asked before.
            if (asked === '' && armed !== '') {
                const left = await send(device.dataset.disarm, new FormData());
                armed = left?.ok ? '' : armed;
            }
            if (asked === '') {
                return;
            }
            const body = new FormData();
            ['device', 'field', 'position'].forEach((name, i) => body.set(name, asked.split('|')[i]));
            const answer = await send(device.dataset.arm, body);
            [armed, armedAt] = answer?.ok ? [asked, Date.now()] : ['', 0];
            if (asked === wanted()) {
                waitsFor.textContent = answer?.ok ? 'its next reading comes here' : 'not reached: type it';
            }
        });
    };
    device?.addEventListener('change', arm);
    setInterval(() => {
        if (device?.value && here) {
            htmx.trigger(way(), 'spindle:way');
            arm();
        }
    }, ARMED_MS);

    document.addEventListener('keydown', (event) => {
        const at = event.target;
        if (event.key === 'Enter' && !event.shiftKey && at.matches?.(TYPED) && cards.contains(at)) {
            event.preventDefault();
            event.stopImmediatePropagation();
            enter(at);
        } else if (['ArrowRight', 'PageDown', 'ArrowLeft', 'PageUp'].includes(event.key) && !at.matches?.('input[type=text], textarea, select')) {
            event.preventDefault();
            (event.key === 'ArrowRight' || event.key === 'PageDown' ? goOn : back)();
        }
    }, true);

    const enter = (box) => {
        const later = boxes(here).slice(boxes(here).indexOf(box) + 1, Number(here.dataset.places)).find((b) => b.value === '');
        goesOn = !later;
        if (dirty(box)) {
            box.blur();
            // Leaving it has sent it where it was typed; an instrument's reading was put there.
            if (dirty(box)) {
                box.dispatchEvent(new Event('change', { bubbles: true }));
            }
        } else if (goesOn) {
            goOn();
        }
        later?.focus();
    };
    // Leaving a box tells of the change by itself; told a second time of the same, it is not sent again.
    cards.addEventListener('change', (event) => {
        const box = event.target;
        if (box.matches(TYPED) && event.isTrusted && box.dataset.sent === box.value) {
            event.stopImmediatePropagation();
        }
        if (box.matches(TYPED)) {
            box.dataset.sent = box.value;
        }
    }, true);

    const answer = (place, value) => {
        const box = place.querySelector('[data-entry]');
        box.value = value;
        place.querySelectorAll('[data-tap]').forEach((tap) => tap.setAttribute('aria-pressed', String(tap.value === value)));
        goesOn = true;
        box.dispatchEvent(new Event('input', { bubbles: true }));
        box.dispatchEvent(new Event('change', { bubbles: true }));
    };

    cards.addEventListener('input', (event) => (event.target.closest('[data-step]').dataset.mine = 'yes'));

    cards.addEventListener('click', (event) => {
        const at = event.target.closest('[data-tap], [data-all], [data-every], [data-on], [data-back], [data-behind]');
        if (!at) {
            return;
        }
        event.preventDefault();
        if (at.matches('[data-tap]')) {
            answer(at.closest('.place'), at.value);
        } else if (at.matches('[data-all]')) {
            // Each is an entry of its own; what was said of one already stands.
            held(here).filter((box) => box.value === '').forEach((box) => answer(box.closest('.place'), at.dataset.all));
        } else if (at.matches('[data-every]')) {
            const ticks = [...at.closest('.place').querySelectorAll('input[type=checkbox][data-entry]')];
            ticks.forEach((tick) => (tick.checked = true));
            goesOn = true;
            ticks.at(-1).dispatchEvent(new Event('input', { bubbles: true }));
            ticks.at(-1).dispatchEvent(new Event('change', { bubbles: true }));
        } else if (at.matches('[data-on]')) {
            const open = boxes(here).find(dirty);
            goesOn = open !== undefined;
            if (open) {
                open.dispatchEvent(new Event('change', { bubbles: true }));
            } else {
                goOn();
            }
        } else if (at.matches('[data-back]')) {
            back();
        } else if (at.matches('[data-behind]')) {
            const left = steps(here).filter((key) => order().includes(key));
            const put = (field) => htmx.ajax('POST', at.formAction, { target: '#way', swap: 'outerHTML', values: { field, why: at.value } });
            left.reduce((before, field) => before.then(() => put(field)), Promise.resolve())?.catch(() => {});
            goOn();
        }
    });
    cards.addEventListener('change', (event) => {
        if ((event.target.matches('[data-nothing]') && event.target.checked) || event.target.matches('select[data-entry]')) {
            goesOn = true;
        }
    });

    let touch = null;
    cards.addEventListener('touchstart', (event) => (touch = event.touches[0]), { passive: true });
    cards.addEventListener('touchend', (event) => {
        const [dx, dy] = [event.changedTouches[0].clientX - touch.clientX, event.changedTouches[0].clientY - touch.clientY];
        if (Math.abs(dx) > SWIPE && Math.abs(dx) > 2 * Math.abs(dy)) {
            (dx < 0 ? goOn : back)();
        }
    }, { passive: true });

    // Entries go one after the other, so that the last answer tells of them all: only once it is there the walk goes on.
    const count = (place, what) => (place.dataset[what] = Number(place.dataset[what] ?? 0) + 1);
    const isAway = (card) => [...card.querySelectorAll('.place')].some((p) => Number(p.dataset.asked ?? 0) > Number(p.dataset.answered ?? 0));
    cards.addEventListener('change', ({ target }) => target.matches('[data-entry]') && count(target.closest('.place'), 'asked'));
    document.body.addEventListener('htmx:afterRequest', ({ detail }) => {
        const place = detail.elt.closest?.('#cards .place');
        if (place) {
            count(place, 'answered');
        }
    });

    // Answered: within or near it goes on, what is out or was not taken is seen first. Without an answer it is kept, and goes on as well.
    document.body.addEventListener('htmx:afterRequest', (event) => {
        const card = event.detail.elt.closest?.('[data-step]');
        if (!card) {
            return;
        }
        setTimeout(() => {
            say();
            if (card !== here || isAway(card)) {
                return;
            }
            const refused = card.querySelector('.meta[data-state=refused], .meta[data-state=contested]');
            const isOut = worst(card).dataset.verdict === 'out';
            if (refused && event.detail.successful) {
                goesOn = false;
                boxes(card).forEach((b) => (b.dataset.sent = ' '));
                refused.closest('.place').querySelector('[data-entry]').focus();
                refused.closest('.place').querySelector('[data-entry]').select?.();
            } else if (goesOn && !isOut && isFilled(card)) {
                goesOn = false;
                goOn();
            } else if (goesOn && isOut) {
                goesOn = false;
                card.querySelector('[data-on]').focus();
            }
        });
    });

    // Somebody else has taken it, or an instrument has: it is not asked twice.
    let last = way().dataset.last;
    let follows = false;
    document.body.addEventListener('htmx:afterSettle', async () => {
        const key = here?.dataset.step;
        if (!key || follows) {
            return;
        }
        if (way().dataset.last !== last) {
            [last, follows] = [way().dataset.last, true];
            await htmx.ajax('GET', `${cards.dataset.card}/${key}${location.search}`, { target: here, swap: 'outerHTML settle:0ms' })?.catch(() => {});
            [here, follows] = [cardOf(key), false];
            if (isOpen(here)) {
                show(here);
            } else {
                goOn();
            }
        } else if (!isOpen(here) && here.dataset.shape === 'bolts') {
            // What is fetched on the way settles too.
            follows = true;
            await goOn();
            follows = false;
        } else if (!isOpen(here) && !here.dataset.mine) {
            passed.push(...steps(here));
            here.remove();
            here = null;
            goOn();
        }
    });

    way().querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' });
    const first = order()[0];
    show(first ? cardOf(first) : null);
    say();
    setInterval(say, ARMED_MS);
}
