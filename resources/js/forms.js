/*
 * What is typed into a form that is sent as a whole (a note, a reason, a new job) is kept in the browser until it was sent and the answer
 * came: a reload, a lost connection or a session that ended loses none of it. Fields of a job send themselves (drafts.js).
 */
const TYPED = 'textarea, select, input:not([type]), input[type=text], input[type=number], input[type=date], input[type=search]';

export function keepForms() {
    const who = document.body.dataset.user;
    if (!who) {
        return;
    }
    const prefix = `spindle:form:${who}:`;
    const read = (key) => JSON.parse(localStorage.getItem(key) ?? 'null');
    forget(prefix);
    const seen = {};
    for (const form of document.querySelectorAll('form')) {
        const isKept = form.method === 'post' && form.querySelector('textarea, input.plain, input[type=text]')
            && !form.querySelector('[data-entry], input[type=password], input[type=file]');
        if (!isKept) {
            continue;
        }
        const at = `${location.pathname}>${new URL(form.action).pathname}`;
        seen[at] = (seen[at] ?? 0) + 1;
        const key = `${prefix}${at}>${seen[at]}`;
        const boxes = () => [...form.elements].filter((e) => e.name && e.matches(TYPED));
        restore(form, boxes(), read(key), key);
        form.addEventListener('input', () => {
            const typed = Object.fromEntries(boxes().filter((b) => b.value !== initial(b)).map((b) => [b.name, b.value]));
            if (Object.keys(typed).length) {
                localStorage.setItem(key, JSON.stringify({ typed }));
            } else {
                localStorage.removeItem(key);
            }
        });
        form.addEventListener('submit', () => {
            const kept = read(key);
            if (kept) {
                localStorage.setItem(key, JSON.stringify({ ...kept, sent: true }));
            }
        });
    }
}

/** A page that came as the answer shows that what was sent has arrived; one that was gone back to, or tells of an error, does not. */
function forget(prefix) {
    const [arrival] = performance.getEntriesByType('navigation');
    const isAnswer = arrival?.type === 'navigate' && (arrival.responseStatus ?? 200) < 400 && document.referrer !== '';
    for (const key of Object.keys(localStorage).filter((k) => k.startsWith(prefix))) {
        const kept = JSON.parse(localStorage.getItem(key));
        if (kept.sent && isAnswer) {
            localStorage.removeItem(key);
        }
    }
}

const initial = (box) => (box.tagName === 'SELECT' ? [...box.options].find((o) => o.defaultSelected)?.value ?? box.options[0]?.value ?? '' : box.defaultValue);

function restore(form, boxes, kept, key) {
    const back = boxes.filter((b) => kept?.typed[b.name] !== undefined && b.value === initial(b) && b.value !== kept.typed[b.name]);
    if (!back.length) {
        return;
    }
    back.forEach((b) => (b.value = kept.typed[b.name]));
    form.closest('details')?.setAttribute('open', '');
    const note = document.createElement('p');
    note.className = 'kept-note';
    note.setAttribute('role', 'status');
    note.append('Typed before and not sent yet; it was kept in this browser. ');
    const out = document.createElement('button');
    [out.type, out.className, out.textContent] = ['button', 'link small', 'Take it out'];
    out.addEventListener('click', () => {
        back.forEach((b) => (b.value = initial(b)));
        localStorage.removeItem(key);
        note.remove();
    });
    note.append(out);
    form.append(note);
}
