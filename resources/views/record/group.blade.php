@php($there = Spindle\Sheet\Station::from($where))
<a class="link" href="{{ $entries->links->to($there) }}">To {{ $there->label() }}</a>
@foreach ($at->openAt($where) as $finding)
    @include('record.open')
@endforeach
