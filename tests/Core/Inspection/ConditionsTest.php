<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Inspection\Condition;
use Spindle\Inspection\Conditions;
use Spindle\Inspection\ConditionsJudgement;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Judgement;

/*
 * What rejects a part at once, once more by hand. Common practice, no source.
 */
it('rejects a part for what is seen on it, or does not', function (string $part, string $word, Verdict $verdict, string $advice) {
    $condition = Conditions::on($part, Subjects::dictionary())?->find($word);

    expect($condition)->not->toBeNull()
        ->and($condition?->verdict)->toBe($verdict)
        ->and($condition?->consequence)->toContain($advice);
})->with([
    ['disc', 'oil', Verdict::Out, 'leak'],
    ['disc', 'cracks', Verdict::Out, 'replace'],
    ['disc', 'loose_lining', Verdict::Out, 'pieces'],
    ['disc', 'broken_spring', Verdict::Out, 'find the piece'],
    ['disc', 'loose_spring', Verdict::Out, 'replace'],
    ['disc', 'cracked_cushion', Verdict::Out, 'replace'],
    ['disc', 'bent', Verdict::Out, 'replace'],
    ['disc', 'blue', Verdict::Out, 'overheated'],
    ['disc', 'glazed', Verdict::Out, 'overheated'],
    ['disc', 'grooves_gone', Verdict::Out, 'stick to the flywheel'],
    ['disc', 'wrong_way', Verdict::Out, 'which side faced where'],
    ['disc', 'tight_hub', Verdict::Out, 'hub or shaft'],
    ['disc2', 'oil', Verdict::Out, 'leak'],
    ['cover', 'cracks', Verdict::Out, 'replace'],
    ['cover', 'heat_spots', Verdict::Out, 'how many and where'],
    ['cover', 'scoring', Verdict::Out, 'replace'],
    ['cover', 'broken_finger', Verdict::Out, 'find the piece'],
    ['cover', 'bent_strap', Verdict::Out, 'dropped'],
    ['cover', 'broken_lug', Verdict::Out, 'find the piece'],
    ['cover', 'missing_spring', Verdict::Out, 'find the spring'],
    ['cover', 'blue_spring', Verdict::Out, 'overheated'],
    ['cover', 'uneven_lever', Verdict::Out, 'pivot lug'],
    ['flywheel', 'faint_marks', Verdict::Within, 'scuff'],
    ['flywheel', 'heat_spots', Verdict::Out, 'grind'],
    ['flywheel', 'scoring', Verdict::Out, 'grind'],
    ['flywheel', 'cracks', Verdict::Out, 'deeper than the crack'],
    ['flywheel', 'open_crack', Verdict::Out, 'replace'],
    ['flywheel', 'bolt_holes', Verdict::Out, 'replace'],
    ['flywheel', 'not_rated', Verdict::Out, 'replace'],
    ['flywheel', 'grease_thrown', Verdict::Out, 'replace'],
    ['flywheel', 'noisy', Verdict::Out, 'replace'],
    ['flywheel', 'loose_bolts', Verdict::Near, 'judders'],
    ['flywheel', 'ring_gear', Verdict::Out, 'replace'],
    ['pilot', 'rough', Verdict::Out, 'replace'],
    ['pilot', 'loose', Verdict::Out, 'replace'],
    ['pilot', 'seized', Verdict::Out, 'shaft'],
    ['pilot', 'dry', Verdict::Out, 'replace'],
    ['pilot', 'seal_torn', Verdict::Out, 'replace'],
    ['pilot', 'binds', Verdict::Out, 'no felt play, no bind'],
    ['bearing', 'rough', Verdict::Out, 'replace'],
    ['bearing', 'dry', Verdict::Out, 'replace'],
    ['bearing', 'noisy', Verdict::Out, 'replace'],
    ['bearing', 'wet', Verdict::Out, 'complete'],
    ['bearing', 'loose', Verdict::Out, 'replace'],
    ['bearing', 'clip', Verdict::Out, 'clip'],
    ['bearing', 'overgreased', Verdict::Near, 'a pump or two a year'],
    ['bearing', 'face_track', Verdict::Near, 'replace'],
    ['fork', 'bent', Verdict::Out, 'overloaded'],
    ['fork', 'cracked', Verdict::Out, 'replace'],
    ['fork', 'worn_pads', Verdict::Out, 'stroke'],
    ['fork', 'worn_pivot', Verdict::Out, 'pivot'],
    ['sleeve', 'stepped', Verdict::Out, 'judders'],
    ['sleeve', 'catches', Verdict::Out, 'burr'],
    ['sleeve', 'loose', Verdict::Out, 'seat'],
    ['shaft', 'stepped', Verdict::Out, 'hang on the steps'],
    ['shaft', 'rust', Verdict::Near, 'smear'],
    ['shaft', 'twisted', Verdict::Out, 'replace'],
    ['shaft', 'worn_tip', Verdict::Out, 'pilot'],
    ['seals', 'shaft_wet', Verdict::Out, 'now'],
    ['seals', 'rear_wet', Verdict::Out, 'now'],
    ['surroundings', 'starter_ring', Verdict::Near, 'ring'],
    ['surroundings', 'dowels', Verdict::Out, 'dowels'],
    ['surroundings', 'engine_mount', Verdict::Out, 'imitates'],
    ['surroundings', 'gearbox_mount', Verdict::Out, 'imitates'],
    ['surroundings', 'joints', Verdict::Out, 'judders'],
    ['surroundings', 'brake_drags', Verdict::Out, 'imitates'],
    ['intermediate', 'cracks', Verdict::Out, 'replace'],
    ['intermediate', 'heat_spots', Verdict::Out, 'replace'],
    ['intermediate', 'scoring', Verdict::Out, 'replace'],
    ['intermediate', 'worn_pins', Verdict::Out, 'square to the face'],
    ['intermediate', 'sticks', Verdict::Out, 'drags'],
    ['two_stage', 'cracks', Verdict::Out, 'one unit'],
    ['two_stage', 'scoring', Verdict::Out, 'one unit'],
    ['two_stage', 'broken_lug', Verdict::Out, 'before the engine is started'],
    ['two_stage', 'missing_spring', Verdict::Out, 'before the engine is started'],
    ['two_stage', 'blue_spring', Verdict::Out, 'overheated'],
    ['two_stage', 'marks_lost', Verdict::Near, 'balance'],
    ['two_stage', 'boss_reversed', Verdict::Out, 'which way'],
]);

it('has no condition beyond these that nobody checked', function () {
    $all = [];
    foreach (
        array_filter(Subjects::dictionary()->judgements, static fn (Judgement $j): bool => $j instanceof ConditionsJudgement) as $judgement
    ) {
        $all[$judgement->conditions->part] = $judgement->conditions->all();
    }

    expect($all)
        ->toHaveCount(13)
        ->and(array_sum(array_map(count(...), array_diff_key($all, ['disc2' => []]))))
        ->toBe(77)
        ->and($all['disc2'])
        ->toEqual($all['disc'])
        ->and(Conditions::on('gearbox', Subjects::dictionary()))
        ->toBeNull();
});

it('does not let nothing found stand beside something found', function (array $ticked, array $kept) {
    expect(Condition::sensible($ticked))->toBe($kept);
})->with([[['none'], ['none']], [['none', 'oil'], ['oil']], [['oil', 'bent'], ['oil', 'bent']], [[], []]]);
