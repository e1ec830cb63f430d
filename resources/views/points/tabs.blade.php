<nav class="ways choices" aria-label="Signup points">
<a href="{{ route('points') }}" @if (request()->routeIs('points')) aria-current="page" @endif>List</a>
<a href="{{ route('rules') }}" @if (request()->routeIs('rules')) aria-current="page" @endif>By rules</a>
<a href="{{ route('lists') }}" @if (($tab ?? '') === 'lists' || request()->routeIs('lists')) aria-current="page" @endif>Lists and destinations</a>
@can('viewAny', App\Models\Enquiry::class)<a href="{{ route('enquiries') }}" @if (request()->routeIs('enquiries*')) aria-current="page"
 @endif>Enquiries</a>@endcan
</nav>
