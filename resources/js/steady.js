/*
 * What is swapped above a field that is worked on must not move it away under the hand: a tick that was meant for one line would fall on
 * the next. The page is scrolled by as much as it grew or shrank above it.
 */
let held = null;

/** The field one works on, while it is in sight: whoever scrolled away looks at something else. */
function worked() {
    const active = document.activeElement;
    const at = active?.closest?.('.station') ? active.getBoundingClientRect() : null;
    return at && at.bottom > 0 && at.top < innerHeight ? { element: active, top: at.top } : null;
}

export function holdSteady() {
    document.body.addEventListener('htmx:oobBeforeSwap', () => {
        held = worked();
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
