<x-station-form :page="$page" :station="$station"><div class="fields">
    @foreach ($time->readings() as $key)@reading($key)@endforeach
</div></x-station-form>
