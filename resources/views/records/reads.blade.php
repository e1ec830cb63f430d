@php($ease = Juramen\Wording\ReadingEase::of(Juramen\Wording\Markup::words($filled->texts->has($language) ? $filled->texts->in($language) : ''), $language))
<div id="reads-{{ $language->value }}" @if ($oob) hx-swap-oob="true" @endif>
<p class="as-read" lang="{{ $language->value }}"><span class="box" aria-hidden="true"></span><span>{!! Juramen\Wording\Markup::html($filled->texts->has($language) ? $filled->texts->in($language) : '') !!}</span></p>
<p class="soft">{{ $ease->words }} words, longest sentence {{ $ease->longest }}; {{ $ease->says() }}.</p>
</div>
