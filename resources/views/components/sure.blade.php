@props(['does', 'asks', 'form' => null])
<details class="sure"><summary>{{ $does }}</summary>
<span class="soft">{{ $asks }}</span>
<button class="breach" @if ($form !== null) form="{{ $form }}" @endif {{ $attributes }}>Yes, {{ lcfirst($does) }}</button></details>
