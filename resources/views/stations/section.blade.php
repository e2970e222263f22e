@include($section->view, ['keys' => $section->keys, ...$section->given])
