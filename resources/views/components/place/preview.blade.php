@props(['of', 'oob' => false])
<div id="reads-{{ $of->language }}" @if ($oob) data-part @endif>
<p class="as-read" lang="{{ $of->language }}"><span class="box" aria-hidden="true"></span><span>{!! $of->read !!}</span></p>
<p class="soft">{{ $of->ease }}</p>
</div>
