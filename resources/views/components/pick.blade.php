@props(['id', 'what'])
<td class="pick"><label><span class="sr-only">Choose {{ $what }}</span><input type="checkbox" name="chosen[]" value="{{ $id }}" form="several"></label></td>
