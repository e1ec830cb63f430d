@props(['of', 'part' => false])
<div id="reads-{{ $of->language }}" @if ($part) data-part @endif>
<p class="as-read" lang="{{ $of->language }}"><span class="box" aria-hidden="true"></span><span>{!! $of->read !!}</span></p>
<p class="soft">{{ $of->ease }}</p>
</div>
