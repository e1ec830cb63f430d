@extends('office.layout')
@section('title', $page->title)
@section('own-title', 'yes')
@section('content')
@include($tab === 'lists' ? 'points.tabs' : 'wording.tabs', ['tab' => $tab])
@include('records.body')
@if ($page->maySign())
<section class="page apart" aria-label="Sign">
<form method="post" action="{{ $page->to('sign') }}" enctype="multipart/form-data" class="ask">@csrf
<label for="sign">The sign of the house</label><input type="file" id="sign" name="sign" accept="image/png,image/jpeg,image/webp,image/gif" required
 @error('sign') aria-invalid="true" aria-describedby="wrong-sign" @enderror><button>Put it on the look</button>
<span class="soft">It stands above every form; it is made small, and nothing else of its file is kept.</span>
@error('sign')<p class="wrong" id="wrong-sign" role="alert">{{ $message }}</p>@enderror
</form></section>
@endif
@if ($page->judged->proof() !== null && $page->mayWrite)
<section class="page apart" aria-label="Send it to me">
<form method="post" action="{{ route('mails.send', [$page->record->slug, $page->judged->proof()->shown]) }}" class="ask">@csrf
<button>Send it to me</button>
<span class="soft">As it is saved, in the language of the proof, to your own address; its links lead nowhere.</span></form></section>
@endif
@if ($page->maySign())
<section class="page apart" aria-label="Sender">
<form method="post" action="{{ route('senders.ask', $page->record->slug) }}" class="ask">@csrf
<button>Verify the sender</button><span class="soft">Sends a mail to the address that mails come from; whoever reads it says so.</span>
@error('sender')<p class="wrong" role="alert">{{ $message }}</p>@enderror</form></section>
@endif
@if ($page->isDestination() && $page->mayWrite)
<section class="page apart" aria-label="Fields and test">
<form method="post" action="{{ route('destinations.fetch', $page->record->slug) }}" class="ask">@csrf
<button>Fetch its fields</button><span class="soft">Asks the service which fields and groups it has, and how it takes addresses.</span></form>
<form method="post" action="{{ route('destinations.try', $page->record->slug) }}" class="ask">@csrf
<button>Try it</button><span class="soft">Hands over your own address as confirmed, says in which state it arrived, and takes it back.</span>
@error('service')<p class="wrong" role="alert">{{ $message }}</p>@enderror</form></section>
@endif
@if ($page->mayCopy)
<section class="page apart" aria-label="Name and copy">
@if ($page->mayWrite)
<form method="post" action="{{ route('statements.rename', $page->record->slug) }}" class="ask">@csrf
<label for="rename">It is called</label><input id="rename" name="rename" class="short" autocomplete="off" value="{{ old('rename', $page->record->called()) }}"
 @error('rename') aria-invalid="true" aria-describedby="wrong-rename" @enderror><button>Rename</button>
<span class="soft">Entries go on naming it <span class="mono">{{ $page->record->slug }}</span>.</span>
@error('rename')<p class="wrong" id="wrong-rename" role="alert">{{ $message }}</p>@enderror
</form>
@endif
<form method="post" action="{{ route('statements.copy', $page->record->slug) }}" class="ask">@csrf
<label for="copy">Copy its words as</label><input id="copy" name="copy" class="short" autocomplete="off" value="{{ old('copy') }}"
 @error('copy') aria-invalid="true" aria-describedby="wrong-copy" @enderror><button>Copy</button>
@error('copy')<p class="wrong" id="wrong-copy" role="alert">{{ $message }}</p>@enderror
</form></section>
@endif
@endsection
