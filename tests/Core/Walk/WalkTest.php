<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Fitting\FittingFields;
use Spindle\Fitting\FittingStep;
use Spindle\Fitting\Stretch;
use Spindle\Proving\ProvingFields;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Place;
use Spindle\Walk\Step;
use Spindle\Walk\Together;
use Spindle\Walk\Unusual;
use Spindle\Walk\Walk;
use Tests\Support\CompleteJobs;

function halfDone(): JobSheet
{
    return JobSheet::of(
        Document::ofJson((string) file_get_contents(dirname(__DIR__, 3).'/database/demo/02-van-half-done.json')), Subjects::dictionary(),
    );
}

it('asks for all that the job owes and for nothing that is there', function (): void {
    $sheet = halfDone();
    $assessment = Assessment::of($sheet);
    $keys = Walk::of($sheet, $assessment)->keys();
    $owed = array_diff($assessment->unmeasured(), [ProvingFields::UNTRIED]);
    expect(array_diff($owed, $keys))->toBe([])
        ->and(array_filter($keys, static fn (string $k): bool => $k !== Step::KIT && $sheet->values->has($k)))->toBe([])
        ->and(count($keys))->toBe(count(array_unique($keys)));
});

it('asks for the tests themselves where nobody has tried anything', function (): void {
    $sheet = halfDone();
    $keys = Walk::of($sheet, Assessment::of($sheet))->keys();
    expect($keys)->toContain('prove.leaks.result', 'prove.slip.result')->not->toContain(ProvingFields::UNTRIED);
});

it('asks for the steps of the fitting in one go, a stretch at a time, in their order, no more than stand on a phone', function (): void {
    $unfitted = static fn (array $job): JobSheet => JobSheet::of(Document::ofJson((string) json_encode(
        ['format' => 'jade-spindle/job-sheet', 'version' => 1, ...array_diff_key($job, ['fit' => 0])],
    )), Subjects::dictionary());
    foreach ([halfDone(), ...array_map($unfitted, CompleteJobs::all())] as $sheet) {
        $walk = Walk::of($sheet, Assessment::of($sheet));
        $together = Together::of($walk->steps);
        expect(array_merge(...array_map(static fn (Together $t): array => $t->steps, $together)))->toBe($walk->steps);
        $said = [];
        foreach ($together as $one) {
            $steps = array_map(static fn (Step $s): ?FittingStep => FittingFields::stepOf($s->key), $one->steps);
            expect(count($steps))->toBeLessThanOrEqual(Together::MOST);
            if (count($steps) > 1) {
                expect($steps)->not->toContain(null)
                    ->and(array_unique(array_map(static fn (FittingStep $s): string => Stretch::of($s)->value, $steps)))
                    ->toBe([$one->stretch?->value]);
            }
            $said = [...$said, ...array_filter($steps)];
        }
        // A job that owes the fitting is asked for all of it at once, not for the next step only.
        expect($said === [] || $said === FittingStep::of($sheet))->toBeTrue();
    }
});

it('asks for a reading, a look or a test by itself', function (): void {
    $sheet = halfDone();
    foreach (Together::of(Walk::of($sheet, Assessment::of($sheet))->steps) as $one) {
        foreach ($one->steps as $step) {
            $isStep = FittingFields::stepOf($step->key) !== null;
            expect(count($one->steps) === 1 || $isStep)->toBeTrue($step->key);
        }
    }
});

it('puts behind what cannot be taken now, and what is to be taken once more among the rest', function (): void {
    $sheet = halfDone();
    $assessment = Assessment::of($sheet);
    $keys = Walk::of($sheet, $assessment, ['disc.thickness'], ['flywheel.flatness', 'pilot.play'])->keys();
    expect(array_slice($keys, -2))->toEqualCanonicalizing(['flywheel.flatness', 'pilot.play'])
        ->and($keys)->toContain('disc.thickness');
});

