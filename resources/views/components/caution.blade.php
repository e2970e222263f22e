<div class="caution" role="note">
    <svg width="26" height="26" viewBox="0 0 26 26" aria-hidden="true"><path d="M13 2 25 24H1z" fill="none" stroke="currentColor"
        stroke-width="2.2"/><path d="M13 9v8M13 19.4v1.8" stroke="currentColor" stroke-width="2.4"/></svg>
    <div>{{ $slot }}</div>
</div>
