/* Points of the engine's curve by keyboard. The lines of the field say what the points are; the server reads and draws them. */
const STEP = { torque: 5, speed: 50 };

export function moveCurvePoints() {
    let refocus = null;
    document.addEventListener('keydown', (event) => {
        const point = event.target.closest?.('[data-point]');
        const [what, by] = { ArrowUp: ['torque', 1], ArrowDown: ['torque', -1], ArrowRight: ['speed', 1], ArrowLeft: ['speed', -1] }[event.key] ?? [];
        if (!point || !what) {
            return;
        }
        event.preventDefault();
        const points = [...document.querySelectorAll('[data-point]')].map((p) => ({ speed: Number(p.dataset.speed), torque: Number(p.dataset.torque) }));
        const at = Number(point.dataset.point);
        points[at][what] = Math.max(1, points[at][what] + by * STEP[what] * (event.shiftKey ? 5 : 1));
        const field = document.querySelector('textarea[name^="f[engine.curve]"]');
        field.value = points.map((p) => `${p.speed} rpm; ${p.torque} N·m`).join('\n');
        refocus = at;
        field.dispatchEvent(new Event('change', { bubbles: true }));
    });
    document.body.addEventListener('htmx:oobAfterSwap', () => {
        if (refocus !== null) {
            document.querySelector(`[data-point="${refocus}"]`)?.focus();
        }
    });
    document.addEventListener('focusin', (event) => {
        if (!event.target.matches?.('[data-point]')) {
            refocus = null;
        }
    });
}
