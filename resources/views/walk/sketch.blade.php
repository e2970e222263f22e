<svg class="sketch" viewBox="{{ $sketch->window() }}" role="img" aria-label="Where: {{ $sketch->anchor }}">
    @switch($sketch->drawing)
        @case('disc')
            <path class="f-steel" d="M166 24H178V196H166ZM140 92H206V128H140Z"/>
            <path class="f-lining" d="M148 24H166V86H148ZM178 24H196V86H178ZM148 134H166V196H148ZM178 134H196V196H178Z"/>
            <path class="f-card" d="M148 50H158V62H148ZM186 50H196V62H186ZM148 158H158V170H148ZM186 158H196V170H186Z"/>
            <path class="f-steel" d="M158 52H186V60H158ZM158 160H186V168H158Z"/>
            <path class="ln" d="M140 100H206M140 106H206M140 114H206M140 120H206"/><path class="ghost" d="M60 110H300"/>
            @break
        @case('flywheel')
            <circle class="f-steel" cx="110" cy="110" r="94"/><circle class="f-card" cx="110" cy="110" r="80"/>
            <circle class="f-steel" cx="110" cy="110" r="46"/><circle class="f-card" cx="110" cy="110" r="16"/>
            <path class="ln" d="M110 16V30M204 110H190M110 204V190M16 110H30"/>
            <path class="f-steel" d="M262 16H298V30H290V90H304V130H290V190H298V204H262Z"/><path class="ln" d="M262 16V204"/>
            @break
        @case('cover')
            <path class="f-steel" d="M84 30H108V86H84ZM84 134H108V190H84Z"/>
            <path class="ln" d="M70 20H150L166 60M70 200H150L166 160"/>
            <path class="ln-thick" d="M112 36L134 58L178 98M112 184L134 162L178 122"/>
            <circle class="f-card" cx="134" cy="58" r="7"/><circle class="f-card" cx="134" cy="162" r="7"/>
            <path class="ghost" d="M40 110H320"/>
            @break
        @case('pilot')
            <path class="f-steel" d="M60 20H170V74H90V146H170V200H60Z"/>
            <path class="f-lining" d="M100 74H166V86H100ZM100 134H166V146H100Z"/>
            <path class="f-card" d="M106 92H210V50H330V170H210V128H106L98 120V100Z"/><path class="ghost" d="M40 110H340"/>
            @break
        @case('levers')
            <path class="f-steel" d="M66 20H88V200H66ZM118 20H134V200H118ZM162 20H176V200H162Z"/>
            <path class="f-lining" d="M94 24H112V196H94ZM140 24H156V196H140Z"/>
            <path class="ln-thick" d="M182 40H206L214 92M182 180H206L214 128"/><circle class="f-card" cx="196" cy="40" r="6"/>
            <circle class="f-card" cx="196" cy="180" r="6"/><path class="f-steel" d="M226 92H258V128H226Z"/>
            <path class="ghost" d="M40 110H330"/>
            @break
        @case('pairs')
            @foreach ([90, 270] as $middle)
                <circle class="f-lining" cx="{{ $middle }}" cy="110" r="80"/><circle class="f-card" cx="{{ $middle }}" cy="110" r="48"/>
                <circle class="f-steel" cx="{{ $middle }}" cy="110" r="26"/><circle class="f-card" cx="{{ $middle }}" cy="110" r="13"/>
            @endforeach
            <text class="svg-t" x="90" y="116" text-anchor="middle">old</text><text class="svg-t" x="270" y="116"
                text-anchor="middle">new</text>
            @break
        @case('housing')
            <path class="ln-thick" d="M210 24L232 40H300V180H232L210 196"/><path class="f-steel" d="M60 30H80V190H60Z"/>
            <path class="ln-thick" d="M96 44L116 96M96 176L116 124"/><path class="f-steel" d="M246 96H276V124H246Z"/>
            <path class="ghost" d="M30 110H340M210 14V206"/><path class="ln" d="M116 96H210M210 84H246"/>
            <text class="svg-t" x="150" y="90">A</text><text class="svg-t" x="222" y="78">B</text>
            @break
        @case('chain')
            <path class="ln-thick" d="M62 24V60L40 156"/><circle class="f-card" cx="62" cy="24" r="7"/><path class="f-steel"
                d="M20 154L48 162L46 170L18 162Z"/>
            <path class="f-steel" d="M88 54H138V80H88Z"/><path class="ln" d="M62 66H88M138 66H160V148H166"/>
            <path class="f-steel" d="M166 134H206V162H166Z"/><path class="ln" d="M206 148H244"/><path class="ln-thick" d="M248 190L268 96"/>
            <circle class="f-card" cx="257" cy="150" r="6"/><path class="f-steel" d="M272 88H296V120H272Z"/>
            <path class="ln-thick" d="M322 40L308 100M322 180L308 122"/><path class="f-lining" d="M336 30H350V190H336Z"/>
            @break
        @case('ring')
            <path class="ln-thick" d="M62 20V50L44 146"/><path class="f-steel" d="M24 142L52 152L50 160L22 152Z"/>
            <path class="f-steel" d="M150 60H200V160H150Z"/><path class="ln-thick" d="M164 20V60M164 160V200"/>
            <path class="f-lining" d="M214 50H226V170H214Z"/><path class="f-steel" d="M226 40H246V180H226Z"/>
            <path class="ghost" d="M100 110H330"/>
            <text class="svg-t" x="152" y="186">bearing</text><text class="svg-t" x="230" y="34">brake</text>
            @break
        @case('bolts')
            <circle class="f-steel" cx="180" cy="110" r="92"/><circle class="f-card" cx="180" cy="110" r="44"/>
            @foreach ([[180, 38], [231, 59], [252, 110], [231, 161], [180, 182], [129, 161], [108, 110], [129, 59]] as [$bx, $by])
                <circle class="f-card" cx="{{ $bx }}" cy="{{ $by }}" r="10"/>
            @endforeach
            @break
        @case('pedal')
            <path class="ln-thick" d="M150 20V50L96 116"/><path class="f-steel" d="M80 112L108 124L104 134L76 122Z"/>
            <path class="ghost" d="M104 64C76 90 66 130 74 176"/><path class="ln-thick" d="M30 190H200"/><path class="ln" d="M120 126V188"/>
            @break
    @endswitch
    <path class="points" d="{{ $sketch->arrow() }}"/><circle class="points-at" cx="{{ $sketch->x }}" cy="{{ $sketch->y }}" r="6"/>
    @if (($band ?? null) !== null && $band->short() !== '')<text class="sketch-wanted" text-anchor="middle" x="{{ $sketch->words()['x']
        }}" y="{{ $sketch->words()['y'] }}">{{ $band->short() }}</text>@endif
</svg>
