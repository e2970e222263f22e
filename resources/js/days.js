/* A day picked from the calendar is written into the field beside it, as if it had been typed. */
export function pickDays() {
    document.addEventListener('change', (event) => {
        const picker = event.target.closest?.('[data-picks-day]');
        const field = picker?.parentElement.querySelector('[data-entry]');
        if (field && picker.value !== '') {
            field.value = picker.value;
            field.dispatchEvent(new Event('change', { bubbles: true }));
        }
    });
}
