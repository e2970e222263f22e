<form method="post" action="{{ $action }}" enctype="multipart/form-data" id="photo-{{ $part }}"><input type="hidden" name="_token"
    value="{{ $token }}"><input type="hidden" name="station" value="strip"><input type="hidden" name="part" value="{{ $part }}"></form>
