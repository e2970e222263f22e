/* The parts of an open clutch: a link opens its part, and what was opened stays so while the page is left and come back to. */
export function openParts() {
    const parts = [...document.querySelectorAll('details[data-part]')];
    if (!parts.length) {
        return;
    }
    const key = `spindle:open:${location.pathname}`;
    const kept = sessionStorage.getItem(key);
    if (kept !== null && !document.querySelector('[aria-invalid="true"], [data-refused]')) {
        const open = kept.split(' ');
        parts.forEach((p) => (p.open = open.includes(p.id)));
    }
    const follow = () => {
        const part = location.hash.startsWith('#part-') && document.querySelector(location.hash);
        if (part) {
            part.open = true;
            part.scrollIntoView();
        }
    };
    follow();
    window.addEventListener('hashchange', follow);
    document.addEventListener('click', (event) => event.target.closest?.('.parts a') && setTimeout(follow));
    parts.forEach((p) => p.addEventListener('toggle', () => sessionStorage.setItem(key, parts.filter((q) => q.open).map((q) => q.id).join(' '))));
}

/** The next or previous entry for the keyboard: at the end of one part the next one opens. */
export function neighbour(from, by) {
    const all = [...document.querySelectorAll('.bench [data-entry]:not(:disabled)')].filter((e) => e.closest('details:not([open])')?.matches('[data-part]') ?? e.offsetParent !== null);
    const next = all[all.indexOf(from) + by];
    const part = next?.closest('details[data-part]');
    if (part) {
        part.open = true;
    }
    return next;
}
