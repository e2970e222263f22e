<tr @class(['chosen' => $row->id === $shelf->chosen])>
<td class="beside">@mark($row->verdict)</td>
<td class="kit-name" title="{{ $row->reason }}"><a data-row
href="{{ $entries->links->action('kit/'.$row->id) }}">{{ $row->name }}</a>
<span class="small soft">{{ $row->what }} <span class="reason">{{ str($row->reason)->limit(90) }}</span></span></td>
@php($m = $drawings->marginOf($row))
<td class="num small beside">@include('drawings.margin-bar') {{ $m->text === '' ? '–' : '× '.$m->text }}</td>
<td class="num small right" data-of="Effort">{{ $row->effort ?: '–' }}</td>
<td class="num small right" data-of="J/cm²">{{ $row->heat ?: '–' }}</td>
<td class="num small right" data-of="Price" title="{{ $row->priceMadeOf }}">{{ $row->price ?: '–' }}</td>
<td class="num small right" data-of="Comes in">{{ $row->days ?: '–' }}</td>
<td class="pick"><label class="tick"><input type="checkbox" form="compare" name="k{{ $row->id }}" value="1"><span
class="sr-only">Compare {{ $row->name }}</span></label>
<button class="btn small" form="choose" name="kit" value="{{ $row->id }}"
@disabled($signed || $row->id === $shelf->chosen)>{{ $row->id === $shelf->chosen ? 'Chosen'
: 'Choose' }}<span class="sr-only"> {{ $row->name }}</span></button></td>
</tr>
