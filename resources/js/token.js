/* Who signed in anew in another tab has another token than the page was made with; the cookie has the one of now. */
function ofNow() {
    const token = document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/)?.[1];
    return token ? decodeURIComponent(token) : null;
}

/** What a page sends carries the token of now in place of its own. */
export function withToken(headers) {
    const token = ofNow();
    if (token) {
        headers['X-XSRF-TOKEN'] = token;
        delete headers['X-CSRF-TOKEN'];
    }
    return headers;
}

/** Sends something that stands on another page, as that page would have. Nothing comes back without a connection. */
export function sendFrom(address, pairs) {
    const body = new FormData();
    pairs.forEach(([name, value]) => body.append(name, value));
    const headers = withToken({ 'HX-Request': 'true', 'X-Seen': '', ...JSON.parse(document.body.getAttribute('hx-headers') ?? '{}') });
    return fetch(address, { method: 'POST', body, headers }).catch(() => null);
}
