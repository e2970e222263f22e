<tr @class(['chosen' => $row->kit->id === $shelf->chosen])>
<td>@mark($row->verdict())</td>
<td class="kit-name"><a data-row href="{{ route('job.kit.page', [$page->job, $row->kit]) }}">{{ $row->kit->name }}</a>
<span class="small soft">{{ $row->what() }}</span><div class="small reason">{{ Str::limit($row->reason(), 100) }}</div></td>
<td>@include('figures.margin-bar')<div class="small num">{{ ($t = App\Figures\MarginBar::of($page,
$row->assessment)->text) === '' ? '–' : '× '.$t }}</div></td>
<td class="num small">{{ $row->effort() ?: '–' }}<div class="soft">{{ $row->heat() === '' ? '–'
: $row->heat().' J/cm²' }}</div></td>
<td class="num small">{{ $row->price() ?: '–' }}<div class="soft">{{ $row->days() ?: '–' }}</div></td>
<td class="pick"><label class="tick"><input type="checkbox" form="compare" name="k{{ $row->kit->id }}" value="1"><span
class="sr-only">Compare {{ $row->kit->name }}</span></label>
<button class="btn small" form="choose" name="kit" value="{{ $row->kit->id }}"
@disabled($signed || $row->kit->id === $shelf->chosen)>{{ $row->kit->id === $shelf->chosen ? 'Chosen'
: 'Choose' }}<span class="sr-only"> {{ $row->kit->name }}</span></button></td>
</tr>
