@props(['bench', 'station'])
@include('job.tell')
