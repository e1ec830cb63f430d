@forelse ($difference as $part)
<section><h2><span>{{ $part->part->value }}</span> {{ $part->part->title() }}</h2>
@foreach ($part->sentences as $sentence)<x-difference :of="$sentence" />@endforeach
</section>
@empty
<p>Nothing differs.</p>
@endforelse
