<x-layout :title="'Entries of '.$field->label">
    <x-slot:what><strong>{{ $job->vehicle->name }}</strong> <span class="plate">{{ $job->vehicle->plate }}</span></x-slot:what>
    <main class="mx-auto blocks max-w-4xl p-4" id="work">
        <h1 class="text-2xl font-bold">Every entry: {{ $field->label }}</h1>
        <div class="card">
            <table class="jobs-table">
                <thead><tr><th scope="col">No.</th><th scope="col">Place</th><th scope="col">Typed</th>
                    <th scope="col">What became of it</th><th scope="col">With</th><th scope="col">Who, when</th></tr></thead>
                <tbody>
                    @foreach ($rows as $row)
                        <tr>
                            <td class="num">{{ $row->seq }}</td>
                            <td class="num">{{ $row->position + 1 }}</td>
                            <td class="num font-semibold">{{ $row->typed === '' ? '(taken out)' : $row->written() }}</td>
                            <td>
                                @switch($row->kind)
                                    @case('set_aside')typed while somebody else changed the field; set aside @break
                                    @case('again')marked to be measured again @break
                                    @default{{ $rows->where('kind', 'entry')->where('position', $row->position)->max('seq') === $row->seq
                                        ? 'counts now' : 'corrected later' }}{{ $row->supersedes ? ', in place of no. '.$row->supersedes
                                        : '' }}
                                @endswitch
                            </td>
                            <td>{{ str_replace('_', ' ', $row->instrument ?? '–') }}</td>
                            <td>{{ $row->author() }}, @moment($row->at)</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <div><a class="btn" href="{{ route('station', [$job, $field->station->value]) }}">Back to {{ $field->station->label() }}</a></div>
    </main>
</x-layout>
