@php($tell = (new App\Page\TellTale))
@php($groups = $tell->groups($page, $station))
{!! App\Page\Pieces::now()->group(
    $tell->makeUp($groups), fn () => view('job.telltale', ['page' => $page, 'entries' => $entries, 'groups' => $groups])->render(),
    'telltale', 'aside', ['class' => 'telltale', 'hx-swap' => 'outerHTML', 'hx-params' => 'none',
        'aria-label' => 'Tell-tale: what is wrong, near or unknown'],
) !!}
