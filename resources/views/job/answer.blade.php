@foreach ($outcomes as $outcome)
    @continue(str_ends_with($outcome->field, '.marks'))
    <x-meta :bench="$bench" :place="App\Bench\FieldPlace::of($bench, App\Bench\FieldForm::for($bench, $outcome->field)->field, $outcome->position)" />
    @php($form = App\Bench\FieldForm::for($bench, $outcome->field))
    @foreach ($bench->newPlaces($form->field, $outcome->position) as $position)
        <div hx-swap-oob="beforeend:#places-{{ $form->id() }}">@include('job.place', ['place' => App\Bench\FieldPlace::of($bench, $form->field, $position)])</div>
    @endforeach
@endforeach
<x-telltale :bench="$bench" :station="$station" oob />
<x-rail :bench="$bench" :station="$station" oob />
@includeWhen($station === Spindle\JobSheet\Station::Intake, 'intake.answer')
@includeWhen($station === Spindle\JobSheet\Station::Strip, 'strip.answer')
@foreach (App\Figures\Drawings::at($station, $bench) as $drawing)
    <div id="draw-{{ $drawing }}" class="draw" hx-swap-oob="true">@include('figures.'.$drawing)</div>
@endforeach
