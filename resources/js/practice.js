// A practice vehicle is read by the simulated instrument: it types what it shows into the field, which goes the way of any entry.
const said = (button, text) => {
    const line = button.parentElement.querySelector('.read-said') ?? button.insertAdjacentElement('afterend', document.createElement('p'));
    line.className = 'read-said small';
    line.setAttribute('role', 'status');
    line.textContent = text;
};

const tell = (entry) => entry.dispatchEvent(new Event('change', { bubbles: true }));

const put = (place, typed) => {
    const boxes = [...place.querySelectorAll('input[type=checkbox][data-entry]')];
    if (boxes.length > 0) {
        const words = typed.split(',');
        const changed = boxes.filter((box) => box.checked !== words.includes(box.value));
        for (const box of changed) {
            box.checked = words.includes(box.value);
        }
        if (boxes.some((box) => box.checked && box.closest('details'))) {
            boxes.find((box) => box.checked).closest('details')?.setAttribute('open', '');
        }
        if (changed.length > 0) {
            tell(changed[0]);
        }
        return;
    }
    const tap = place.querySelector(`[data-tap][value="${CSS.escape(typed)}"]`);
    if (tap) {
        tap.click();
        return;
    }
    const entry = place.querySelector('[data-entry]');
    if (entry && entry.value !== typed) {
        entry.value = typed;
        tell(entry);
    }
};

export function readOff() {
    document.body.addEventListener('click', async (event) => {
        const button = event.target.closest('[data-read-off]');
        if (!button) {
            return;
        }
        event.preventDefault();
        const field = button.value;
        const body = new URLSearchParams({ field, hurried: document.querySelector('[data-hurried]')?.checked ? '1' : '0' });
        button.disabled = true;
        try {
            const answer = await fetch(button.formAction, {
                method: 'POST', body,
                headers: { Accept: 'application/json', 'X-CSRF-TOKEN': JSON.parse(document.body.getAttribute('hx-headers'))['X-CSRF-TOKEN'] },
            });
            if (!answer.ok) {
                throw new Error(answer.statusText);
            }
            const { typed, why, minutes } = await answer.json();
            document.querySelector('[data-minutes]').textContent = minutes;
            said(button, why);
            const scope = button.closest('.reading, form');
            typed.forEach((one, position) => {
                const place = scope.querySelector(`[data-field="${CSS.escape(field)}"][data-position="${position}"]`);
                if (place) {
                    put(place, one);
                }
            });
        } catch {
            said(button, 'Nothing was read: the server does not answer, or you are signed out.');
        } finally {
            button.disabled = false;
        }
    });
}
