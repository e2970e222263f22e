<defs><pattern id="{{ $id }}" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="hatch-line"
    d="M0 0v9"/></pattern></defs>
