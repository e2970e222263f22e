<?php

declare(strict_types=1);

use App\Audit\AuditEntry;
use App\Changes\Agreement;
use App\Jobs\AssessedJob;
use App\Jobs\SecondLook;
use App\Models\Job;
use App\Models\ShopFigure;
use App\Models\User;
use App\Models\Waiver;
use Illuminate\Http\UploadedFile;
use Spindle\Limit\Verdict;

/* Who may let what pass: docs/decisions/waivers.md. */

beforeEach(function () {
    $this->bram = $this->technician('Bram');
    $this->sefi = $this->technician('Sefi');
    $this->lead = User::factory()->create(['name' => 'Ines', 'role' => 'lead']);
    $this->actingAs($this->bram);
    $this->job = $this->newJob($this->bram);
    $this->finding = fn (string $id) => AssessedJob::of(Job::whole($this->job->id))->assessment->find($id);
    $this->pass = fn (string $id, string $why = 'the customer signed for it') => $this->flushHeaders()
        ->post("/jobs/{$this->job->id}/waivers", ['finding' => $id, 'reason' => $why]);
    // As the page shows it and sends it back.
    $this->shown = function (string $id, ?int $job = null): array {
        $page = AssessedJob::of(Job::whole($job ?? $this->job->id));
        $asked = $page->letThrough->asked($id);

        return $asked === null ? ['finding' => $id, 'asked' => 0, 'reason' => 'x', 'found' => 'x', 'version' => 0]
            : (array) Agreement::on($page, $asked);
    };
    $this->agree = fn (string $id) => $this->flushHeaders()->post("/jobs/{$this->job->id}/waivers/agree", ($this->shown)($id));
    $this->second = fn () => ShopFigure::query()->create(['section' => ShopFigure::SIGNING, 'name' => 'second', 'value' => 'yes',
        'by_name' => 'Ines', 'at' => now()]);
});

it('lets a technician pass what is not measured, and holds it again once it is measured as out', function () {
    ($this->pass)('flywheel.flatness', 'no straight edge today')->assertSessionHasNoErrors();
    expect(($this->finding)('flywheel.flatness')->isWaived())->toBeTrue();
    $this->enterAll($this->job, 'strip', 'flywheel.flatness', ['0.9 mm', '0.9 mm', '0.9 mm'])->assertOk();

    expect(($this->finding)('flywheel.flatness')->verdict)->toBe(Verdict::Out)
        ->and(($this->finding)('flywheel.flatness')->isWaived())->toBeFalse();
    $this->flushHeaders()->get("/jobs/{$this->job->id}/record")
        ->assertSee('given for what was unmeasured: it is out now and does not pass');
});

it('keeps what a technician asks for of what is out, and lets it pass once the lead agrees', function () {
    $this->enterAll($this->job, 'strip', 'flywheel.flatness', ['0.9 mm', '0.9 mm', '0.9 mm'])->assertOk();
    ($this->pass)('flywheel.flatness', 'goes to the machinist on Monday')->assertSessionHas('notice');
    expect(($this->finding)('flywheel.flatness')->isWaived())->toBeFalse();
    $this->get("/jobs/{$this->job->id}/record")->assertSee('Bram asks to let it pass:')->assertSee('goes to the machinist on Monday')
        ->assertSee('Waits for the lead.')->assertDontSee('>Agree<', false);
    // Neither the one who asked nor a colleague agrees, however the form is sent.
    ($this->agree)('flywheel.flatness')->assertSessionHasErrors('reason');
    $this->actingAs($this->sefi);
    ($this->agree)('flywheel.flatness')->assertSessionHasErrors(['reason' => 'Reason: somebody else has to agree: the lead.']);
    expect(($this->finding)('flywheel.flatness')->isWaived())->toBeFalse();

    $this->actingAs($this->lead);
    ($this->agree)('flywheel.flatness')->assertSessionHasNoErrors();
    expect(($this->finding)('flywheel.flatness')->isWaived())->toBeTrue();
    $this->get("/jobs/{$this->job->id}/record")->assertSee('Bram, agreed by Ines');
    $file = json_decode((string) $this->get("/jobs/{$this->job->id}/sheet.json")->getContent())->waivers->{'flywheel.flatness'};
    expect($file->by)->toBe('Bram')->and($file->agreed_by)->toBe('Ines')
        ->and(AuditEntry::query()->where('log_name', 'waivers')->orderBy('id')->pluck('description')->all())->toBe([
            'J-0001, Flatness, dish or step: asked to let pass what is out.',
            'J-0001, Flatness, dish or step: let pass what is out, asked by Bram, agreed by Ines.',
        ]);
});

