@extends('office.layout')
@section('title', 'Held submissions')
@section('state', $page->state)
@section('content')
@include('screening.tabs')
@include('office.held-list')
@endsection
@push('scripts')
<script src="/build/held.js" defer></script>
@endpush
