@forelse ($difference as $part => $sentences)
<section><h2><span>{{ $part }}</span> {{ Juramen\Points\Sentences::PARTS[$part] }}</h2>
@foreach ($sentences as $sentence)
<p class="change">{!! App\Support\Underlines::difference($sentence) !!}</p>
@endforeach
</section>
@empty
<p>Nothing differs.</p>
@endforelse
