<details class="after" @if ($after->isOpen) open @endif><summary id="after">What people see afterwards</summary>
<p class="soft">Our pages say what is needed in every language: where to look for the mail, how to have it once more, how to mend the address; that stays.
 What you write comes before it. A page of your own is led to only at hosts that the house allows: {{ $after->hosts }}.</p>
<p class="sentence">What stands after sending <x-place.choice :of="$after->inPlace">.</x-place.choice></p>
<table class="asked"><caption>What people see afterwards, by language</caption>
<tbody>
@foreach ($after->languages as $lines)
<tr><th scope="rowgroup" colspan="2">{{ $lines->endonym }}</th></tr>
<tr><td>After sending</td><td><x-place.line :of="$lines->sent" /></td></tr>
<tr><td>After confirming</td><td><x-place.line :of="$lines->confirmed" /></td></tr>
<tr><td>Next step</td><td><x-place.line :of="$lines->next" /> at <x-place.line :of="$lines->nextTo" /></td></tr>
<tr><td>Instead of our page</td><td>after sending <x-place.line :of="$lines->sentTo" />, after confirming <x-place.line :of="$lines->confirmedTo" /></td></tr>
@endforeach
</tbody></table>
</details>
