/*
 * What is typed and not yet confirmed by the server is kept in the browser, so that a reload, a lost connection or a
 * sign-out loses nothing. One draft a field: what was typed, and the row the person saw when typing.
 */
import { unsentTicks } from './bolts.js';
import { open, partOf } from './parts.js';
import { sendFrom } from './token.js';

const RETRY_MS = 4000;
const SILENT_MS = 1800;
/** Answers after which what was typed still stands there to be settled. */
const OPEN = ['refused', 'contested'];

export function keepDrafts(htmx) {
    const page = document.querySelector('[data-drafts]');
    if (!page) {
        return;
    }
    const prefix = `spindle:${page.dataset.drafts}:`;
    const keyOf = (place) => prefix + place.dataset.place;
    const placeOf = (element) => element?.closest?.('.place');
    const valueOf = (place) => {
        const boxes = place.querySelectorAll('input[type=checkbox]');
        if (boxes.length) {
            return JSON.stringify([...boxes].filter((b) => b.checked).map((b) => b.value));
        }
        return place.querySelector('[data-entry]').value;
    };
    const setValue = (place, value) => {
        const boxes = place.querySelectorAll('input[type=checkbox]');
        if (boxes.length) {
            const ticked = JSON.parse(value);
            boxes.forEach((b) => (b.checked = ticked.includes(b.value)));
        } else {
            place.querySelector('[data-entry]').value = value;
        }
    };
    // What is kept is numbered, so that it is sent in the order in which it was typed.
    const numbers = () => Object.keys(localStorage).filter((k) => k.startsWith(prefix)).map((k) => JSON.parse(localStorage.getItem(k)).number ?? 0);
    const numberOf = (place) => JSON.parse(localStorage.getItem(keyOf(place)) ?? '{}').number ?? 0;
    const store = (place) => {
        const number = 1 + Math.max(0, ...numbers());
        const kept = { value: valueOf(place), shown: place.querySelector('.shown')?.value ?? '0', number };
        localStorage.setItem(keyOf(place), JSON.stringify(kept));
    };
    const say = (place, text, link = null) => {
        place.classList.toggle('pending', text !== '');
        let note = place.querySelector('.pending-note');
        if (text === '') {
            note?.remove();
            return;
        }
        if (!note) {
            note = document.createElement('span');
            note.className = 'pending-note';
            note.setAttribute('role', 'status');
            place.querySelector('.meta').append(' ', note);
        }
        note.textContent = text;
        if (link) {
            note.append(' ', link);
        }
    };
    /** A tab of its own in which somebody signs in, and stands before the same field then. */
    const signIn = (place) => {
        const link = document.createElement('a');
        link.target = '_blank';
        link.href = `${location.pathname}${location.search}#${place.closest('fieldset')?.querySelector('legend')?.id ?? 'work'}`;
        link.textContent = 'Sign in';
        return link;
    };
    const send = (place) => htmx.trigger(place.querySelector('[data-entry]'), 'spindle:send');
    /** A draft that is on its way knows how it went, so that it can be asked for from a page on which its field is not. */
    const markSent = (place, { path, formData }) => {
        const kept = localStorage.getItem(keyOf(place));
        if (kept !== null) {
            const pairs = [...formData.entries()].filter(([, value]) => typeof value === 'string');
            const sent = { path, pairs, meta: place.querySelector('.meta')?.id };
            localStorage.setItem(keyOf(place), JSON.stringify({ ...JSON.parse(kept), sent }));
        }
    };
    /** What was refused or is contested was answered; it is not sent again unasked. */
    const answered = (key) => {
        const { sent, ...draft } = JSON.parse(localStorage.getItem(key) ?? '{}');
        if (sent) {
            localStorage.setItem(key, JSON.stringify(draft));
        }
    };
    /*
     * Sent, and left before the answer was there: it goes once more from whatever page of the job is opened next. What is stored already
     * is nothing new to the server. What was only begun to be typed is not sent, and what was refused stays for its station to show.
     */
    const sendLeft = async () => {
        const left = Object.keys(localStorage).filter((k) => k.startsWith(prefix)).map((k) => [k, localStorage.getItem(k)])
            .filter(([k, kept]) => JSON.parse(kept).sent && !document.querySelector(`.place[data-place="${CSS.escape(k.slice(prefix.length))}"]`))
            .sort(([, a], [, b]) => JSON.parse(a).number - JSON.parse(b).number);
        let taken = 0;
        for (const [key, kept] of left) {
            const { path, pairs, meta } = JSON.parse(kept).sent;
            const answer = await sendFrom(path, pairs);
            const page = answer?.ok ? new DOMParser().parseFromString(await answer.text(), 'text/html') : null;
            const state = page?.getElementById(meta)?.dataset.state;
            if (!state || localStorage.getItem(key) !== kept) {
                continue;
            }
            if (OPEN.includes(state)) {
                answered(key);
            } else {
                localStorage.removeItem(key);
                taken++;
            }
        }
        // What is said of the whole job is said with it.
        if (taken > 0 && document.querySelector('form[data-signs]')) {
            location.reload();
        }
    };

    document.addEventListener('input', (event) => {
        const place = placeOf(event.target);
        if (place && event.target.matches('[data-entry]')) {
            place.classList.remove('unsendable');
            store(place);
            place.querySelector('.unit')?.classList.toggle('typed', /[\p{L}%°"″”]/u.test(event.target.value));
        }
    });

    // Two people, one field: the one who types chooses; either way the chosen value is sent knowing the other.
    document.addEventListener('click', (event) => {
        const button = event.target.closest?.('[data-settle]');
        const place = placeOf(button);
        if (place && place.querySelector('input[type=checkbox]') === null) {
            event.preventDefault();
            setValue(place, button.dataset.settle);
            store(place);
            send(place);
        }
    });

    // A server that does not answer is said before anybody wonders.
    const silent = new WeakMap();
    document.body.addEventListener('htmx:beforeSend', (event) => {
        const place = placeOf(event.detail.elt);
        if (place) {
            // Other buttons stand beside the box; only the entry itself may go a second time.
            event.detail.elt.matches('[data-entry]') && markSent(place, event.detail.requestConfig);
            clearTimeout(silent.get(place));
            silent.set(place, setTimeout(() => say(place, 'The server has not answered yet. Kept here.'), SILENT_MS));
        }
    });
    document.body.addEventListener('htmx:afterRequest', (event) => clearTimeout(silent.get(placeOf(event.detail.elt) ?? document)));

    // Nothing is signed over what is still unsent, in whatever tab it was typed, unless whoever signs knows of it.
    document.querySelector('form[data-signs]')?.addEventListener('submit', (event) => {
        const form = event.target;
        const unsent = [
            ...Object.keys(localStorage).filter((k) => k.startsWith(prefix)).map((k) => JSON.parse(localStorage.getItem(k)).value.replace(/[\[\]"]/g, '')),
            ...unsentTicks().map((tick) => `bolts: ${tick.value}`),
        ];
        if (unsent.length && !form.dataset.asked) {
            event.preventDefault();
            form.dataset.asked = 'yes';
            const asked = document.createElement('p');
            asked.className = 'refusal';
            asked.setAttribute('role', 'alert');
            asked.textContent = `Typed in this browser and not saved yet: ${unsent.map((v) => `“${v}”`).join(', ')}. Open the station to send it, or press again to sign without it.`;
            form.append(asked);
        }
    });

    // The answer decides: kept entries need no draft any more, refused and contested ones keep theirs.
    document.body.addEventListener('htmx:afterRequest', (event) => {
        const place = placeOf(event.detail.elt);
        if (!place) {
            return;
        }
        if (!event.detail.successful) {
            const status = event.detail.xhr?.status ?? 0;
            if (status === 422 && event.detail.xhr.getResponseHeader('Content-Type')?.startsWith('text/plain')) {
                // As it is it will never be taken: it holds up nothing that comes after it.
                place.classList.add('unsendable');
                say(place, `Not saved. ${event.detail.xhr.responseText}`);
                return;
            }
            if (status === 401 || status === 419) {
                say(place, 'Not saved: you are signed out. Sign in in another tab; the entry is kept here and sent again.', signIn(place));
            } else {
                say(place, 'Not saved: no connection. Kept here and sent again.');
            }
            return;
        }
        say(place, '');
        const meta = place.querySelector('.meta');
        place.querySelectorAll('[data-entry]').forEach((e) => e.setAttribute('aria-invalid', String(meta.dataset.state === 'refused')));
        if (OPEN.includes(meta.dataset.state)) {
            answered(keyOf(place));
        } else {
            localStorage.removeItem(keyOf(place));
        }
    });

    /* One after the other: the next goes once the one before it is kept. While there is no connection only the first is tried. */
    const inOrder = () => [...document.querySelectorAll('.place.pending:not(.unsendable)')].sort((a, b) => numberOf(a) - numberOf(b));
    const retry = () => inOrder().slice(0, 1).forEach(send);
    document.body.addEventListener('htmx:afterRequest', (event) => {
        if (event.detail.successful && placeOf(event.detail.elt)) {
            retry();
        }
    });
    window.addEventListener('online', retry);
    setInterval(retry, RETRY_MS);

    // Leaving before the change event fired: the draft is there already; the next load sends it.
    const restore = (within) => {
        const restored = [];
        for (const place of within.querySelectorAll('.place')) {
            const kept = localStorage.getItem(keyOf(place));
            if (kept === null) {
                continue;
            }
            const draft = JSON.parse(kept);
            if (draft.value === valueOf(place)) {
                localStorage.removeItem(keyOf(place));
                continue;
            }
            setValue(place, draft.value);
            place.querySelector('.shown').value = draft.shown;
            place.closest('details[data-part]')?.setAttribute('open', '');
            say(place, 'Typed before and not saved yet; sending.');
            restored.push(place);
        }
        // In the order in which it was typed, wherever it stands on the page.
        restored.sort((a, b) => numberOf(a) - numberOf(b)).forEach(send);
    };
    restore(document);
    sendLeft();
    // A part that was closed brings its fields when it is opened; one with a draft in it is opened for that.
    document.body.addEventListener('spindle:arrived', (event) => restore(event.target));
    for (let i = 0; i < localStorage.length; i++) {
        const key = localStorage.key(i);
        const place = key.startsWith(prefix) && key.slice(prefix.length);
        const part = place && !document.querySelector(`.place[data-place="${CSS.escape(place)}"]`) && partOf(place);
        if (part) {
            open(part);
        }
    }
}
