@props(['says' => ''])
<h2 class="notes-head soft"><span class="beside-page">Notes</span><button type="button" class="drawer" id="notes-drawer" data-drawer aria-expanded="false"
 aria-controls="margin">Notes <b>{{ $says }}</b></button></h2>
