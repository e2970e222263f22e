<x-station-form :page="$page" :station="$station"><div class="fields">
    @foreach ($tasks as $task)@reading(Spindle\Planning\PlanningFields::taken($task))@endforeach
</div></x-station-form>
