<nav class="ways choices" aria-label="Audit">
<a href="{{ route('audit') }}" @if (request()->routeIs('audit')) aria-current="page" @endif>How forms stand</a>
<a href="{{ route('audit.forms') }}" @if (request()->routeIs('audit.form*')) aria-current="page" @endif>Forms from elsewhere</a>
<a href="{{ route('audit.all') }}" @if (request()->routeIs('audit.all', 'audit.taken')) aria-current="page" @endif>Audits taken</a>
<a href="{{ route('requirement', 'no-preset-answer') }}" @if (request()->routeIs('requirement')) aria-current="page" @endif>Requirements</a>
</nav>
