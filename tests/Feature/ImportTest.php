<?php

declare(strict_types=1);

use App\Bench\Bench;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Vehicle;
use App\Readings\CurrentReadings;
use App\Sheets\SheetBuilder;
use App\Sheets\SheetImport;
use Spindle\JobSheet\SheetError;

/** A sheet of this format with these members. */
function sheetOf(array $members): string
{
    return (string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$members], JSON_PRESERVE_ZERO_FRACTION);
}

beforeEach(function () {
    $this->take = fn (array $members): Job => (new SheetImport($this->technician()))->import(sheetOf($members))->load(Job::WHOLE);
    $this->row = static fn (int $seq, string $field, string $typed, array $more = []): array => ['seq' => $seq, 'field' => $field, 'typed' => $typed, 'by' => 'Orla', 'at' => '2026-11-02T09:00:00Z', ...$more];
});

it('restores who typed what and when, corrections and all', function () {
    $job = ($this->take)([
        'vehicle' => ['name' => 'Van', 'class' => 'van'],
        'readings' => ['disc.runout' => '0.31 mm'],
        'log' => [($this->row)(1, 'vehicle.name', 'Van'), ($this->row)(2, 'vehicle.class', 'van'), ($this->row)(3, 'disc.runout', '3.1', ['unit' => 'mm', 'instrument' => 'dial_indicator']), ($this->row)(4, 'disc.runout', '0.31', ['unit' => 'mm', 'supersedes' => 3])],
    ]);

    expect($job->readings->pluck('by_name')->unique()->all())->toBe(['Orla'])
        ->and($job->readings->where('field', 'disc.runout')->pluck('typed')->all())->toBe(['3.1', '0.31'])
        ->and($job->readings->firstWhere('seq', 4)->supersedes)->toBe(3)
        ->and($job->readings->firstWhere('seq', 4)->value)->toBe(0.31)
        ->and($job->readings->firstWhere('seq', 4)->at->toDateString())->toBe('2026-11-02');
});

it('takes a value that differs from the log as a correction that the file states, under nobody\'s name', function () {
    $job = ($this->take)([
        'vehicle' => ['class' => 'car'],
        'readings' => ['disc.runout' => '0.44 mm'],
        'log' => [($this->row)(1, 'disc.runout', '0.31', ['unit' => 'mm'])],
    ]);
    $rows = $job->readings->where('field', 'disc.runout')->values();

    expect($rows->pluck('typed')->all())->toBe(['0.31', '0.44 mm'])
        ->and($rows->map->author()->all())->toBe(['“Orla”, as the file states', 'the file taken in, as the file states'])
        ->and((new CurrentReadings($job->readings))->typed('disc.runout'))->toBe('0.44 mm');
});

it('keeps places apart where one in the middle was never measured', function () {
    $job = ($this->take)([
        'vehicle' => ['class' => 'car'],
        'readings' => ['disc.thickness' => ['7.4 mm', '7.6 mm']],
        'log' => [($this->row)(1, 'disc.thickness', '7.4', ['unit' => 'mm', 'position' => 0]), ($this->row)(2, 'disc.thickness', '7.6', ['unit' => 'mm', 'position' => 2])],
    ]);

    expect(array_keys((new CurrentReadings($job->readings))->filled('disc.thickness')))->toBe([0, 2])
        ->and(SheetBuilder::document($job)->get(['readings', 'disc.thickness']))->toBe(['7.4 mm', '7.6 mm']);
});

it('keeps a number a number and a list of one a list', function () {
    $job = ($this->take)(['engine' => ['peak_torque' => 210.5], 'readings' => ['disc.thickness' => ['7.4 mm'], 'flywheel.flatness' => 0.05], 'launch' => ['ratio' => 15]]);
    $document = SheetBuilder::document($job);

    expect($document->get(['engine', 'peak_torque']))->toBe(210.5)
        ->and($document->get(['readings', 'disc.thickness']))->toBe(['7.4 mm'])
        ->and($document->get(['readings', 'flywheel.flatness']))->toBe(0.05)
        ->and($document->get(['launch', 'ratio']))->toBe(15);
});

