{{-- Shows what is typed in the passwords of its form; it needs the page's script, and is not there without. --}}
<label class="small needs-js"><input type="checkbox" data-show-passwords autocomplete="off"> Show what I type</label>
