<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Practice\AtRandom;
use Spindle\Practice\Builds;
use Spindle\Practice\ByHabit;
use Spindle\Practice\ByProposal;
use Spindle\Practice\Damage;
use Spindle\Practice\Debrief;
use Spindle\Practice\Hidden;
use Spindle\Practice\Learner;
use Spindle\Practice\Level;
use Spindle\Practice\Move;
use Spindle\Practice\Played;
use Spindle\Practice\PracticeError;
use Spindle\Practice\Seed;
use Spindle\Sheet\JobSheet;
use Spindle\Triage\Causes;
use Spindle\Triage\Opened;
use Spindle\Triage\Outcome;
use Spindle\Triage\Signs;
use Spindle\Triage\Tests;
use Spindle\Triage\TriageOfSheet;
use Spindle\Vehicle\VehicleClass;

/*
 * Practice vehicles. What goes with which cause is the evidence table's, how common each is the priors'; here it is checked that what is
 * drawn carries its fault where the core itself would find it, and that whoever follows the proposals finds it.
 */

const PLAYED = 40;

/** @param  array<string, mixed>  $document */
function practiceSheet(array $document): JobSheet
{
    return sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$document]));
}

/** @return list<string> what an open clutch shows: findings that are out, and conditions seen, as proofs are named */
function shownBy(JobSheet $sheet): array
{
    $out = array_map(
        static fn (Finding $f): string => $f->id,
        array_filter(Assessment::of($sheet)->findings, static fn (Finding $f): bool => $f->verdict === Verdict::Out),
    );
    $seen = [];
    foreach (StripPart::cases() as $one) {
        $part = $one->value;
        if (Subjects::dictionary()->find("{$part}.conditions") === null) {
            continue;
        }
        foreach ($sheet->values->words("{$part}.conditions") as $word) {
            $seen[] = "{$part}:{$word}";
        }
    }

    return [...array_values($out), ...$seen, ...($sheet->values->word('truck.brake') === 'worn' ? ['truck:brake'] : [])];
}

it('calls a vehicle by its seed, and reads what people write of it', function (string $written) {
    expect(Seed::read($written)->number)->toBe(4711)->and(Seed::read($written)->code())->toBe('P-4711');
})->with(['P-4711', 'p 4711', '4711', ' P4711 ']);

it('knows no vehicle of another name', function (string $written) {
    expect(static fn (): Seed => Seed::read($written))->toThrow(PracticeError::class);
})->with(['', 'P-', 'P-0', 'P-1234567', 'Q-4711', '-12']);

it('draws the same of a seed whatever was drawn before, evenly', function () {
    $seed = Seed::of(7);
    [$first, $second] = [$seed->chance('a'), $seed->chance('b')];
    expect([$seed->chance('b'), $seed->chance('a')])->toBe([$second, $first])->and($first)->not->toBe($second);
    $draws = array_map(static fn (int $n): float => Seed::of($n)->chance('even'), range(1, 2000));
    // The mean of 2000 even draws lies within 0.5 ± 4 / √(12 · 2000): the standard error of the uniform distribution.
    expect(array_sum($draws) / 2000)->toEqualWithDelta(0.5, 4 / sqrt(12 * 2000))
        ->and(min($draws))->toBeGreaterThanOrEqual(0.0)->and(max($draws))->toBeLessThan(1.0);
    $picked = array_count_values(array_map(
        static fn (int $n): string => Seed::of($n)->oneOf('pick', ['rare' => 1.0, 'common' => 3.0]), range(1, 2000),
    ));
    expect($picked['common'] / 2000)->toEqualWithDelta(0.75, 4 * sqrt(0.75 * 0.25 / 2000));
});

it('is sound where nothing is wrong', function (string $build) {
    $document = Builds::all()[$build];
    $sheet = practiceSheet([...$document, 'readings' => [...(array) $document['readings'], 'triage.kind' => 'strip']]);
    $wrong = array_map(static fn (Finding $f): string => $f->id, array_filter(
        Assessment::of($sheet)->findings, static fn (Finding $f): bool => in_array($f->verdict, [Verdict::Out, Verdict::Near], true)
            && ! str_starts_with($f->id, 'triage.'),
    ));

    expect(array_values($wrong))->toBe([]);
})->with(array_keys(Builds::all()));

it('carries each fault where an open clutch proves it, and the core finds it there by the same rules', function (string $cause) {
    $carried = 0;
    foreach (Builds::all() as $document) {
        if (! TriageOfSheet::situation(practiceSheet($document))->allows(Causes::all()[$cause])) {
            continue;
        }
        $before = shownBy(practiceSheet($document));
        $after = shownBy(practiceSheet(Damage::by($cause, $document, Seed::of(11))));
        $proofs = array_intersect(Opened::proofs($cause), array_diff($after, $before));
        // A part that a vehicle does not have proves nothing on it.
        $carried += $proofs === [] ? 0 : 1;
    }
    expect($carried)->toBeGreaterThan(0);
})->with(Damage::shown());

it('carries every fault that an open clutch can prove at all', function () {
    $provable = array_filter(array_keys(Causes::all()), static fn (string $id): bool => Opened::proofs($id) !== []);
    expect(array_values(array_diff($provable, Damage::shown())))->toBe([]);
});

it('carries the fault it says, on forty vehicles, so that the bench finds it', function () {
    foreach (range(1, PLAYED) as $number) {
        $hidden = Hidden::of(Seed::of($number));
        $proofs = Opened::proofs($hidden->causes[0]->id);
        expect($proofs === [] ? ['nothing inside'] : array_intersect($proofs, shownBy($hidden->truth)))->not->toBeEmpty((string) $number);
    }
});

