<div class="meta" id="{{ $place->metaId() }}" data-state="{{ $place->state() }}" role="status">
    <input type="hidden" class="shown" name="{{ $place->shownName() }}" value="{{ $place->shown }}">
    @if ($place->refusal() !== '')
        <span class="no">{{ $place->refusal() }}</span>
        @if ($place->shown > 0)<span>Still recorded: <span class="num">{{ $place->recorded }}</span>.</span>@endif
    @elseif ($place->theirs() !== null)
        <span class="no">{{ $place->theirs()->author() }} entered <span class="num">{{ $place->theirs()->typed === '' ? 'nothing'
            : $place->theirs()->written() }}</span> meanwhile; you typed <span
            class="num">{{ $place->typed }}</span>. Both are kept. Which counts?</span>
        <span class="contest">
            <button class="btn small" data-settle="{{ $place->typed }}">Mine</button>
            <button class="btn small" data-settle="{{ $place->theirs()->typed }}">{{ $place->theirs()->author() }}’s</button>
        </span>
    @else
        @if ($place->again)<span class="again">Measure again.</span>@endif
        @if ($place->other !== '')<span class="num">= {{ $place->other }}</span>@endif
        @if ($place->source() !== '')<span>{{ $place->source() }}</span>@endif
        @if ($place->isStatedElsewhere)<span class="no">Stated elsewhere, not in force.</span>@endif
        @if ($place->state() === 'needed')<span>needed</span>@endif
        @if ($place->foundBefore !== '')<button class="link" name="set" value="{{ $place->draftKey() }}"
            formaction="{{ $place->keepFoundAt }}">it was set: keep <span class="num">{{ $place->foundBefore
            }}</span> as found</button>@endif
        @if ($place->corrections > 1)<a href="{{ $place->historyUrl }}">{{ $place->corrections }} entries</a>@endif
    @endif
</div>
