<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\FailureReason;
use Spindle\Assessment\Standing;
use Spindle\Assessment\Subjects;
use Spindle\Assessment\WhyItFailed;
use Spindle\Inspection\Conditions;
use Spindle\Triage\Causes;
use Spindle\Triage\Opened;

/*
 * What the open clutch answers to triage. Which part shows which cause is common practice, no source.
 */

/**
 * @param  list<string>  $signs
 * @param  array<string, mixed>  $readings
 * @param  array<string, string>  $vehicle
 * @return array<string, FailureReason> by cause
 */
function why(array $signs, array $readings, array $vehicle = ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid']): array
{
    $readings = $signs === [] ? $readings : $readings + ['triage.signs' => $signs];
    $sheet = sheetOfJson(
        (string) json_encode([
            'format' => 'jade-spindle/job-sheet',
            'version' => 1,
            'vehicle' => $vehicle,
            'readings' => (object) $readings,
        ]),
    );
    $reasons = WhyItFailed::of($sheet, Assessment::of($sheet));

    return array_combine(array_map(static fn (FailureReason $r): string => $r->cause->id, $reasons), $reasons);
}

const WORN = ['disc.thickness_new' => '8.3 mm', 'disc.thickness' => '6.4 mm', 'disc.usable_per_side' => '1 mm'];
const GOOD = [
    'disc.thickness_new' => '8.3 mm',
    'disc.thickness' => '8.1 mm',
    'disc.usable_per_side' => '1 mm',
    'disc.conditions' => ['none'],
];

it('says nothing before any part was looked at', fn () => expect(why(['slip_load'], []))->toBe([]));

it('confirms, contradicts, leaves open, or finds what nobody suspected', function (
    array $signs,
    array $readings,
    string $cause,
    ?Standing $standing,
) {
    expect((why($signs, $readings)[$cause] ?? null)?->standing)->toBe($standing);
})->with([
    'worn, as thought' => [['slip_high_gear', 'bites_high', 'many_km'], WORN, 'lining_worn', Standing::Confirmed],
    'not worn at all' => [['slip_high_gear', 'bites_high', 'many_km'], GOOD, 'lining_worn', Standing::Contradicted],
    'worn, not measured' => [
        ['slip_high_gear', 'bites_high', 'many_km'],
        ['disc.conditions' => ['none']],
        'lining_worn',
        Standing::NotLookedAt,
    ],
    'oil nobody thought of' => [['whine_down', 'grabs', 'hard_hot'], ['disc.conditions' => ['oil']], 'oil_on_lining', Standing::Found],
    'pilot, as thought' => [['whine_down', 'grabs', 'hard_hot'], ['pilot.play' => '0.5 mm'], 'pilot', Standing::Confirmed],
    'pilot, sound' => [
        ['whine_down', 'grabs', 'hard_hot'],
        ['pilot.play' => '0.1 mm', 'pilot.conditions' => ['none']],
        'pilot',
        Standing::Contradicted,
    ],
    'pilot, measured but not looked at' => [
        ['whine_down', 'grabs', 'hard_hot'],
        ['pilot.play' => '0.1 mm'],
        'pilot',
        Standing::NotLookedAt,
    ],
    'air cannot be seen' => [['spongy', 'pumping_helps', 'after_hydraulic'], GOOD, 'air', Standing::NotToBeSeen],
    'not suspected, not found' => [['spongy', 'pumping_helps', 'after_hydraulic'], GOOD, 'lining_worn', null],
    'no triage at all' => [[], WORN, 'lining_worn', Standing::Found],
    'wrong way round' => [['after_clutch', 'window'], ['disc.conditions' => ['wrong_way']], 'disc_wrong_way', Standing::Confirmed],
    'spots on the map' => [['judder', 'towing'], ['flywheel.marks' => ['heat_spot 3 100 mm']], 'flywheel_spots', Standing::Confirmed],
    'bearing' => [['noise_down'], ['bearing.conditions' => ['rough']], 'release_bearing', Standing::Confirmed],
    'a bearing that is sound' => [['noise_down'], ['bearing.conditions' => ['none']], 'release_bearing', Standing::Contradicted],
]);

it('puts what was found first and what is open last', function () {
    $order = array_map(
        static fn (FailureReason $r): int => array_search($r->standing, Standing::cases(), true),
        array_values(why(['slip_high_gear', 'judder'], WORN + ['flywheel.conditions' => ['none']])),
    );
    $sorted = $order;
    sort($sorted);

    expect($order)->toBe($sorted)->and($order)->not->toBe([]);
});

it('says a brake worn with good linings was used on the move, and one worn with them was just old', function () {
    $truck = ['class' => 'truck', 'actuation' => 'pull', 'flywheel' => 'solid', 'discs' => 'one'];

    expect(why([], GOOD + ['truck.brake' => 'worn'], $truck))->toHaveKeys(['brake_hit', 'brake_worn'])
        ->and(why([], WORN + ['truck.brake' => 'worn'], $truck))->toHaveKey('brake_worn')->not->toHaveKey('brake_hit')
        ->and(why(['first_from_rest'], GOOD + ['truck.brake' => 'good'], $truck)['brake_worn']->standing)->toBe(Standing::Contradicted)
        ->and(why(['first_from_rest'], GOOD, $truck)['brake_worn']->because(metric()))->toBe('Still to look at: clutch brake.');
});

it('names the parts still to be looked at, and only those the vehicle has', function () {
    $flat = ['cover.flatness' => ['0.05 mm', '0.05 mm', '0.05 mm']];
    $open = why(['after_clutch', 'hard_running', 'reverse_grinds'], $flat)['hub_binds'] ?? null;

    expect($open?->standing)
        ->toBe(Standing::NotLookedAt)
        ->and($open?->sentence(metric()))
        ->toContain('disc')
        ->toContain('shaft')
        ->not->toContain('second disc');
});

it('has proofs only for causes there are, and each of a place that exists', function () {
    foreach (Causes::all() as $id => $cause) {
        foreach (Opened::proofs($id) as $proof) {
            [$part, $word] = [...explode(':', $proof), ''];
            expect($word === '' || $part === 'truck' || Conditions::on($part, Subjects::dictionary())?->find($word) !== null)->toBeTrue(
                "{$id}: {$proof}",
            );
        }
    }
    expect(Opened::proofs('no such cause'))->toBe([]);
});

it('can both confirm and contradict every cause it has proofs for, but those only a reading shows', function () {
    $count = count(array_filter(array_keys(Causes::all()), static fn (string $id): bool => Opened::proofs($id) !== []));

    expect($count)->toBe(25);
});
