<?php

declare(strict_types=1);

use App\Changes\SetForShop;
use App\Changes\SheetImport;
use App\Jobs\AssessedJob;
use App\Limits\OwnFaults;
use App\Limits\ShopBooks;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use App\Sheets\SheetBuilder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Spindle\Triage\TriageOfSheet;

/*
 * Triage learns from the shop's own signed jobs, cause by cause, and the lead decides about it. Numbers are made up.
 */

beforeEach(function () {
    $this->seedDemo();
    $this->actingAs($this->lead = User::query()->where('role', Role::Lead)->firstOrFail());
    DB::table('job_facts')->update(['solved_cause' => null, 'solved' => null]);
    ShopBooks::forget();
    $this->learn = function (int $jobs, string $cause = 'pilot', string $sign = 'judder'): void {
        $id = (int) DB::table('clutch_jobs')->max('id');
        $like = DB::table('job_facts')->where('clutch_job_id', 1)->first();
        for ($i = 1; $i <= $jobs; $i++) {
            DB::table('clutch_jobs')->insert([...(array) DB::table('clutch_jobs')->find(1), 'id' => $id + $i, 'is_open' => false]);
            // Signed, so that nothing works them out anew.
            DB::table('signed_sheets')->insert(array_diff_key(
                [...(array) DB::table('signed_sheets')->where('clutch_job_id', 1)->first(), 'clutch_job_id' => $id + $i], ['id' => true],
            ));
            DB::table('job_facts')->insert([...(array) $like, 'clutch_job_id' => $id + $i, 'class' => 'car', 'solved_cause' => $cause,
                'solved' => json_encode(['signs' => [$sign], 'tests' => ['t_leak' => false]]), 'signed_at' => '2026-11-20 10:00:00']);
        }
        Cache::flush();
        ShopBooks::forget();
    };
    $this->chance = function (): float {
        $job = (new SheetImport($this->lead))->import((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
            'vehicle' => ['name' => 'Car', 'class' => 'car', 'actuation' => 'slave'], 'readings' => ['triage.signs' => ['judder']]]));

        return TriageOfSheet::diagnosis(AssessedJob::of(Job::whole($job->id))->sheet)->chanceOf('pilot');
    };
});

it('moves with what the shop has signed, and says so cause by cause', function () {
    $before = ($this->chance)();
    ($this->learn)(40);
    expect(($this->chance)())->toBeGreaterThan($before + 0.2);

    $this->get('/evidence')->assertOk()->assertSee('yours: 40 cases')->assertSee('Now: learning');
    $this->get('/evidence/pilot')->assertOk()->assertSee('yours: 40 of 40; table:');
    $file = json_decode((string) $this->get('/evidence/own-cases.json')->assertOk()->getContent(), true);
    expect($file['causes']['pilot']['seen']['judder'])->toBe([40, 40])->and($file['causes']['pilot']['seen']['t_leak'])->toBe([0, 40]);
});

it('is switched off, weighed and begun anew by the lead alone', function () {
    $before = ($this->chance)();
    ($this->learn)(40);
    $this->post('/evidence/learning', ['on' => 'no'])->assertRedirect();
    expect(($this->chance)())->toEqualWithDelta($before, 1e-9)->and(OwnFaults::isOn())->toBeFalse();
    $this->post('/evidence/learning', ['on' => 'yes', 'weight' => '400'])->assertRedirect();
    $heavy = ($this->chance)();
    $this->post('/evidence/learning', ['weight' => '5'])->assertRedirect();
    expect($heavy)->toBeLessThan(($this->chance)());
    $this->post('/evidence/learning', ['weight' => '0'])->assertSessionHasErrors('weight');

    $this->post('/evidence/learning', ['reset' => 'yes'])->assertRedirect();
    expect(($this->chance)())->toEqualWithDelta($before, 1e-9);
    $this->actingAs(User::query()->where('role', '<>', Role::Lead)->firstOrFail())
        ->post('/evidence/learning', ['on' => 'no'])->assertForbidden();
});

it('learns from what is signed here with one settled cause, and never from a file', function () {
    $signed = (string) DB::table('signed_sheets')->where('clutch_job_id', 1)->value('json');
    (new SheetImport($this->lead))->import($signed);
    expect(DB::table('job_facts')->whereNotNull('solved_cause')->count())->toBe(0);

    // What a file says that another shop learned counts for nothing until the lead takes it over.
    $job = (new SheetImport($this->lead))->import((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['name' => 'Van', 'class' => 'van'], 'own_cases' => ['causes' => ['air' => ['cases' => 900]]]]));
    expect(SheetBuilder::document(Job::whole($job->id))->get(['own_cases']))->toBeNull();
});

it('keeps what it knew when a job was signed', function () {
    ($this->learn)(40);
    expect(SheetBuilder::document(Job::whole(2))->get(['own_cases', 'causes', 'pilot', 'cases']))->toBe(40);
    // Of what was seen, only what differs from the table by more than chance goes into every file.
    expect(array_keys(get_object_vars(SheetBuilder::document(Job::whole(2))->get(['own_cases', 'causes', 'pilot', 'seen']))))
        ->toContain('judder')->not->toContain('spongy');
    (new SetForShop($this->lead))->figures(OwnFaults::LEARNING, ['on' => 'no']);
    expect(SheetBuilder::document(Job::whole(2))->get(['own_cases']))->toBeNull();
});
