@php($found = $drawings->foundRatios())
<p class="soft small my-2">{{ $found === '' ? 'A ratio can be found by moving one end a known amount and measuring the other, below.'
    : "Found by moving: {$found}." }}</p>
