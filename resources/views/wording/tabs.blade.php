<nav class="ways choices" aria-label="Wording">
@foreach ([
    'wording' => 'Statements', 'wording.mails' => 'Mails', 'wording.starters' => 'Starters', 'wording.registers' => 'Registers', 'house' => 'House rules',
    'wording.notice' => 'For the notice', 'wording.library' => 'Translation and library',
] as $to => $name)
<a href="{{ $to === 'house' ? route('records.show', ['rules', 'house']) : route($to) }}" @if ($to === ($tab ?? request()->route()->getName()))
 aria-current="page" @endif>{{ $name }}</a>
@endforeach
</nav>
