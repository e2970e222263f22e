/*
 * A choice of two or three short answers is tapped, not opened: what is chosen stays a list for keys and for a screen reader, under the
 * taps. A tap on what is chosen takes it out again.
 */
const MOST = 3;
const LETTERS = 28;
const ONE_LINE = 56;

export function tapChoices() {
    make(document);
    document.body.addEventListener('htmx:load', (event) => make(event.detail.elt));
    document.addEventListener('change', ({ target }) => target.matches?.('.choice select') && show(target));
    document.body.addEventListener('htmx:afterRequest', () => document.querySelectorAll('.choice select').forEach(show));
    document.addEventListener('click', ({ target }) => {
        const tap = target.closest?.('.choice button');
        const list = tap?.closest('.choice').querySelector('select');
        if (list) {
            list.value = list.value === tap.value ? '' : tap.value;
            list.dispatchEvent(new Event('input', { bubbles: true }));
            list.dispatchEvent(new Event('change', { bubbles: true }));
        }
    });
}

function make(within) {
    for (const list of within.querySelectorAll?.('select[data-entry]') ?? []) {
        const answers = [...list.options].filter((o) => o.value !== '');
        const letters = answers.reduce((sum, o) => sum + o.textContent.trim().length, 0);
        const isOwn = list.closest('.choice, table, .parts-list, #cards, #news') || list.matches('.steps > li > .reading select') || list.previousElementSibling?.matches('.tap') || list.hidden;
        if (isOwn || answers.length < 2 || answers.length > MOST || letters > LETTERS) {
            continue;
        }
        const choice = document.createElement('div');
        choice.className = 'choice';
        const taps = document.createElement('div');
        taps.className = 'choice-taps';
        // The list says it all to whoever does not see the taps.
        taps.setAttribute('aria-hidden', 'true');
        for (const answer of answers) {
            const tap = document.createElement('button');
            [tap.type, tap.value, tap.textContent, tap.tabIndex, tap.disabled] = ['button', answer.value, answer.textContent.trim(), -1, list.disabled];
            taps.append(tap);
        }
        list.replaceWith(choice);
        choice.append(list, taps);
        show(list);
        // Where they have no room on one line the list stays one.
        const isCramped = choice.clientWidth > 0 && (taps.scrollWidth > choice.clientWidth + 1 || taps.offsetHeight > ONE_LINE);
        if (isCramped) {
            choice.replaceWith(list);
        }
    }
}

function show(list) {
    list.nextElementSibling?.querySelectorAll('button').forEach((tap) => tap.classList.toggle('chosen', tap.value === list.value));
}
