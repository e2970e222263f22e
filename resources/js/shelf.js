/* A list of kits by keyboard: up and down go from row to row, blank ticks the row for comparing. */
export function walkRows() {
    document.addEventListener('keydown', (event) => {
        const row = event.target.closest?.('[data-rows] tr');
        const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
        if (event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        if (step && (row || event.target === document.body || event.target.id === 'work')) {
            const rows = [...document.querySelectorAll('[data-rows] [data-row]')];
            const at = row ? rows.indexOf(row.querySelector('[data-row]')) : -1;
            const next = rows[at + step] ?? (at < 0 ? rows[0] : null);
            if (next) {
                event.preventDefault();
                next.focus();
                next.scrollIntoView({ block: 'nearest' });
            }
        }
        if (event.key === ' ' && event.target.matches?.('[data-row]')) {
            event.preventDefault();
            const tick = row.querySelector('input[type=checkbox]');
            tick.checked = !tick.checked;
        }
    });
}
