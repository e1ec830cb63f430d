@php($ease = Juramen\Wording\ReadingEase::of(Juramen\Wording\Markup::words($filled->texts->has($language) ? $filled->texts->in($language) : ''), $language))
<div id="reads-{{ $language->value }}" @if ($oob) hx-swap-oob="true" @endif>
<p class="as-read" lang="{{ $language->value }}"><span class="box" aria-hidden="true"></span><span>{!! Juramen\Wording\Markup::html($filled->texts->has($language) ? $filled->texts->in($language) : '') !!}</span></p>
<p class="soft">@if ($ease->words === 0)Nothing is written yet.@else{{ $ease->words }} {{ $ease->words === 1 ? 'word' : 'words' }}, longest sentence {{ $ease->longest }}; {{ $ease->says() }}.@endif</p>
</div>
