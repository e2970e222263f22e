/* A photo opened large over the page; the wheel, the buttons or + and - enlarge it further. */
const STEPS = [1, 1.5, 2, 3, 4];

export function enlargePhotos() {
    const dialog = document.querySelector('#photo');
    if (!dialog) {
        return;
    }
    const image = dialog.querySelector('img');
    let step = 0;
    const zoom = (by) => {
        step = Math.max(0, Math.min(STEPS.length - 1, step + by));
        image.width = Math.round(dialog.querySelector('.photo-frame').clientWidth * STEPS[step]);
    };
    document.addEventListener('click', (event) => {
        const link = event.target.closest?.('a[data-zoom]');
        if (!link || event.ctrlKey || event.metaKey || event.shiftKey) {
            return;
        }
        event.preventDefault();
        image.src = link.href;
        image.alt = dialog.querySelector('h2').textContent = link.dataset.zoom;
        dialog.showModal();
        step = 0;
        zoom(0);
    });
    dialog.addEventListener('click', (event) => {
        const by = event.target.closest?.('[data-by]')?.dataset.by;
        if (by) {
            zoom(+by);
        } else if (event.target.matches('[data-close]')) {
            dialog.close();
        }
    });
    dialog.addEventListener('keydown', (event) => {
        const by = { '+': 1, '=': 1, '-': -1 }[event.key];
        if (by) {
            event.preventDefault();
            zoom(by);
        }
    });
}
