<x-layout title="Sign in">
    <main class="mx-auto blocks max-w-xl p-6" id="work">
        <h1 class="text-3xl font-bold">Clutch service, from intake to signed record</h1>
        <x-form :action="route('sign-in.enter')" data-sign-in :refused="['login', 'password']" class="card grid gap-3">
            <label class="font-semibold" for="login">Name</label>
            <input class="plain" id="login" name="login" value="{{ old('login') }}" autocomplete="username" required autofocus
                autocapitalize="none">
            <label class="font-semibold" for="password">Password</label>
            <input class="plain" id="password" name="password" type="password" autocomplete="current-password" required data-password>
            <x-show-password />
            <button class="btn main">Sign in</button>
        </x-form>
        @if ($accounts->isNotEmpty())
            <section class="card" aria-labelledby="demo-title">
                <h2 id="demo-title" class="font-bold">Demonstration workshop</h2>
                <p class="small soft mb-2">Everything in it is invented. Choose who you are:</p>
                <div class="grid gap-2 sm:grid-cols-2">
                    @foreach ($accounts as $account)
                        <x-form :action="route('sign-in.enter')" data-sign-in>
                            <input type="hidden" name="login" value="{{ $account->login }}"><input type="hidden"
                                name="password" value="{{ $password }}">
                            <button class="btn w-full">{{ $account->name }}, {{ $account->role->value }}</button>
                        </x-form>
                    @endforeach
                </div>
            </section>
        @endif
        <p class="small soft">Follow the vehicle maker’s procedure, local rules and licensed practice; figures here support a trained
            technician’s judgement.</p>
    </main>
</x-layout>
