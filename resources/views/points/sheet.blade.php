@extends('office.layout')
@section('title', $sheet->name)
@section('own-title', 'yes')
@section('content')
@include('points.body', ['conflicts' => [], 'news' => ''])
@endsection
