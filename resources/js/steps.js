/**
 * A step of the fitting is a tick: a tap does it, a second tap says that it was skipped, for which a reason is asked, a third takes both
 * back. The list under it holds the answer, and is what stands there without script.
 */
export function tickSteps() {
    const next = { '': 'done', done: 'skipped', skipped: '' };
    const words = { '': 'not yet', done: 'done', skipped: 'skipped' };
    const say = (button, list) => {
        button.dataset.state = list.value;
        button.setAttribute('aria-pressed', list.value === 'done');
        button.querySelector('.said').textContent = words[list.value];
    };
    const dress = () => {
        document.querySelectorAll('.steps > li > .reading select').forEach((list) => {
            if (list.hidden) {
                return;
            }
            const name = document.getElementById(list.getAttribute('aria-labelledby'))?.textContent ?? '';
            const button = document.createElement('button');
            button.type = 'button';
            button.className = 'tap';
            button.disabled = list.disabled;
            button.innerHTML = '<span class="tick-mark" aria-hidden="true"></span><span class="sr-only"></span><span class="said"></span>';
            button.querySelector('.sr-only').textContent = `${name}: `;
            button.addEventListener('click', () => {
                list.value = next[list.value];
                say(button, list);
                list.dispatchEvent(new Event('change', { bubbles: true }));
            });
            list.hidden = true;
            list.before(button);
            list.tap = button;
            list.addEventListener('change', () => say(button, list));
            say(button, list);
        });
    };
    dress();
    // Steps that lie folded come when they are opened.
    document.body.addEventListener('spindle:arrived', dress);
    // The last bolt of the last round closes its step: the server says which, and what it is numbered.
    document.body.addEventListener('htmx:afterSettle', () => {
        document.querySelectorAll('#draw-steps [data-closed]').forEach(({ dataset }) => {
            const list = document.querySelector(`.steps select[name="f[${dataset.closed}][0]"]`);
            const shown = list?.closest('.place').querySelector('input.shown');
            if (list && list.value === '' && shown && shown.value === '0') {
                list.value = 'done';
                shown.value = dataset.number;
                shown.parentElement.dataset.state = 'kept';
                shown.parentElement.replaceChildren(shown);
                say(list.tap, list);
            }
        });
    });
}
