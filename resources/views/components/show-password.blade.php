{{-- Shows what is typed in the passwords of its form; it needs the page's script, and is not there without. --}}
<label class="small needs-js flex min-h-11 items-center gap-2"><input class="h-6 w-6" type="checkbox"
    data-show-passwords autocomplete="off"> Show what I type</label>
