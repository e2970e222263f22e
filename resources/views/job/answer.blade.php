@foreach ($outcomes as $outcome)
    @continue(Str::endsWith($outcome->field, '.marks') || Str::contains($outcome->field, ['.done_', '.counted_', 'record.photos']))
    @php($form = App\Page\FieldForm::for($entries, $outcome->field))
    @partial('job.meta', ['place' => App\Page\FieldPlace::of($entries, $form->field, $outcome->position)])
    @foreach ($entries->newPlaces($form->field, $outcome->position) as $position)
        <div hx-swap-oob="beforeend:#places-{{ $form->id() }}">@partial('job.place',
            ['form' => $form, 'place' => App\Page\FieldPlace::of($entries, $form->field, $position)])</div>
    @endforeach
@endforeach
@include('job.tell')
@include('job.rail')
@includeWhen(in_array($station, [Spindle\Sheet\Station::Intake, Spindle\Sheet\Station::Triage,
    Spindle\Sheet\Station::Fit], true), 'job.asked')
@includeWhen($station === Spindle\Sheet\Station::Intake, 'intake.answer')
@includeWhen($station === Spindle\Sheet\Station::Strip, 'strip.answer')
@foreach (App\Drawings\Drawings::at($station, $page) as $drawing)
    @continue(! App\Page\Pieces::now()->mayHave('draw-'.$drawing))
    @piece('draw-'.$drawing, 'div', ['class' => $drawing === 'plate' ? 'draw face-alone' : 'draw']) @include('drawings.'.$drawing) @endpiece
@endforeach
