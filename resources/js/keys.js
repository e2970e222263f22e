import { neighbour, open } from './parts.js';

/* Everything by keyboard. Single keys act only while nobody is typing. */
const TYPING = 'input, select, textarea, [contenteditable]';

export function listenForKeys() {
    let lastEntry = null;
    document.addEventListener('focusin', (event) => {
        if (event.target.matches?.('[data-entry]')) {
            lastEntry = event.target;
        }
    });

    document.addEventListener('keydown', (event) => {
        const at = event.target;
        if (event.key === 'Enter' && at.matches?.('input[data-entry]') && !event.ctrlKey && !event.metaKey) {
            event.preventDefault();
            step(at, event.shiftKey ? -1 : 1);
            return;
        }
        if (event.key === 'Escape' && at.matches?.(TYPING)) {
            at.blur();
            return;
        }
        if (event.ctrlKey || event.metaKey || event.altKey || at.matches?.(TYPING)) {
            return;
        }
        const act = {
            '/': find,
            u: () => document.querySelector('#units-form')?.requestSubmit(),
            m: () => doubt(lastEntry),
            '[': () => part(-1),
            ']': () => part(1),
            '?': () => document.querySelector('#keys')?.showModal(),
        }[event.key] ?? (/^\d$/.test(event.key) ? () => go(`[data-key="${event.key}"]`) : null);
        if (act) {
            event.preventDefault();
            act();
        }
    });

    // Narrows a long list of ticks to those whose words hold what is typed; a ticked one always stays.
    document.addEventListener('input', (event) => {
        if (!event.target.dataset.filter) {
            return;
        }
        const words = event.target.value.toLowerCase().split(/\s+/).filter(Boolean);
        for (const label of document.querySelectorAll(`${event.target.dataset.filter} label`)) {
            label.hidden = !words.every((w) => label.dataset.text.includes(w)) && !label.querySelector('input').checked;
        }
    });

    document.querySelector('#keys-button')?.addEventListener('click', () => document.querySelector('#keys').showModal());
    document.querySelector('#keys-close')?.addEventListener('click', () => document.querySelector('#keys').close());
    document.querySelector('#print-button')?.addEventListener('click', () => window.print());
}

/** The search box where there is one, else the bay, which has it. */
function find() {
    const search = document.querySelector('#search');
    if (search) {
        search.focus();
    } else {
        go('[data-key="/"]');
    }
}

function go(selector) {
    document.querySelector(selector)?.click();
}

/** To the next or previous entry; past the last one, to what follows the form. */
function step(from, by) {
    neighbour(from, by, (next) => {
        if (next) {
            next.focus();
            next.select?.();
        } else {
            from.blur();
        }
    });
}

const PART = 'details[data-part][id^="part-"]';
/* The part the keyboard was in last: Escape leaves the field, and the hand stays at the part. */
let inHand = null;
document.addEventListener('focusin', (event) => (inHand = event.target.closest?.(PART) ?? inHand));

function isInSight(part) {
    const { top, bottom } = part.getBoundingClientRect();
    return bottom > 0 && top < innerHeight;
}

/** To the part before or after the one in hand, opened, with the keyboard on its name. */
function part(by) {
    const parts = [...document.querySelectorAll(PART)];
    const last = inHand?.isConnected && isInSight(inHand) ? inHand : parts.findLast((p) => p.getBoundingClientRect().top < 80);
    const at = parts.indexOf(document.activeElement.closest?.(PART) ?? last);
    const next = parts[Math.max(0, Math.min(parts.length - 1, at + by))];
    if (next) {
        open(next);
        next.querySelector('summary').focus();
        next.scrollIntoView();
    }
}

function doubt(entry) {
    const form = document.querySelector('#again-form');
    const place = entry?.closest('.place');
    if (form && place) {
        form.elements.field.value = place.dataset.field;
        form.elements.position.value = place.dataset.position;
        form.requestSubmit();
    }
}