it('lets a second person agree where the shop has one, and never the same', function () {
    ($this->second)();
    $this->enterAll($this->job, 'strip', 'flywheel.flatness', ['0.9 mm', '0.9 mm', '0.9 mm'])->assertOk();
    ($this->pass)('flywheel.flatness');
    ($this->agree)('flywheel.flatness')->assertSessionHasErrors('reason');
    $this->actingAs($this->sefi);
    $this->get("/jobs/{$this->job->id}/record")->assertSee('Agree');
    ($this->agree)('flywheel.flatness')->assertSessionHasNoErrors();

    expect(($this->finding)('flywheel.flatness')->isWaived())->toBeTrue();
});

it('agrees to nothing that nobody asks for any more', function () {
    $this->enterAll($this->job, 'strip', 'flywheel.flatness', ['0.9 mm', '0.9 mm', '0.9 mm'])->assertOk();
    ($this->pass)('flywheel.flatness');
    $this->post("/jobs/{$this->job->id}/waivers", ['finding' => 'flywheel.flatness', 'withdraw' => '1']);
    $this->actingAs($this->lead);
    ($this->agree)('flywheel.flatness')->assertSessionHasErrors(['reason' => 'Reason: nobody asks for that any more.']);
    ($this->agree)('moon.shade')->assertSessionHasErrors('reason');
    expect(($this->finding)('flywheel.flatness')->isWaived())->toBeFalse();
});

it('lets everything pass at once only by the lead', function () {
    $blockers = function (): int {
        $page = AssessedJob::of(Job::whole($this->job->id));

        return count($page->signOff->waivable($page->assessment));
    };
    $open = $blockers();
    $all = fn () => $this->flushHeaders()->post("/jobs/{$this->job->id}/waivers/all", ['reason' => 'the vehicle is scrapped']);
    $all()->assertSessionHas('notice');
    expect($open)->toBeGreaterThan(5)->and($blockers())->toBe($open)->and(Waiver::query()->where('asked', true)->count())->toBe($open);

    $this->actingAs($this->lead);
    $all()->assertSessionHasNoErrors();
    expect($blockers())->toBe(0)->and(Waiver::query()->where('asked', false)->count())->toBe($open);
    // Each passes as what it was: none of them was out, so none that is measured as out later passes.
    expect(Waiver::query()->distinct()->pluck('reach')->all())->toBe(['unmeasured']);
});

it('lets a file pass no more than whoever takes it in may', function () {
    $this->enterAll($this->job, 'strip', 'flywheel.flatness', ['0.9 mm', '0.9 mm', '0.9 mm'])->assertOk();
    $sheet = json_decode((string) $this->flushHeaders()->get("/jobs/{$this->job->id}/sheet.json")->getContent());
    $sheet->vehicle->plate = 'ZZ 9';
    $sheet->waivers = (object) [
        'flywheel.flatness' => ['reason' => 'fine by me', 'by' => 'Sefi', 'at' => '2026-11-20T10:00:00Z'],
        'disc.wear' => ['reason' => 'not measured', 'by' => 'Sefi', 'at' => '2026-11-20T10:00:00Z'],
    ];
    $take = function (User $by) use ($sheet): AssessedJob {
        $this->actingAs($by)->post('/import', ['file' => UploadedFile::fake()->createWithContent('s.json', (string) json_encode($sheet))]);

        return AssessedJob::of(Job::whole((int) Job::query()->max('id')));
    };
    ($this->second)();
    $page = $take($this->bram);
    expect($page->assessment->find('flywheel.flatness')?->isWaived())->toBeFalse()
        ->and($page->letThrough->asked('flywheel.flatness')?->reason)->toBe('fine by me')
        ->and($page->assessment->find('disc.wear')?->isWaived())->toBeTrue()
        ->and(Waiver::query()->where('finding', 'disc.wear')->sole()->reach)->toBe('unmeasured');
    // The name in the file may be anybody's: only the lead agrees to it.
    $this->post("/jobs/{$page->job->id}/waivers/agree", ($this->shown)('flywheel.flatness', $page->job->id))
        ->assertSessionHasErrors('reason');

    expect($take($this->lead)->assessment->find('flywheel.flatness')?->isWaived())->toBeTrue();
});

