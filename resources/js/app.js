import htmx from 'htmx.org';
import { keepDrafts } from './drafts.js';
import { readFaces } from './face.js';
import { listenForKeys } from './keys.js';
import { openParts } from './parts.js';
import { enlargePhotos } from './photos.js';

window.htmx = htmx;
document.documentElement.classList.add('js');

// An answer replaces the tell-tale; what was opened in it stays open.
let open = [];
document.body.addEventListener('htmx:beforeSwap', () => {
    open = [...document.querySelectorAll('#telltale details[open]')].map((d) => d.id);
});
document.body.addEventListener('htmx:oobAfterSwap', () => {
    for (const id of open) {
        document.getElementById(id)?.setAttribute('open', '');
    }
});

keepDrafts(htmx);
listenForKeys();
readFaces();
enlargePhotos();
openParts();
