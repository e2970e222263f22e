<?php

declare(strict_types=1);

use Spindle\Planning\Network;
use Spindle\Planning\PlanningError;
use Spindle\Planning\ThreePoint;

use function Eris\Generator\choose;
use function Eris\Generator\vector;

uses(Eris\TestTrait::class);

/*
 * The critical path and the three-point rule against the worked example of a house under construction in F. S. Hillier and G. J. Lieberman,
 * Introduction to Operations Research, chapter on project management with PERT/CPM: 14 activities, 44 weeks, variance 9 (from memory).
 */

const HOUSE = [ // activity => [optimistic, most likely, pessimistic, waits for]
    'A' => [1, 2, 3, []], 'B' => [2, 3.5, 8, ['A']], 'C' => [6, 9, 18, ['B']], 'D' => [4, 5.5, 10, ['C']], 'E' => [1, 4.5, 5, ['C']],
    'F' => [4, 4, 10, ['E']], 'G' => [5, 6.5, 11, ['D']], 'H' => [5, 8, 17, ['E', 'G']], 'I' => [3, 7.5, 9, ['C']],
    'J' => [3, 9, 9, ['F', 'I']], 'K' => [4, 4, 4, ['J']], 'L' => [1, 5.5, 7, ['J']], 'M' => [1, 2, 3, ['H']],
    'N' => [5, 5.5, 9, ['K', 'L']],
];

function house(): Network
{
    return Network::of(
        array_map(static fn (array $a): float => ThreePoint::of($a[0], $a[1], $a[2])->expected(), HOUSE),
        array_map(static fn (array $a): array => $a[3], HOUSE),
    );
}

it('finds the critical path of the worked example, its length and its spread', function () {
    $network = house();
    $path = array_values(array_filter(array_keys(HOUSE), $network->isCritical(...)));

    expect($network->length)->toEqualWithDelta(44.0, 1e-9)
        ->and($path)->toBe(['A', 'B', 'C', 'E', 'F', 'J', 'L', 'N'])
        ->and(array_sum(array_map(static fn (string $a): float => ThreePoint::of(...array_slice(HOUSE[$a], 0, 3))->variance(), $path)))
        ->toEqualWithDelta(9.0, 1e-9);
});

it('gives each activity the expected weeks, start and slack of the book', function (string $a, float $weeks, float $start, float $slack) {
    expect(ThreePoint::of(...array_slice(HOUSE[$a], 0, 3))->expected())->toEqualWithDelta($weeks, 1e-9)
        ->and(house()->start($a))->toEqualWithDelta($start, 1e-9)
        ->and(house()->slack($a))->toEqualWithDelta($slack, 1e-9);
})->with([
    ['A', 2, 0, 0], ['B', 4, 2, 0], ['C', 10, 6, 0], ['D', 6, 16, 4], ['E', 4, 16, 0], ['F', 5, 20, 0], ['G', 7, 22, 4], ['H', 9, 29, 4],
    ['I', 7, 16, 2], ['J', 8, 25, 0], ['K', 4, 33, 1], ['L', 5, 33, 0], ['M', 2, 38, 4], ['N', 6, 38, 0],
]);

it('is as long as the longest of all ways through, counted one by one', function () {
    $this->forAll(vector(7, choose(0, 9)), vector(21, choose(0, 1)))->then(function (array $durations, array $arrows): void {
        $names = range('a', 'g');
        $durations = array_map(floatval(...), array_combine($names, $durations));
        $after = array_fill_keys($names, []);
        foreach ($names as $i => $name) {
            foreach (array_slice($names, 0, $i) as $j => $before) {
                if ($arrows[$i * ($i - 1) / 2 + $j] === 1) {
                    $after[$name][] = $before;
                }
            }
        }
        $longest = static function (string $to) use (&$longest, $after, $durations): float {
            return $durations[$to] + max([0.0, ...array_map($longest, $after[$to])]);
        };
        $network = Network::of($durations, $after);
        expect($network->length)->toEqualWithDelta(max(array_map($longest, $names)), 1e-9);
        foreach ($names as $name) {
            expect($network->end($name))->toEqualWithDelta($longest($name), 1e-9)
                ->and($network->slack($name))->toBeGreaterThanOrEqual(-1e-9);
            // Later by its slack it delays nothing; by more it does.
            $late = [...$durations, $name => $durations[$name] + $network->slack($name)];
            expect(Network::of($late, $after)->length)->toEqualWithDelta($network->length, 1e-9);
            expect(Network::of([...$late, $name => $late[$name] + 1.0], $after)->length)->toEqualWithDelta($network->length + 1.0, 1e-9);
        }
    });
});

it('refuses circles, tasks that are not there, and hours out of order', function () {
    expect(static fn () => Network::of(['a' => 1.0, 'b' => 1.0], ['a' => ['b'], 'b' => ['a']]))
        ->toThrow(PlanningError::class, 'waits for itself')
        ->and(static fn () => Network::of(['a' => 1.0], ['a' => ['z']]))->toThrow(PlanningError::class, 'no task “z”')
        ->and(static fn () => ThreePoint::of(2, 1, 3))->toThrow(PlanningError::class)
        ->and(static fn () => ThreePoint::of(-1, 1, 3))->toThrow(PlanningError::class);
});