it('turns an imported number into what is typed over it', function () {
    $job = ($this->take)(['vehicle' => ['class' => 'car'], 'engine' => ['peak_torque' => 210]]);
    $this->actingAs($this->technician('Omar'))->enter($job, 'demand', 'engine.peak_torque', '160 lb ft', (int) $job->readings->firstWhere('field', 'engine.peak_torque')->seq);

    expect(SheetBuilder::document($job->fresh(Job::WHOLE))->get(['engine', 'peak_torque']))->toBe('160 lb ft');
});

it('brings waivers, notes, instruments and maker\'s figures along', function () {
    $job = ($this->take)([
        'vehicle' => ['class' => 'car', 'flywheel' => 'solid'],
        'readings' => ['flywheel.flatness' => '0.08 mm'],
        'instruments' => ['flywheel.flatness' => 'steel_rule'],
        'limits' => ['flywheel.flatness' => ['max' => '0.05 mm', 'source' => 'maker']],
        'waivers' => ['flywheel.thickness' => ['reason' => 'replaced', 'by' => 'Orla', 'at' => '2026-11-02T09:00:00Z']],
        'notes' => [['station' => 'strip', 'text' => 'Dry inside.', 'by' => 'Orla', 'at' => '2026-11-02T09:00:00Z']],
    ]);
    $bench = Bench::of($job);

    expect($bench->assessment->find('flywheel.flatness')?->limit?->source->value)->toBe('maker')
        ->and($bench->assessment->find('flywheel.thickness')?->waiver)->toBe('replaced')
        ->and($job->waivers[0]->by_name)->toBe('Orla')
        ->and($job->notes[0]->text)->toBe('Dry inside.')
        ->and(Reading::query()->where('field', 'flywheel.flatness')->sole()->instrument)->toBe('steel_rule')
        ->and(Reading::query()->where('field', 'limits.flywheel.flatness.max')->sole()->typed)->toBe('0.05 mm');
});

it('finds the vehicle it is about by plate or number, however they are spaced', function () {
    $first = ($this->take)(['vehicle' => ['name' => 'Van', 'class' => 'van', 'plate' => 'LB 77 RSA']]);
    $second = ($this->take)(['vehicle' => ['name' => 'Same van', 'class' => 'van', 'plate' => 'lb77-rsa']]);
    $third = ($this->take)(['vehicle' => ['name' => 'Other', 'class' => 'van', 'plate' => 'LB 77 RS']]);
    $fourth = ($this->take)(['vehicle' => ['name' => 'No plate', 'class' => 'van']]);

    expect($second->vehicle_id)->toBe($first->vehicle_id)
        ->and($third->vehicle_id)->not->toBe($first->vehicle_id)
        ->and($fourth->vehicle_id)->not->toBe($first->vehicle_id)
        ->and(Vehicle::query()->count())->toBe(3);
});

it('refuses a log that cannot be true, and stores nothing', function (array $row, string $place) {
    expect(fn () => ($this->take)(['log' => [$row]]))->toThrow(SheetError::class, $place)
        ->and(Job::query()->count())->toBe(0)->and(Reading::query()->count())->toBe(0);
})->with([
    'no such field' => [['seq' => 1, 'field' => 'sun.shade', 'typed' => '1', 'by' => 'x', 'at' => '2026-11-02T09:00:00Z'], 'log[0]'],
    'a number for the text' => [['seq' => 1, 'field' => 'disc.runout', 'typed' => 1, 'by' => 'x', 'at' => '2026-11-02T09:00:00Z'], 'log[0]'],
    'an absurd value' => [['seq' => 1, 'field' => 'disc.runout', 'typed' => '7 m', 'by' => 'x', 'at' => '2026-11-02T09:00:00Z'], 'log[0].typed'],
    'no date' => [['seq' => 1, 'field' => 'disc.runout', 'typed' => '0.1', 'by' => 'x', 'at' => 'yesterday-ish'], 'log[0].at'],
]);
