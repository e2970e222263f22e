/*
 * A friction face as a map: a click, or the cross moved with the arrow keys, fills in clock position and distance from the
 * centre and places the mark chosen below. The server draws; only the place is read off here.
 */
const MINUTES_A_TURN = 720;
const STEP = { ArrowLeft: [-30, 0], ArrowRight: [30, 0], ArrowUp: [0, 5], ArrowDown: [0, -5] };
const crosses = {};

export function readFaces() {
    document.addEventListener('click', (event) => {
        const face = event.target.closest?.('svg[data-face]');
        const matrix = face?.getScreenCTM();
        if (!matrix || !form(face)) {
            return;
        }
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
        const [x, y] = [at.x - face.dataset.centre, at.y - face.dataset.centre];
        const turn = Math.atan2(x, -y) / (2 * Math.PI);
        const minutes = (Math.round((turn * MINUTES_A_TURN) / 15) * 15 + MINUTES_A_TURN) % MINUTES_A_TURN;
        const radius = Math.round((Math.hypot(x, y) / face.dataset.rim) * face.dataset.outer);
        if (radius > 0 && radius <= face.dataset.outer * 1.08) {
            crosses[face.dataset.face] = { minutes, radius };
            place(face);
        }
    });

    document.addEventListener('keydown', (event) => {
        if (event.key === 'Enter' && event.target.matches?.('[data-mark]')) {
            event.preventDefault();
            event.target.closest('.marks').querySelector('[data-place-mark]').click();
            return;
        }
        const face = event.target.closest?.('svg[data-face]');
        if (!face || event.ctrlKey || event.metaKey || event.altKey || !form(face)) {
            return;
        }
        const cross = (crosses[face.dataset.face] ??= { minutes: 0, radius: Math.round(face.dataset.outer * 0.8) });
        if (STEP[event.key]) {
            event.preventDefault();
            const [minutes, radius] = STEP[event.key];
            cross.minutes = (cross.minutes + minutes + MINUTES_A_TURN) % MINUTES_A_TURN;
            cross.radius = Math.max(1, Math.min(Math.floor(face.dataset.outer), cross.radius + radius));
            show(face);
        } else if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            place(face);
        }
    });
    document.addEventListener('focusin', (event) => event.target.matches?.('svg[data-face]') && crosses[event.target.dataset.face] && show(event.target));

    // A new drawing replaces the old one; whoever worked on it by keyboard goes on where they were.
    let focused = null;
    document.body.addEventListener('htmx:beforeSwap', () => {
        focused = document.activeElement?.matches?.('svg[data-face]') ? document.activeElement.dataset.face : null;
    });
    document.body.addEventListener('htmx:afterSettle', () => {
        if (focused && document.activeElement === document.body) {
            document.querySelector(`svg[data-face="${focused}"]`)?.focus();
        }
    });
    document.body.addEventListener('htmx:afterRequest', (event) => {
        const part = event.detail.elt.dataset?.placeMark;
        if (!part) {
            return;
        }
        const answer = document.querySelector(`#marked-${part}`);
        if (!event.detail.successful) {
            say(answer, 'Not placed: no connection, or signed out. The place stands in the fields; try again.');
        } else if (!answer.hasAttribute('data-refused')) {
            document.querySelectorAll(`#mark-form-${part} [data-mark]`).forEach((e) => (e.value = ''));
        }
    });
}

function form(face) {
    return document.querySelector(`#mark-form-${face.dataset.face} [data-place-mark]`);
}

function place(face) {
    const cross = crosses[face.dataset.face];
    const field = (name) => document.querySelector(`[name="m[${face.dataset.face}][${name}]"]`);
    field('clock').value = clock(cross.minutes);
    field('radius').value = `${cross.radius} mm`;
    show(face);
    form(face).click();
}

/** Draws the cross where it stands and says the place. */
function show(face) {
    const cross = crosses[face.dataset.face];
    const angle = (2 * Math.PI * cross.minutes) / MINUTES_A_TURN;
    const reach = (cross.radius / face.dataset.outer) * face.dataset.rim;
    const mark = face.querySelector('.cross');
    mark.removeAttribute('hidden');
    mark.setAttribute('transform', `translate(${+face.dataset.centre + reach * Math.sin(angle)} ${face.dataset.centre - reach * Math.cos(angle)})`);
    const said = document.querySelector(`#cross-${face.dataset.face}`);
    if (said) {
        said.textContent = `Cross at ${clock(cross.minutes)}, ${cross.radius} mm from the centre.`;
    }
}

function clock(minutes) {
    const hour = Math.floor(minutes / 60) || 12;
    return minutes % 60 === 0 ? `${hour}` : `${hour}:${String(minutes % 60).padStart(2, '0')}`;
}

function say(answer, text) {
    answer.querySelector('.refusal')?.remove();
    answer.insertAdjacentHTML('afterbegin', '<p class="refusal"></p>');
    answer.querySelector('.refusal').textContent = text;
}
