@extends('office.layout')
@section('title', 'Mails on their way')
@section('state', 'addresses stand in no list')
@section('content')
<div class="page">
<nav aria-label="State" class="choices">
@foreach ($page->tabs as $tab)
<a href="{{ $tab->url }}" @if ($tab->current) aria-current="true" @endif>{{ $tab->name }} <span class="figure">{{ $tab->count }}</span></a>
@endforeach
<a href="{{ $page->csv }}">CSV</a>
</nav>
<p class="soft">{{ $page->meaning }}</p>
@if ($page->rows === [])
<p>No mail stands here.</p>
@else
<table>
<thead><tr><th scope="col">Made</th><th scope="col">Mail</th><th scope="col">Form</th><th scope="col" class="figure">Tries</th>
<th scope="col">What happened</th><th scope="col">Whom it is for</th><th scope="col">Message-ID</th>
@can('decide', App\Models\Delivery::class)<th scope="col">Decide</th>@endcan</tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
<td>{{ $row->made }}</td>
<td>{{ $row->mail }}</td>
<td>{{ $row->from }}</td>
<td class="figure">{{ $row->tries }}</td>
<td>{{ $row->happened }}</td>
<td>@if ($row->person !== null)@can('viewAny', App\Models\Subscriber::class)<a href="{{ $row->person }}">this person</a>@else a person @endcan
@endif<br><span class="soft">{{ $row->journey }}</span></td>
<td class="mono">{{ $row->key }}</td>
@can('decide', App\Models\Delivery::class)
<td class="doing">@if ($row->again !== null)<form method="post" action="{{ $row->again }}">@csrf<button>Send again</button></form>@endif
@if ($row->leave !== null)<form method="post" action="{{ $row->leave }}">@csrf<button class="plain">Leave it</button></form>@endif</td>
@endcan
</tr>
@endforeach
</tbody>
</table>
{{ $page->pages }}
@endif
</div>
@endsection
