@extends('office.layout')
@section('title', 'Mails on their way')
@section('state', 'addresses stand in no list')
@section('content')
<div class="page">
<nav aria-label="State" class="choices">
@foreach (App\Models\MessageState::cases() as $each)
<a href="{{ route('mails', ['state' => $each->value]) }}" @if ($each === $state) aria-current="true"
 @endif>{{ ucfirst($each->value) }} <span class="figure">{{ $counts[$each->value] ?? 0 }}</span></a>
@endforeach
<a href="{{ route('mails', ['state' => $state->value, 'as' => 'csv']) }}">CSV</a>
</nav>
<p class="soft">{{ __('office.mail-states.'.$state->value) }}</p>
@if ($mails->isEmpty())
<p>No mail stands here.</p>
@else
<table>
<thead><tr><th scope="col">Laid out</th><th scope="col">Mail</th><th scope="col">Form</th><th scope="col" class="figure">Tries</th>
<th scope="col">What happened</th><th scope="col">Message-ID</th>@can('decide', App\Models\Message::class)<th scope="col">Decide</th>@endcan</tr></thead>
<tbody>
@foreach ($mails as $mail)
<tr>
<td>{{ App\Support\Moments::exact($mail->made_at) }}</td>
<td>{{ ucfirst($mail->kind->value) }}, {{ $mail->language->endonym() }}</td>
<td>{{ $mail->edition->point->slug }}, edition {{ $mail->edition->number }}</td>
<td class="figure">{{ $mail->attempts }}</td>
<td>{{ $mail->problem === null ? '' : (str_starts_with($mail->problem, 'server-said-') ? 'The mail server said '.substr($mail->problem, 12) : __('office.problems.'.$mail->problem)) }}</td>
<td class="mono">{{ substr($mail->message_id, 0, 8) }}</td>
@can('decide', App\Models\Message::class)
<td>@if (in_array($mail->state, [App\Models\MessageState::Uncertain, App\Models\MessageState::Failed], true))<form method="post"
 action="{{ route('mails.again', $mail) }}">@csrf<button>Send again</button></form>@endif</td>
@endcan
</tr>
@endforeach
</tbody>
</table>
{{ $mails->links('office.pages') }}
@endif
</div>
@endsection
