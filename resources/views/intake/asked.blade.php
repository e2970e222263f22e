@piece('asked', 'div', ['hidden' => 'hidden', 'data-hide' => implode(' ', $bench->notAsked($station)) ?: ' ']) @endpiece
