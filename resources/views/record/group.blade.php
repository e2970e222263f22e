<a class="link" href="{{ $entries->links->to($where) }}">To {{ $where->label() }}</a>
@foreach ($at->openAt($where) as $finding)
    @include('record.open')
@endforeach
