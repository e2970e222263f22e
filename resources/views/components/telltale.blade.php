@props(['page', 'entries', 'station'])
@include('job.tell')
