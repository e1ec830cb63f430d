<th scope="col" class="pick"><label><span class="sr-only">Choose all on this page</span><input type="checkbox" data-picks-all hidden></label></th>