it('tells a complaint of its own signs, and answers the same however often it is asked', function (Level $level) {
    foreach (range(1, PLAYED) as $number) {
        $hidden = Hidden::of(Seed::of($number), $level);
        $again = Hidden::of(Seed::of($number), $level);
        expect($hidden->complaint())->not->toBeEmpty()->toBe($again->complaint())
            ->and(array_column($hidden->causes, 'id'))->toBe(array_column($again->causes, 'id'))
            ->and($hidden->test('t_slip'))->toBe($again->test('t_slip'))
            ->and(array_filter($hidden->complaint(), Signs::isCircumstance(...)))->toBe([])
            ->and($hidden->isFair())->toBeTrue()
            ->and(count($hidden->causes))->toBe($level === Level::TwoFaults ? 2 : 1);
    }
})->with(Level::cases());

it('is of the class that was asked for', function (VehicleClass $class) {
    foreach (range(1, 5) as $number) {
        expect(Hidden::of(Seed::of($number), Level::Plain, $class)->truth->vehicleClass())->toBe($class);
    }
})->with([VehicleClass::Car, VehicleClass::Van, VehicleClass::Truck, VehicleClass::Tractor]);

it('is found by whoever follows the proposals, in a third of the minutes of habit, and not by guessing', function () {
    $play = static fn (Learner $learner): array => array_map(
        static fn (int $n): Played => Played::of(Hidden::of(Seed::of($n)), $learner), range(1, PLAYED),
    );
    $right = static fn (array $played): float => count(array_filter($played, static fn (Played $p): bool => $p->isRight())) / PLAYED;
    $minutes = static fn (array $played): float => array_sum(array_map(static fn (Played $p): int => $p->minutes, $played)) / PLAYED;
    [$proposed, $habit, $random] = [$play(new ByProposal), $play(new ByHabit), $play(new AtRandom)];

    expect($right($proposed))->toBeGreaterThanOrEqual(0.9)
        ->and($minutes($proposed))->toBeLessThan($minutes($habit) / 3)
        ->and($right($random))->toBeLessThan(0.5);
});

it('counts the minutes of the tests that were made, and asking as nothing', function () {
    $played = Played::of(Hidden::of(Seed::of(3)), new ByHabit);
    $sum = array_sum(array_map(static fn (string $t): int => Tests::all()[$t]->minutes, $played->tests()));

    expect($played->minutes)->toBe($sum)->and($played->evidence->tests())->toHaveCount(count($played->tests()));
});

it('says when a gearbox came off for nothing', function () {
    $decides = new class implements Learner
    {
        public function next(
            Spindle\Triage\Situation $situation, Spindle\Triage\Evidence $evidence, Seed $seed,
        ): Move {
            return Move::decide(Outcome::Strip);
        }
    };
    foreach (range(1, PLAYED) as $number) {
        $played = Played::of(Hidden::of(Seed::of($number)), $decides);
        expect($played->isOpenedForNothing())->toBe($played->hidden->outcome() !== Outcome::Strip)
            ->and($played->isRight())->toBe($played->hidden->outcome() === Outcome::Strip);
    }
});

it('reads moves as they are written, and nothing else', function (string $word, bool $isOne) {
    expect(Move::read($word)?->word())->toBe($isOne ? $word : null);
})->with([
    ['ask.slip_load', true], ['test.t_slip', true], ['look', true], ['say.strip', true], ['say.dance', false], ['test.slip_load', false],
    ['ask.', false], ['', false], ['look.twice', false],
]);

it('counts nothing after it was said what the job comes to, and no test twice', function () {
    $hidden = Hidden::of(Seed::of(3));
    $moves = static fn (string ...$words): array => array_values(array_filter(array_map(Move::read(...), $words)));
    $once = Played::by($hidden, $moves('test.t_slip', 'say.adjust'));
    $more = Played::by($hidden, $moves('test.t_slip', 'test.t_slip', 'look', 'say.adjust', 'test.t_reverse', 'say.strip'));

    expect($more->minutes)->toBe($once->minutes)->and($more->outcome)->toBe(Outcome::Adjust)->and($more->lookedUp())->toBe(1)
        ->and(count($once->course))->toBe(3)->and($once->course[0][0])->toBe(0)
        ->and(Played::by($hidden, [])->outcome)->toBeNull();
});

it('says at the end what was passed over and what was believed too much, from what is there', function () {
    [$passed, $believed] = [0, 0];
    foreach (range(1, PLAYED) as $number) {
        $hidden = Hidden::of(Seed::of($number), Level::RedHerring);
        $own = Played::of($hidden, new AtRandom);
        $debrief = Debrief::of($own);
        foreach ($debrief->passedOver() as $name) {
            expect(isset($own->evidence->known[$name]))->toBeFalse()
                ->and(isset(Tests::all()[$name]) ? $hidden->test($name) : $hidden->shows($name))->toBeTrue()
                ->and(in_array($name, $hidden->causes[0]->strong, true))->toBeTrue();
            $passed++;
        }
        foreach ($debrief->believedTooMuch() as $name) {
            expect($own->evidence->known[$name])->toBeTrue()->and($own->isRight())->toBeFalse();
            $believed++;
        }
        expect($debrief->proposed->outcome)->not->toBeNull()->and($debrief->habit->minutes)->toBeGreaterThanOrEqual(0);
    }
    expect($passed)->toBeGreaterThan(0)->and($believed)->toBeGreaterThan(0);
});
