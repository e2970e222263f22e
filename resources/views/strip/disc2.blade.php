@include('strip.disc')
