/* A password that is typed can be looked at, by whoever types it, for as long as the box is ticked. */
export function showPasswords() {
    for (const box of document.querySelectorAll('[data-show-passwords]')) {
        box.addEventListener('change', () => {
            for (const field of box.form.querySelectorAll('[data-password]')) {
                field.type = box.checked ? 'text' : 'password';
            }
        });
        // It is never sent or remembered as text.
        box.form.addEventListener('submit', () => box.form.querySelectorAll('[data-password]').forEach((field) => (field.type = 'password')));
    }
}
