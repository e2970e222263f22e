@props(['title', 'drafts' => null, 'bare' => false])
<!doctype html>
<html lang="en" @if (in_array(request()->cookie('theme'), ['paper', 'bay'], true)) data-theme="{{ request()->cookie('theme') }}" @endif>
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Jade Spindle</title>
    <meta name="htmx-config"
        content='{"allowEval":false,"includeIndicatorStyles":false,"selfRequestsOnly":true,"historyCacheSize":0,"allowScriptTags":false}'>
    <link rel="icon" href="/spindle.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body @auth data-user="{{ auth()->id() }}" @endauth
    @if ($onPractice ?? false) data-ground="practice" @endif hx-headers='{"X-CSRF-TOKEN":"{{ csrf_token() }}"}'
    @if ($drafts) data-drafts="{{ $drafts }}" @endif>
    <a class="skip" href="#work">To the work</a>
    @if (! $bare)<header class="top screen-only">
        <a class="brand" href="{{ route('bay') }}" @auth data-key="/" @endauth>
            <svg width="34" height="26" viewBox="0 0 34 26" aria-hidden="true"><path d="M0 11h34v4H0z" fill="currentColor"/><rect x="6"
                y="4" width="5" height="18" rx="1.5" fill="currentColor"/><rect x="14" y="0" width="7" height="26" rx="1.5"
                fill="currentColor"/><rect x="24" y="6" width="4" height="14" rx="1.5" fill="currentColor"/></svg>
            <span>Jade Spindle</span>
        </a>
        <div class="what">{{ $what ?? '' }}</div>
        {{ $actions ?? '' }}
        <button type="button" class="btn small top-menu" aria-expanded="false" aria-controls="top-rest">Menu</button>
        <div class="top-rest" id="top-rest">
        @if ($onPractice ?? false)
            <a class="link small" href="{{ $shopAt('practice') }}">Leave the practice ground</a>
            @auth<button type="button" class="link small" id="keys-button">Keys</button>@endauth
        @elseif (auth()->check())
            <a class="link small" href="{{ route('board') }}">Board</a>
            <a class="link small" href="{{ route('shelf') }}">Shelf</a>
            <a class="link small" href="{{ route('limits') }}">Books</a>
            <button type="button" class="link small" id="keys-button">Keys</button>
        @endif
        <form method="post" action="{{ route('theme') }}">@csrf
            <button class="link small" name="theme"
                value="{{ request()->cookie('theme') === 'bay' ? 'paper' : 'bay' }}">{{ request()->cookie('theme') === 'bay' ? 'Paper'
                : 'Dark bay' }}</button>
        </form>
        @if (auth()->check() && ! ($onPractice ?? false))
            <a class="link small" href="{{ route('account') }}">{{ strtok(auth()->user()->name, ' ') }}<span
                class="sr-only">: my account</span></a>
            <form method="post" action="{{ route('sign-out') }}">@csrf
                <button class="link small">Sign out</button>
            </form>
        @endif
        </div>
    </header>@endif
    @if ($onPractice ?? false)<p class="watermark" aria-hidden="true">Practice · not a real vehicle</p>@endif
    {{ $slot }}
    @auth
        @include('components.keys')
    @endauth
</body>
</html>
