@props(['of', 'mend', 'toWrite' => [], 'sound' => true, 'atOnce' => null, 'say' => null])
@if ($toWrite !== [])
<section class="to-write"><p><b>To be written</b></p>
<ul>@foreach ($toWrite as $each)<li><a href="#{{ $each->at }}">{{ $each->says }}</a></li>@endforeach</ul>
<p>It is judged once it is written.</p></section>
@endif
@foreach (array_slice($of, 0, $atOnce) as $note)<x-note :note="$note" :mend="$mend" :say="$say" />@endforeach
@if ($atOnce !== null && count($of) > $atOnce)
<details id="more-notes" class="more-notes"><summary id="more-notes-says">{{ count($of) - $atOnce }} more, less grave</summary>
@foreach (array_slice($of, $atOnce) as $note)<x-note :note="$note" :mend="$mend" :say="$say" />@endforeach
</details>
@endif
@if ($of === [] && $toWrite === [] && $sound)
<p class="met"><span aria-hidden="true">✓</span> No finding</p>
<p class="soft">What was checked is met. What only a person can judge is not among it.</p>
@endif
