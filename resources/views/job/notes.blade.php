@php($notes = $page->job->notes->where('station', $station->value))
@php($said = $page->job->isSigned() ? 'Addition to the signed record, with its reason' : 'Add a note')
<section class="notes" aria-label="Notes">
    @foreach ($notes as $note)
        <p class="mb-2">{{ $note->text }} <span
            class="small soft">{{ $note->author() }}, @moment($note->at)</span></p>
    @endforeach
    @foreach ($page->additions->where('station', $station->value) as $note)
        <p class="mb-2">{{ $note->text }} <span
            class="small soft">{{ $note->author() }}, @moment($note->at), added after sign-off</span></p>
    @endforeach
    <details id="fold-note" data-part @if (old('text') !== null) open @endif>
        <summary>{{ $said }}</summary>
        <x-form :action="route('job.note', $page->job)" :refused="['text']" class="grid gap-2">
            <input type="hidden" name="station" value="{{ $station->value }}">
            <label for="note-text" class="sr-only">{{ $said }}</label>
            <textarea id="note-text" name="text" rows="2" class="plain" required maxlength="4000">{{ old('text') }}</textarea>
            <div><button class="btn">Keep the note</button></div>
        </x-form>
    </details>
</section>
