@if ($page->isAltered())
    @include('job.altered')
@endif
@if ($page->job->taken_in_at !== null && $page->statesElsewhere())
    <p class="notice">From a file taken in by {{ $page->job->opened_by }} on @date($page->job->taken_in_at).
        Names marked “as the file states” are the file’s word, not this workshop’s.</p>
    @php($stated = $page->toTakeOver())
    @if ($stated !== [])
        <details class="card"><summary class="py-3">Stated elsewhere, not in force: {{ count($stated) }} {{ count($stated) === 1 ? 'figure'
            : 'figures' }} of the file</summary>
            <p class="small soft">Limits, rules and makers’ figures count once the lead takes them over.</p>
            <table class="jobs-table"><tbody>
                @foreach ($stated as $one)
                    <tr><td class="py-2">{{ $one->label }}</td><td>{{ $one->value }}</td>
                        <td>@can('set-shop-figures')<x-form :action="route('job.take-over', $page->job)"><input type="hidden" name="name"
                            value="{{ $one->name }}"><button class="btn small">Take over<span class="sr-only"> {{ $one->label
                            }}</span></button></x-form>@endcan</td></tr>
                @endforeach
            </tbody></table>
        </details>
    @endif
@endif
