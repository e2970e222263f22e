<x-accounts at="account" title="My account">
    <x-told :except="['current', 'password']" />
    @if ($user->first_password_until !== null)
        <p class="notice">You signed in with a first password. Choose one of your own; then everything is open.</p>
    @endif
    <section class="card" aria-labelledby="who"><h2 id="who" class="!mt-0">{{ $user->name }}</h2>
        <p>Signs in as <span class="num">{{ $user->login }}</span>, {{ $user->role->value }}. Name and role are kept by the
            lead.</p></section>
    <section class="card" aria-labelledby="password-title"><h2 id="password-title" class="!mt-0">Password</h2>
        <p class="small soft">{{ $shortest }} characters or more. Several words are easy to remember and hard to
            guess; spaces and every letter count. Common ones are refused.</p>
        <x-form :action="route('account.password')" :refused="['current', 'password']" class="grid max-w-md gap-2">
            <input type="hidden" name="username" value="{{ $user->login }}" autocomplete="username">
            <label class="font-semibold">Password you have now <input class="plain" type="password"
                data-password name="current" maxlength="200" required
                autocomplete="current-password"></label>
            <label class="font-semibold">New password <input class="plain" type="password"
                data-password name="password" required
                minlength="{{ $shortest }}" maxlength="{{ $longest }}"
                autocomplete="new-password"></label>
            <label class="font-semibold">The same again <input class="plain" type="password"
                data-password name="again" required
                maxlength="{{ $longest }}" autocomplete="new-password"></label>
            <x-show-password />
            <button class="btn main">Change password</button>
        </x-form>
    </section>
    <section class="card" aria-labelledby="sessions-title"><h2 id="sessions-title" class="!mt-0">Signed in</h2>
        <table class="jobs-table dense">
            <thead><tr><th scope="col">Last seen</th><th scope="col">Browser</th><th scope="col">Address</th></tr></thead>
            <tbody>@foreach ($sessions as $session)<tr><td>@moment($session['seen'])@if ($session['here'])
                <span class="small font-semibold">here</span>@endif</td><td>{{ $session['browser'] }}</td><td class="num">{{
                $session['address'] }}</td></tr>@endforeach</tbody>
        </table>
        <p class="small soft">A session ends after {{ config('session.lifetime') }} minutes without a word, and after
            {{ config('session.hours') }} hours whatever happens. What was entered is kept.</p>
        @if (count($sessions) > 1)
            <x-form :action="route('account.end-others')"><button class="btn">End all but this one</button></x-form>
        @endif
    </section>
</x-accounts>
