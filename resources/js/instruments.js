/*
 * Instruments that behave like a keyboard. The simulated one lives on a page of its own and types into the field that has the cursor in
 * another window; what it shows was made by the server.
 */
const CHANNEL = 'spindle-instrument';

/** A job's page: what is typed elsewhere goes to the field that has the cursor, is seen there, and is left with Enter. */
export function takeTyped() {
    if (!document.querySelector('[data-drafts]') || !('BroadcastChannel' in window)) {
        return;
    }
    let last = null;
    document.addEventListener('focusin', ({ target }) => {
        last = target.matches?.('input[data-entry]') ? target : null;
    });
    new BroadcastChannel(CHANNEL).onmessage = ({ data }) => {
        // No cursor in a field, no entry: nothing goes where nobody looks.
        if (!last?.isConnected || last.disabled) {
            return;
        }
        last.scrollIntoView({ block: 'nearest' });
        last.focus();
        last.value = data.text;
        last.dispatchEvent(new Event('input', { bubbles: true }));
        last.dispatchEvent(new Event('change', { bubbles: true }));
        last.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
    };
}

/** The simulated instrument's own page. */
export function simulate() {
    const form = document.querySelector('#simulated');
    if (!form) {
        return;
    }
    const show = (text) => (form.querySelector('[data-display]').textContent = text);
    form.addEventListener('submit', async (event) => {
        event.preventDefault();
        const answer = await fetch(form.dataset.read, { method: 'POST', body: new FormData(form), headers: { Accept: 'application/json' } });
        const { text, message } = await answer.json();
        if (!answer.ok) {
            show(message);
            return;
        }
        if (event.submitter.value === 'keys') {
            new BroadcastChannel(CHANNEL).postMessage({ text });
            show(text);
            return;
        }
        const sent = await fetch(form.dataset.send, {
            method: 'POST',
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', Authorization: `Bearer ${form.elements.token.value.trim()}` },
            body: JSON.stringify({ value: text, id: crypto.randomUUID?.() ?? String(Date.now()), taken_at: new Date().toISOString() }),
        });
        const { outcome, said, message: refused } = await sent.json();
        show(`${text}: ${outcome ?? refused} ${said ?? ''}`);
    });
}
