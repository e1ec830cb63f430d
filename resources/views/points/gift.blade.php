@if ($gift->begin)
<p class="sentence"><x-place.press :of="$gift->begin" /></p>
@else
<h3>What is given</h3>
<div class="sentence">People get @foreach ($gift->names as $line)<x-place.line :of="$line" />{{ $loop->last ? ',' : '' }} @endforeach
<x-place.choice :of="$gift->spot" />@if ($gift->file !== '') ({{ $gift->file }})@endif, which works for
<x-place.choice :of="$gift->days">.</x-place.choice></div>
<p class="soft">{{ $gift->when }} Withdrawing takes nothing back.</p>
<p class="line"><x-place.press :of="$gift->remove" /></p>
@endif
