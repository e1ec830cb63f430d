@extends('office.layout')
@section('title', $record->slug)
@section('own-title', 'yes')
@section('content')
@include('wording.ways', ['way' => match ($record->kind) { App\Models\RecordKind::Statement => 'wording', App\Models\RecordKind::Rules => 'house', default => 'wording.registers' }])
@include('records.body', ['conflicts' => [], 'news' => ''])
@endsection