it('agrees to what was shown: another reading, another reason or another request is looked at again', function (string $what) {
    $this->enterAll($this->job, 'strip', 'flywheel.flatness', ['0.9 mm', '0.9 mm', '0.9 mm'])->assertOk();
    ($this->pass)('flywheel.flatness', 'goes to the machinist on Monday');
    $shown = ($this->shown)('flywheel.flatness');
    match ($what) {
        'another reading' => $this->enter($this->job, 'strip', 'flywheel.flatness', '1.4 mm',
            (int) $this->job->readings()->where('field', 'flywheel.flatness')->max('seq')),
        'another reason' => ($this->pass)('flywheel.flatness', 'nobody will notice'),
        'not whole' => $shown = ['finding' => 'flywheel.flatness'],
    };
    $this->actingAs($this->lead)->flushHeaders()->post("/jobs/{$this->job->id}/waivers/agree", $shown)->assertSessionHasErrors();
    expect(($this->finding)('flywheel.flatness')->isWaived())->toBeFalse();

    ($this->agree)('flywheel.flatness')->assertSessionHasNoErrors();
    expect(($this->finding)('flywheel.flatness')->isWaived())->toBeTrue()
        ->and(Waiver::query()->orderByDesc('id')->firstOrFail()->only(['user_id', 'seconded_id']))
        ->toBe(['user_id' => $this->bram->id, 'seconded_id' => $this->lead->id])
        ->and(Waiver::query()->orderByDesc('id')->firstOrFail()->found)->not->toBe('');
})->with(['another reading', 'another reason', 'not whole']);

it('knows who agrees by the account, whatever it is called by then', function () {
    ($this->second)();
    $this->enterAll($this->job, 'strip', 'flywheel.flatness', ['0.9 mm', '0.9 mm', '0.9 mm'])->assertOk();
    ($this->pass)('flywheel.flatness');
    $this->bram->update(['name' => 'Somebody Else']);
    $this->actingAs($this->bram->refresh());
    $this->get("/jobs/{$this->job->id}/record")->assertDontSee('>Agree<', false);
    ($this->agree)('flywheel.flatness')->assertSessionHasErrors('reason');
    expect(($this->finding)('flywheel.flatness')->isWaived())->toBeFalse();
    // Nor does an own wish of the lead become one of two people.
    $this->sefi->update(['name' => 'Bram']);
    $this->actingAs($this->sefi->refresh());
    ($this->agree)('flywheel.flatness')->assertSessionHasNoErrors();
});

it('wants another look where something was changed after the second one', function () {
    ($this->second)();
    $missing = function (): bool {
        $job = AssessedJob::of(Job::whole($this->job->id));

        return ! SecondLook::isThere($job->job, $job->current);
    };
    $this->actingAs($this->sefi);
    $this->enter($this->job, 'record', 'record.checked', 'yes')->assertOk();
    expect($missing())->toBeFalse();
    $this->actingAs($this->bram);
    $this->enterAll($this->job, 'strip', 'flywheel.flatness', ['0.02 mm', '0.02 mm', '0.02 mm'])->assertOk();
    expect($missing())->toBeTrue();
    $this->flushHeaders()->get("/jobs/{$this->job->id}/record")->assertSee('it wants another look');
    $this->actingAs($this->sefi);
    $seq = fn (): int => (int) $this->job->readings()->where('field', 'record.checked')->max('seq');
    $this->enter($this->job, 'record', 'record.checked', 'no', $seq())->assertOk();
    $this->enter($this->job, 'record', 'record.checked', 'yes', $seq())->assertOk();
    expect($missing())->toBeFalse();
});
