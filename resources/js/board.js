/* The board: a task is moved by arrows or dragged. How far is said to the server; what that means is decided there. */
const QUARTER = 15;

function send(slot, minutes, people) {
    const form = document.getElementById(`move-${slot.dataset.slot}`);
    form.elements.minutes.value = minutes;
    form.elements.people.value = people;
    sessionStorage.setItem('board-slot', slot.dataset.slot);
    form.requestSubmit();
}

export function layBoard() {
    const board = document.querySelector('[data-board]');
    if (!board) {
        return;
    }
    // The task that was moved has the focus again.
    const moved = sessionStorage.getItem('board-slot');
    board.querySelector(`[data-slot="${moved}"]`)?.focus();
    sessionStorage.removeItem('board-slot');
    const ways = { ArrowLeft: [-QUARTER, 0], ArrowRight: [QUARTER, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
    board.addEventListener('keydown', (event) => {
        const slot = event.target.closest('[data-slot]');
        if (slot && ways[event.key]) {
            event.preventDefault();
            send(slot, ...ways[event.key]);
        } else if (slot && event.key === 'Delete') {
            document.getElementById(`lift-${slot.dataset.slot}`).requestSubmit();
        }
    });
    let held = null;
    board.addEventListener('pointerdown', (event) => {
        const slot = event.target.closest('[data-slot]');
        if (slot) {
            held = { slot, x: event.clientX, y: event.clientY };
            slot.setPointerCapture(event.pointerId);
        }
    });
    board.addEventListener('pointerup', (event) => {
        if (!held) {
            return;
        }
        const { slot, x, y } = held;
        held = null;
        const scale = board.viewBox.baseVal.width / board.getBoundingClientRect().width;
        const minutes = Math.round(((event.clientX - x) * scale) / Number(board.dataset.minute) / QUARTER) * QUARTER;
        const people = Math.round(((event.clientY - y) * scale) / Number(board.dataset.row));
        if (minutes !== 0 || people !== 0) {
            send(slot, minutes, people);
        }
    });
}
