@php($job = $page->job)
<x-layout :title="'Sheet '.$job->label()">
    <x-slot:what><a class="link small" href="{{ route('station', [$job, 'record']) }}">Back to the record</a></x-slot:what>
    <x-slot:actions><button type="button" class="btn" id="print-button">Print</button></x-slot:actions>
    <main class="sheet" id="work">
        @include('printed.body')
    </main>
</x-layout>
