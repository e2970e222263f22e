/*
 * What is swapped above a field that is worked on must not move it away under the hand: a tick that was meant for one line would fall on
 * the next. The page is scrolled by as much as it grew or shrank above it.
 */
let held = null;

function worked() {
    const active = document.activeElement;
    return active?.closest?.('.station') ? active : null;
}

export function holdSteady() {
    document.body.addEventListener('htmx:oobBeforeSwap', () => {
        const element = worked();
        held = element && { element, top: element.getBoundingClientRect().top };
    });
    document.body.addEventListener('htmx:oobAfterSwap', () => {
        if (held?.element.isConnected) {
            const moved = Math.round(held.element.getBoundingClientRect().top - held.top);
            if (moved !== 0) {
                window.scrollBy({ top: moved, behavior: 'instant' });
            }
        }
        held = null;
    });
}
