@extends('office.layout')
@section('title', $page->title)
@section('own-title', 'yes')
@section('content')
@include('wording.tabs', ['tab' => $tab])
@include('records.body')
@endsection
