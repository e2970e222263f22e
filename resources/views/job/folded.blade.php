<p class="no-js-only"><a class="btn" href="{{ $address }}">Open it</a></p>
