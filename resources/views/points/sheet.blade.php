@extends('office.layout')
@section('title', $page->name)
@section('own-title', 'yes')
@section('content')
@include('points.body')
@endsection
