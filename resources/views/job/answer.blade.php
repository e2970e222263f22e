@foreach ($outcomes as $outcome)
    <x-meta :bench="$bench" :place="App\Bench\FieldPlace::of($bench, App\Bench\FieldForm::for($bench, $outcome->field)->field, $outcome->position)" />
@endforeach
<x-telltale :bench="$bench" :station="$station" oob />
<x-rail :bench="$bench" :station="$station" oob />
@foreach (App\Figures\Drawings::at($station) as $drawing)
    <div id="draw-{{ $drawing }}" class="draw" hx-swap-oob="true">@include('figures.'.$drawing)</div>
@endforeach
