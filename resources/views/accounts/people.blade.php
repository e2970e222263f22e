<x-accounts at="people" title="People">
    <x-told :except="['name', 'login', 'role']" />
    @if (session('first'))
        <p class="notice" role="status">First password of {{ session('first')[0] }}, shown this once: <strong class="num">{{
            session('first')[1] }}</strong>. It is good for {{ $firstPasswordDays }} days and for one thing:
            choosing one’s own.</p>
    @endif
    <section class="card" aria-label="Accounts">
        <table class="jobs-table">
            <thead><tr><th scope="col">Name</th><th scope="col">Signs in as</th><th scope="col">Role</th><th scope="col">Now</th>
                <th scope="col">Change</th></tr></thead>
            <tbody>
                @foreach ($people as $person)
                    @php($other = $person->role->other())
                    <tr>
                        <td class="font-semibold">{{ $person->name }}</td>
                        <td class="num">{{ $person->login }}</td>
                        <td>{{ ucfirst($person->role->value) }}</td>
                        <td class="small">@if ($person->disabled_at !== null)<span class="font-semibold">disabled</span> since
                                @date($person->disabled_at)
                            @elseif ($person->first_password_until !== null){{ $person->first_password_until->isPast()
                                ? 'first password has run out' : 'has a first password' }}
                            @else{{ match ($sessions[$person->id] ?? 0) { 0 => 'not signed in', 1 => 'signed in', default
                                => 'signed in at '.$sessions[$person->id].' places' } }}@endif</td>
                        <td>
                            @if ($person->disabled_at === null && $heldBack($person))
                                <x-form :action="route('people.let-try', $person)"><button class="btn small">Let them try
                                    again</button></x-form>
                                <p class="small soft">Somebody guesses at this name.</p>
                            @endif
                            <details @if ((int) old('person') === $person->id) open @endif><summary
                                 class="small py-3">Change<span class="sr-only"> {{ $person->name }}</span></summary>
                                <div class="grid gap-2 py-2">
                                    <x-form :action="route('people.rename', $person)" class="mark-row"
                                        :refused="(int) old('person') === $person->id ? ['name'] : []"><input type="hidden"
                                        name="person" value="{{ $person->id }}"><label class="small">Name <input class="plain"
                                        name="name" maxlength="60" value="{{ (int) old('person') === $person->id ? old('name')
                                        : $person->name }}" required></label><button
                                        class="btn small">Rename</button></x-form>
                                    <div class="mark-row">
                                        <x-form :action="route('people.role', $person)"><input type="hidden" name="role"
                                            value="{{ $other->value }}"><button class="btn small">Make {{ $other->value }}</button></x-form>
                                        @if ($person->disabled_at === null)
                                            <x-form :action="route('people.reset', $person)"><button class="btn small">Give a first
                                                password</button></x-form>
                                            <x-form :action="route('people.end-sessions', $person)"><button class="btn small">Sign out
                                                everywhere</button></x-form>
                                            <x-form :action="route('people.disable', $person)"><button class="btn
                                                small">Disable</button></x-form>
                                        @else
                                            <x-form :action="route('people.enable', $person)"><button class="btn
                                                small">Enable</button></x-form>
                                        @endif
                                    </div>
                                </div>
                            </details>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
    <section class="card" aria-labelledby="new-title"><h2 id="new-title" class="!mt-0">Add somebody</h2>
        <x-form :action="route('people.store')" :refused="old('person') === null ? ['name', 'login', 'role'] : []" class="mark-row">
            <label>Name <input class="plain" name="name" maxlength="60" value="{{ old('person') === null
                ? old('name') : '' }}" required></label>
            <label>Signs in as <input class="plain" name="login" maxlength="40" value="{{ old('login') }}" required
                autocapitalize="none"></label>
            <label>Role <select class="plain" name="role">@foreach ($roles as $role)<option value="{{ $role->value }}"
                @selected(old('role') === $role->value)>{{ $role->value }}</option>@endforeach</select></label>
            <button class="btn main">Add</button>
        </x-form>
        <p class="small soft">Each person has an account of their own: their name stands under what they enter. An account is disabled, not
            deleted, when somebody leaves.</p>
    </section>
</x-accounts>
