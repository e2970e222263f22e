@piece('asked', 'div', ['hidden' => 'hidden', 'data-hide' => implode(' ', $entries->notAsked($station)) ?: ' ']) @endpiece
