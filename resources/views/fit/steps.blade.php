@piece('draw-steps', 'div') @include('drawings.steps') @endpiece
<ol class="steps card">
    @foreach ($at->steps() as ['step' => $step, 'done' => $done, 'why' => $why, 'short' => $isShort])
        <li @class(['short' => $isShort])>@reading($done)
            <div>@unless ($isShort)<p class="small soft">{{ $step->trap() }}</p>@endunless
                @reading($why, live: true)
                @if ($step->readings() !== [])<div class="fields">
                    @foreach ($step->readings() as $key)@reading($key)@endforeach</div>@endif</div></li>
    @endforeach
</ol>
