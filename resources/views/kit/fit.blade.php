<table class="kit-facts" id="kit-fit" hx-get="{{ route('job.kit.page', [$page->job, $seen->row->kit]) }}"
    hx-trigger="spindle:entered from:body" hx-target="this" hx-select="#kit-fit > *" hx-swap="innerHTML" hx-include="this"
    hx-sync="this:queue last">
    <caption class="sr-only">What must match</caption>
    <tbody>
        @foreach ($seen->fit() as $finding)
            <tr class="v-{{ $finding->verdict->value }}"><td>@mark($finding->verdict)</td>
                <td class="font-semibold small">{{ $seen->nameOf($finding) }}</td><td
                class="small">{{ $finding->say($page->display) }}</td></tr>
        @endforeach
    </tbody>
</table>
