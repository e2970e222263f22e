@foreach ($outcomes as $outcome)
    @continue($outcome->hasNoBox())
    @php($form = $entries->form($outcome->field))
    @partial('job.meta', ['place' => $form->place($outcome->position)])
    @foreach ($entries->newPlaces($form->field, $outcome->position) as $position)
        <div hx-swap-oob="beforeend:#places-{{ $form->id() }}">@partial('job.place',
            ['form' => $form, 'place' => $form->place($position)])</div>
    @endforeach
@endforeach
<div id="news" hidden hx-swap-oob="true">
    @foreach ($entries->newsSince($since, $outcomes) as [$key, $position])
        @php($form = $entries->form($key))
        @partial('job.place', ['form' => $form, 'place' => $form->place($position)])
    @endforeach
</div>
<span id="seq" hidden data-seq="{{ $page->job->lastSeq() }}" hx-swap-oob="true"></span>
@include('job.tell')
@include('job.rail')
@foreach ($answers as $beside) @include($beside) @endforeach
@foreach ($drawings->followed($station) as $drawing)
    @continue(! $pieces->mayHave('draw-'.$drawing))
    @piece('draw-'.$drawing, 'div', ['class' => $drawing === 'plate' ? 'draw face-alone' : 'draw']) @include('drawings.'.$drawing) @endpiece
@endforeach
