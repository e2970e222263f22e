import htmx from 'htmx.org';
import { keepDrafts } from './drafts.js';
import { pickDays } from './days.js';
import { readFaces } from './face.js';
import { keepForms } from './forms.js';
import { listenForKeys } from './keys.js';
import { openParts, refresh } from './parts.js';
import { enlargePhotos } from './photos.js';
import { layBoard } from './board.js';
import { tickBolts } from './bolts.js';
import { movePedals } from './chain.js';
import { simulate, takeTyped } from './instruments.js';
import { moveCurvePoints } from './curve.js';
import { showPasswords } from './passwords.js';
import { readOff } from './practice.js';
import { walkRows } from './shelf.js';
import { holdSteady } from './steady.js';
import { tickSteps } from './steps.js';
import { tapChoices } from './taps.js';
import { withToken } from './token.js';
import { walk } from './walk.js';

window.htmx = htmx;
document.documentElement.classList.add('js');

// An answer replaces the tell-tale; what was opened in it stays open.
let open = [];
document.body.addEventListener('htmx:beforeSwap', () => {
    open = [...document.querySelectorAll('#telltale details[open]')].map((d) => d.id);
});
document.body.addEventListener('htmx:oobAfterSwap', () => {
    for (const id of open) {
        document.getElementById(id)?.setAttribute('open', '');
    }
});

document.body.addEventListener('htmx:configRequest', ({ detail }) => withToken(detail.headers));

// With an entry goes what the page shows already, so that the answer holds only what has changed.
document.body.addEventListener('htmx:configRequest', (event) => {
    if (event.detail.verb === 'post') {
        event.detail.headers['X-Seen'] = [...document.querySelectorAll('[data-seen]')].map((e) => `${e.id}:${e.dataset.seen}`).join(' ');
        event.detail.headers['X-Seq'] = document.querySelector('#seq')?.dataset.seq ?? '';
    }
});

// What somebody else entered meanwhile comes with an answer; it goes to its box, but not over what is being typed.
document.body.addEventListener('htmx:afterSettle', () => {
    for (const news of document.querySelectorAll('#news .place')) {
        const box = document.querySelector(`.place[data-place="${news.dataset.place}"]:not(#news *)`);
        if (box && !box.contains(document.activeElement) && !box.matches('.pending')) {
            box.replaceWith(news);
            htmx.process(news);
        } else {
            news.remove();
        }
    }
});

// Whoever signs in from the notice beside a field comes back to that field.
if (location.hash.startsWith('#label-')) {
    document.querySelectorAll('form[data-sign-in]').forEach((form) => (form.action += location.hash));
    // Going to the place on the page takes the cursor away from where it is put before.
    const stand = () => {
        const field = document.querySelector(location.hash)?.closest('.reading')?.querySelector('[data-entry]');
        field?.focus();
        return field;
    };
    // It may lie in a line that has to be fetched first.
    const onceThere = () => stand() && document.removeEventListener('spindle:arrived', onceThere);
    window.addEventListener('load', () => setTimeout(() => stand() || document.addEventListener('spindle:arrived', onceThere)));
}

// Which fields are asked follows from what is entered; the server says which.
document.body.addEventListener('htmx:afterSettle', () => {
    const hide = document.querySelector('#asked')?.dataset.hide.trim().split(' ');
    if (hide) {
        document.querySelectorAll('[data-live]').forEach((field) => (field.hidden = hide.includes(field.dataset.live)));
    }
});

// "Looked, nothing found" and something found cannot both be ticked.
document.addEventListener('change', (event) => {
    const tick = event.target;
    if (tick.checked && tick.matches?.('.ticks input[type=checkbox]')) {
        tick.closest('.ticks').querySelectorAll('input[type=checkbox]').forEach((other) => {
            other.checked &&= other === tick || (other.value === 'none') === (tick.value === 'none');
        });
    }
}, true);

// The line that says with what a reading is taken opens to all that it can be taken with.
document.addEventListener('toggle', ({ target }) => {
    const stands = target.matches?.('details.instrument[open]') && target.querySelector('input[type=hidden]');
    if (stands) {
        const choice = document.querySelector('#measured-with').content.cloneNode(true);
        const select = choice.querySelector('select');
        const places = [...target.closest('fieldset').querySelectorAll('.place')];
        const free = places.find((place) => place.querySelector('[data-entry]')?.value === '') ?? places[0];
        [select.name, select.value] = [stands.name, stands.value];
        select.setAttribute('aria-label', target.querySelector('summary .sr-only').textContent.trim());
        choice.querySelectorAll('button').forEach((button) => {
            const to = new URL(button.formAction);
            to.searchParams.set('field', free.dataset.field);
            to.searchParams.set('position', free.dataset.position);
            button.formAction = to;
        });
        stands.replaceWith(choice);
    }
}, true);

// Another instrument stands in its line, which closes again.
document.addEventListener('change', ({ target }) => {
    if (target.matches?.('[data-instrument]')) {
        target.closest('details').querySelector('.chosen').textContent = target.selectedOptions[0].textContent;
        target.closest('details').open = false;
    }
});

// A part that was looked at without being opened.
document.body.addEventListener('htmx:afterRequest', (event) => {
    const { part, address } = event.target.dataset;
    if (event.detail.successful && address && event.target.matches('[data-quick]')) {
        refresh(document.querySelector(`#part-${part}`), address);
    }
});

// A rail that is wider than the screen shows where one is.
const here = document.querySelector('#rail [aria-current]');
for (let box = here?.parentElement; box && box !== document.body; box = box.parentElement) {
    if (box.scrollWidth > box.clientWidth && getComputedStyle(box).overflowX !== 'visible') {
        box.scrollLeft += here.getBoundingClientRect().left - box.getBoundingClientRect().left - (box.clientWidth - here.clientWidth) / 2;
        break;
    }
}

// The rest of the header, on a phone.
document.querySelector('.top-menu')?.addEventListener('click', ({ target }) => {
    const isOpen = document.querySelector('#top-rest').classList.toggle('open');
    target.setAttribute('aria-expanded', String(isOpen));
});

// What takes a moment says so.
document.addEventListener('submit', (event) => {
    if (event.submitter?.dataset.busy) {
        event.submitter.textContent = event.submitter.dataset.busy;
        event.submitter.setAttribute('aria-busy', 'true');
    }
});

openParts();
holdSteady();
tapChoices();
keepDrafts(htmx);
keepForms();
listenForKeys();
pickDays();
readFaces();
enlargePhotos();
walkRows();
tickSteps();
showPasswords();
moveCurvePoints();
layBoard();
movePedals();
tickBolts(htmx);
takeTyped();
readOff();
walk(htmx);
simulate();
