{{-- What comes while the lines are moved; the reason that somebody is writing stands between, and stays. --}}
@include('screening.follows')
@include('screening.moved', ['part' => true])
@if ($page->isElsewhere)
@can('decide', App\Models\HeldSubmission::class)@include('screening.draws', ['part' => true])@endcan
<input type="hidden" name="draws" id="draws" value="{{ $page->view->point->slug ?? '' }}" hx-swap-oob="true">
@endif
