@piece('asked', 'div', ['hidden' => 'hidden', 'data-hide' => implode(' ', $page->notAsked($station)) ?: ' ']) @endpiece
