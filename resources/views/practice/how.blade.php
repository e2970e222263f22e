<label>Kind <select class="plain" name="class"><option value="">any</option>
    @foreach ($classes as $class)<option value="{{ $class->value }}" @selected(request('class') === $class->value)>{{
        ucfirst($class->value) }}</option>@endforeach</select></label>
<label>How hard <select class="plain" name="level">
    @foreach ($levels as $level)<option value="{{ $level->value }}" @selected(
        request('level', 'plain') === $level->value)>{{
        $level->label() }}</option>@endforeach</select></label>
<label>What triage and the bench say <select class="plain" name="tell">
    @foreach ($tells as $tell)<option value="{{ $tell->value }}" @selected(request('tell', 'asked') === $tell->value)>{{
        $tell->label() }}</option>@endforeach</select></label>
