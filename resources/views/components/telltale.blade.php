@props(['page', 'station'])
@include('job.tell')
