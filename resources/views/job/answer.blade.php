@foreach ($outcomes as $outcome)
    @continue(str_ends_with($outcome->field, '.marks'))
    @php($form = App\Bench\FieldForm::for($bench, $outcome->field))
    @include('job.meta', ['bench' => $bench, 'place' => App\Bench\FieldPlace::of($bench, $form->field, $outcome->position)])
    @foreach ($bench->newPlaces($form->field, $outcome->position) as $position)
        <div hx-swap-oob="beforeend:#places-{{ $form->id() }}">@include('job.place',
            ['place' => App\Bench\FieldPlace::of($bench, $form->field, $position)])</div>
    @endforeach
@endforeach
@include('job.tell')
@include('job.rail')
@includeWhen($station === Spindle\Sheet\Station::Intake, 'intake.answer')
@includeWhen($station === Spindle\Sheet\Station::Strip, 'strip.answer')
@foreach (App\Figures\Drawings::at($station, $bench) as $drawing)
    @continue(! App\Bench\Pieces::now()->mayHave('draw-'.$drawing))
    @piece('draw-'.$drawing, 'div', ['class' => $drawing === 'plate' ? 'draw face-alone' : 'draw']) @include('figures.'.$drawing) @endpiece
@endforeach
