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
<caption>Mails</caption>
<thead><tr>@if ($page->again)@can('decide', App\Models\Delivery::class)<x-pick-all />@endcan @endif
<x-sorted column="made" :by="$page->sorting">Made</x-sorted><x-sorted column="mail" :by="$page->sorting">Mail</x-sorted>
<x-sorted column="form" :by="$page->sorting">Form</x-sorted><x-sorted column="tries" :by="$page->sorting" class="figure">Tries</x-sorted>
<th scope="col">What happened</th><th scope="col">Whom it is for</th><th scope="col">Message-ID</th>
@if ($page->again)@can('decide', App\Models\Delivery::class)<th scope="col">Decide</th>@endcan @endif</tr></thead>
<tbody>
@foreach ($page->rows as $row)
<tr>
@if ($page->again)@can('decide', App\Models\Delivery::class)<x-pick :id="$row->id" :what="'mail '.$row->key" />@endcan @endif
<td class="line">{{ $row->made }}</td>
<td>{{ $row->mail }}</td>
<td>{{ $row->from }}</td>
<td class="figure">{{ $row->tries }}</td>
<td @class(['line' => ! $page->again])>{{ $row->happened }}</td>
<td><p>@if ($row->person !== null)@can('viewAny', App\Models\Subscriber::class)<a href="{{ $row->person }}">this person</a>@else a person @endcan
@endif <span class="soft">{{ $row->journey }}</span></p></td>
<td class="mono">{{ $row->key }}</td>
@if ($page->again)@can('decide', App\Models\Delivery::class)
<td class="doing">@if ($row->again !== null)<form method="post" action="{{ $row->again }}">@csrf<button>Send again</button></form>@endif
@if ($row->leave !== null)<form method="post" action="{{ $row->leave }}">@csrf<button class="plain">Leave it</button></form>@endif</td>
@endcan @endif
</tr>
@endforeach
</tbody>
</table>
@if ($page->again)@can('decide', App\Models\Delivery::class)
<x-several :action="route('mails.several')" what="mails"><input type="hidden" name="state" value="{{ $page->state }}">
<button name="act" value="again">Send them again</button>
@if ($page->leave)<button name="act" value="leave" class="plain">Leave them</button>@endif</x-several>
@endcan @endif
{{ $page->pages }}
@endif
</div>
@endsection
