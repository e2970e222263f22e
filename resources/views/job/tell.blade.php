@php($groups = $tell->groups($page, $station))
{!! $pieces->group(
    $tell->makeUp($groups), fn () => view('job.telltale', ['page' => $page, 'entries' => $entries, 'groups' => $groups, 'pieces' => $pieces,
        'tell' => $tell])->render(), 'telltale', 'aside', ['class' => 'telltale', 'hx-swap' => 'outerHTML', 'hx-params' => 'none',
        'aria-label' => 'Tell-tale: what is wrong, near or unknown'],
) !!}
