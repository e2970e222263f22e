<section class="card"><h2>When the shop works</h2>
    <p class="small">Plans and promises are laid over these hours. Built in: eight hours from Monday to Friday, in the time zone of the
        server. Hours as 08:00-12:00 13:00-17:00, or closed.</p>
    <table class="jobs-table dense calendar-hours"><tbody>
        @foreach (['zone' => 'Time zone', 'week.mon' => 'Monday', 'week.tue' => 'Tuesday', 'week.wed' => 'Wednesday',
            'week.thu' => 'Thursday', 'week.fri' => 'Friday', 'week.sat' => 'Saturday', 'week.sun' => 'Sunday'] as $name => $label)
            @php($own = $book->own('calendar', $name))
            <tr><th scope="row" class="small">{{ $label }}</th>
                <td class="num small">{{ $own === '' ? 'built in' : $own }}</td>
                <td>@if ($lead)<x-form :action="route('rules.store')" class="mark-row"><input type="hidden" name="section"
                    value="calendar"><input type="hidden" name="name" value="{{ $name }}"><input class="plain" name="value" maxlength="60"
                    value="{{ $own }}" aria-label="{{ $label }}"><button class="btn small">Set<span class="sr-only"> {{ $label
                    }}</span></button></x-form>@endif</td></tr>
        @endforeach
    </tbody></table>
    <h3>Closed days</h3>
    @forelse ($book->closedDays() as $day => $why)
        <div class="mark-row"><span class="num small">{{ $day }}</span> <span class="small">{{ $why }}</span>
            @if ($lead)<x-form :action="route('rules.store')"><input type="hidden" name="section" value="calendar"><input type="hidden"
                name="name" value="closed.{{ $day }}"><input type="hidden" name="value" value=""><button class="link small">Open again<span
                class="sr-only"> on {{ $day }}</span></button></x-form>@endif</div>
    @empty
        <p class="small soft">None entered.</p>
    @endforelse
    @if ($lead)
        <x-form :action="route('rules.closed')" class="mark-row"><label>Day <input class="plain" type="date" name="day" required></label>
            <label>Why <input class="plain" name="why" maxlength="40" required></label><button class="btn">Closed on it</button></x-form>
    @endif
</section>
@php($second = $book->asksForASecond())
<section class="card"><h2>Who looks before a job is signed</h2>
    <p class="small font-semibold">Now: {{ $second ? 'a second person, who is not who signs' : 'whoever signs' }}</p>
    @if ($lead)<x-form :action="route('rules.store')" class="mark-row"><input type="hidden" name="section" value="signing"><input
        type="hidden" name="name" value="second"><input type="hidden" name="value" value="{{ $second ? 'no' : 'yes' }}"><button
        class="btn">{{ $second ? 'Whoever signs is enough' : 'Ask for a second person' }}</button></x-form>@endif
</section>
