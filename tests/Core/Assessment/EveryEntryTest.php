<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Owed\Free;
use Spindle\Assessment\SignOff;
use Spindle\Assessment\Subjects;
use Spindle\Triage\Reach;
use Tests\Support\CompleteJobs;
use Tests\Support\OwedPage;
use Tests\Support\Spoilt;

/** @return array<string, array<string, bool>> fields that are free to miss, and to slip */
function free(): array
{
    $free = ['miss' => [], 'slip' => []];
    foreach (Free::all() as $row) {
        foreach ($row->fields as $field) {
            $free['miss'] += $row->isFreeToMiss ? [$field => true] : [];
            $free['slip'] += $row->isFreeToSlip ? [$field => true] : [];
        }
    }

    return $free;
}

/** @return array{miss: list<string>, slip: list<string>} fields of a job of which nothing speaks */
function silentIn(string $job): array
{
    static $known = [];
    if (isset($known[$job])) {
        return $known[$job];
    }
    $silent = ['miss' => [], 'slip' => []];
    foreach ((new Spoilt(CompleteJobs::all()[$job]))->silent() as $field => $ways) {
        foreach ($ways as $way) {
            $silent[$way === Spoilt::TAKEN_OUT ? 'miss' : 'slip'][] = $field;
        }
    }

    return $known[$job] = ['miss' => $silent['miss'], 'slip' => array_values(array_unique($silent['slip']))];
}

dataset('complete jobs', array_keys(CompleteJobs::all()));

it('may be signed when everything that is owed is there', function (string $job) {
    $sheet = CompleteJobs::sheet(CompleteJobs::all()[$job]);
    $blockers = SignOff::of(Assessment::of($sheet)->findings, Reach::hasKit($sheet))->blockers;

    expect(array_map(static fn ($f): string => $f->id, $blockers))->toBe([]);
})->with('complete jobs');

it('speaks of every entry that is taken out of a complete job or spoilt, but for those that are free', function (string $job) {
    $silent = silentIn($job);

    expect(array_values(array_diff($silent['miss'], array_keys(free()['miss']))))->toBe([])
        ->and(array_values(array_diff($silent['slip'], array_keys(free()['slip']))))->toBe([]);
})->with('complete jobs');

it('calls nothing free that speaks in every job', function () {
    $silent = ['miss' => [], 'slip' => []];
    foreach (array_keys(CompleteJobs::all()) as $job) {
        $silent = array_merge_recursive($silent, silentIn($job));
    }
    foreach (free() as $how => $fields) {
        expect(array_values(array_diff(array_keys($fields), $silent[$how])))->toBe([], $how);
    }
});

it('gives a reason in words for each that is free', function () {
    foreach (Free::all() as $row) {
        expect(strlen($row->why))->toBeGreaterThan(20);
        foreach ($row->fields as $field) {
            expect(Subjects::dictionary()->find($field))->not->toBeNull($field);
        }
    }
});

it('asks no more than a foreman would', function (string $job, int $most) {
    $owed = array_filter((new Spoilt(CompleteJobs::all()[$job]))->least()->fields(), Spoilt::counts(...));

    expect(count($owed))->toBeLessThanOrEqual($most);
})->with([
    ['car, cable, adjusted', 16], ['truck, pull, adjusted', 16], ['tractor, two stages, adjusted', 16], ['car, slave, bled', 16],
    ['car, cable, new clutch', 100], ['car, slave, new clutch', 100],
]);

it('keeps what is owed in the documentation in step with the code', function () {
    expect(file_get_contents(dirname(__DIR__, 3).'/'.OwedPage::FILE))->toBe(OwedPage::text());
});
