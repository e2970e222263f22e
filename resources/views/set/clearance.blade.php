<div class="fig plain-top">
    @piece('draw-clutch', 'div', ['class' => 'draw']) @include('drawings.clutch') @endpiece
    <div class="bottom-of">
        @foreach ($keys as $key)
            @reading($key)
        @endforeach
    </div>
</div>
