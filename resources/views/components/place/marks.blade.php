@props(['of', 'at', 'part' => false])
<span class="marks" id="marks-{{ $at }}" @if ($part) data-part @endif><x-marks :of="$of" /></span>
