@php($tell = (new App\Bench\TellTale))
@php($groups = $tell->groups($bench, $station))
{!! App\Bench\Pieces::now()->group(
    $tell->makeUp($groups), fn () => view('job.telltale', ['bench' => $bench, 'groups' => $groups])->render(),
    'telltale', 'aside', ['class' => 'telltale', 'aria-label' => 'Tell-tale: what is wrong, near or unknown'],
) !!}