it('counts by place and shows each only his own', function (): void {
    $sheet = halfDone();
    $walk = Walk::of($sheet, Assessment::of($sheet));
    $counts = $walk->byPlace();
    $anywhere = array_filter($walk->steps, static fn (Step $s): bool => $s->place === null);
    expect(array_sum($counts) + count($anywhere))->toBe(count($walk->steps));
    $cab = $walk->at(Place::Cab);
    expect(count($cab->steps))->toBe($counts['cab'] + count($anywhere))
        ->and($walk->minutes())->toBeGreaterThan($cab->minutes());
});

it('is empty once nothing is owed', function (): void {
    $sheet = JobSheet::of(
        Document::ofJson((string) file_get_contents(dirname(__DIR__, 3).'/database/demo/10-estate-ready.json')), Subjects::dictionary(),
    );
    expect(Walk::of($sheet, Assessment::of($sheet))->steps)->toBe([]);
});

$mm = static fn (float $mm): AsRead => new AsRead(Length::mm($mm), 0.01);
$all = static fn (float ...$mm): array => array_map(Length::mm(...), $mm);

it('asks once more for a reading far from its neighbours', function () use ($mm, $all): void {
    $said = Unusual::of($mm(3.2), Length::mm(0.03), $all(7.8, 7.9), []);
    expect($said?->case())->toBe('far_from_its_neighbours')
        ->and(plain((string) $said?->in(metric())))->toContain('3.20 mm is far from the other places')
        ->and(Unusual::of($mm(7.1), Length::mm(0.03), $all(7.8, 7.9), []))->toBeNull()
        // Half of next to nothing is nothing that the feelers could tell.
        ->and(Unusual::of($mm(0.10), Length::mm(0.02), $all(0.03, 0.04), []))->toBeNull();
});

it('asks once more for a reading unlike those of the model, and only where there are enough', function () use ($mm, $all): void {
    $known = $all(22.0, 23.5, 24.0);
    expect(Unusual::of($mm(12.0), null, [], $known)?->case())->toBe('not_like_the_model')
        ->and(Unusual::of($mm(26.0), null, [], $known))->toBeNull()
        ->and(Unusual::of($mm(12.0), null, [], array_slice($known, 1)))->toBeNull();
});

it('holds against the model what is alike on it, and nothing that is worn, set or run', function (): void {
    $isAlike = static fn (string $key): bool => Unusual::isAlikeOnModel(Subjects::dictionary()->get($key));
    expect(array_map($isAlike, ['release.pedal_ratio', 'release.master_bore']))->toBe([true, true])
        ->and(array_map($isAlike, ['disc.thickness', 'release.free_play', 'odometer']))->toBe([false, false, false]);
});

it('takes for the same what the instrument cannot tell apart', function (): void {
    expect(Unusual::isSame(Length::mm(3.20), Length::mm(3.25), Length::mm(0.03)))->toBeTrue()
        ->and(Unusual::isSame(Length::mm(3.20), Length::mm(7.8), Length::mm(0.03)))->toBeFalse();
});

it('finds nothing unusual with a doubtful instrument that it would not find with one that never errs', function () {
    // Whoever asks first without the doubt, to spare the way to it, misses nothing: from the definition, the doubt only widens the room.
    mt_srand(7);
    $length = static fn (): Length => Length::mm(mt_rand(0, 400) / 10);
    $asked = 0;
    for ($i = 0; $i < 2000; $i++) {
        $read = new AsRead($length(), 0.1);
        $beside = array_map($length, range(1, mt_rand(1, 4)));
        $onModel = array_map($length, range(1, mt_rand(1, 5)));
        $without = Unusual::of($read, null, $beside, $onModel);
        $with = Unusual::of($read, Length::mm(mt_rand(0, 20) / 10), $beside, $onModel);
        expect($without === null && $with !== null)->toBeFalse();
        $asked += (int) ($without !== null && $with === null);
    }
    expect($asked)->toBeGreaterThan(100);
});
