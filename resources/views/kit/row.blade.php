<tr @class(['chosen' => $row->kit->id === $shelf->chosen])>
<td>@mark($row->verdict())</td>
<td class="kit-name" title="{{ $reason = $row->reason($said) }}"><a data-row
href="{{ route('job.kit.page', [$page->job, $row->kit]) }}">{{ $row->kit->name }}</a>
<span class="small soft">{{ $row->what() }} <span class="reason">{{ str($reason)->limit(90) }}</span></span></td>
@php($m = $drawings->margin($row->assessment))
<td class="num small">@include('drawings.margin-bar') {{ $m->text === '' ? '–' : '× '.$m->text }}</td>
<td class="num small right">{{ $row->effort() ?: '–' }}</td>
<td class="num small right">{{ $row->heat() ?: '–' }}</td>
<td class="num small right">{{ $row->price() ?: '–' }}</td>
<td class="num small right">{{ $row->days() ?: '–' }}</td>
<td class="pick"><label class="tick"><input type="checkbox" form="compare" name="k{{ $row->kit->id }}" value="1"><span
class="sr-only">Compare {{ $row->kit->name }}</span></label>
<button class="btn small" form="choose" name="kit" value="{{ $row->kit->id }}"
@disabled($signed || $row->kit->id === $shelf->chosen)>{{ $row->kit->id === $shelf->chosen ? 'Chosen'
: 'Choose' }}<span class="sr-only"> {{ $row->kit->name }}</span></button></td>
</tr>
