<div id="asked" hidden data-hide="{{ implode(' ', $bench->notAsked($station)) }}" @if ($oob ?? false) hx-swap-oob="true" @endif></div>
