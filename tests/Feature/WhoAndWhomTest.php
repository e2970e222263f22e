<?php

declare(strict_types=1);

use App\Changes\OpenJob;
use App\Changes\SetForShop;
use App\Changes\SheetImport;
use App\Files\PrintedSheet;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use App\Upkeep\EraseIdentity;
use Illuminate\Support\Facades\DB;
use Spindle\Record\Shop;
use Spindle\Sheet\SheetError;

/*
 * Which workshop did the work, and for whom: at the head of what is printed and in the file. Names are made up.
 */

beforeEach(function () {
    $this->seedDemo();
    $this->actingAs($this->lead = User::query()->where('role', Role::Lead)->firstOrFail());
    (new SetForShop($this->lead))->figures(Shop::NAME, [
        'name' => 'Estuary Drivelines', 'address' => '3 Slip Lane, Brackwater', 'telephone' => '01 555 0134', 'tax_number' => 'BW 2231',
        'mark' => 'ED',
    ]);
});

it('says at the head of everything printed which workshop made it', function (string $page) {
    $this->get("/jobs/2/{$page}")->assertOk()->assertSee('Estuary Drivelines')->assertSee('3 Slip Lane, Brackwater')
        ->assertSee('Tel. 01 555 0134 · Tax no. BW 2231');
})->with(['sheet', 'labels', 'parts/order']);

it('keeps it in the file, and a signed sheet keeps what it was signed with', function () {
    $json = json_decode((string) $this->get('/jobs/2/sheet.json')->getContent(), true);
    expect($json['shop']['name'])->toBe('Estuary Drivelines');

    // Signed before anybody said: nothing is put on it afterwards.
    $signed = Job::query()->whereHas('signedSheet')->firstOrFail();
    $this->get("/jobs/{$signed->id}/sheet")->assertOk()->assertDontSee('Estuary Drivelines');
    expect(strlen(PrintedSheet::of(AssessedJob::of(Job::whole(2)))))->toBeGreaterThan(1000);
});

it('never prints another workshop’s name on a job that was taken in and is worked on here', function () {
    $job = (new SheetImport($this->lead))->import((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['name' => 'Van', 'class' => 'van'], 'shop' => ['name' => 'Somebody Else']]));
    $this->get("/jobs/{$job->id}/sheet")->assertOk()->assertSee('Estuary Drivelines')->assertDontSee('<strong>Somebody Else', false);
});

it('refuses what no letterhead can be, and lets only the lead set it', function () {
    expect(fn () => (new SetForShop($this->lead))->figures(Shop::NAME, ['mark' => 'TOOLONG']))->toThrow(SheetError::class, 'shop.mark')
        ->and(fn () => (new SetForShop($this->lead))->figures(Shop::NAME, ['bank' => '12']))->toThrow(SheetError::class);
    $this->post('/rules', ['section' => 'shop', 'name' => 'address', 'value' => '4 Slip Lane, Brackwater'])->assertRedirect();
    $this->get('/rules')->assertOk()->assertSee('4 Slip Lane, Brackwater');
    $this->actingAs(User::query()->where('role', '<>', Role::Lead)->firstOrFail())
        ->post('/rules', ['section' => 'shop', 'name' => 'name', 'value' => 'Mine'])->assertForbidden();
});

it('keeps the keeper with the vehicle, says them in print, and erases them with it', function () {
    $job = Job::query()->findOrFail(2);
    foreach (['keeper.name' => 'Orla Penrick', 'keeper.telephone' => '01 555 0199', 'keeper.fleet' => 'F-17'] as $field => $typed) {
        $this->enter($job, 'intake', $field, $typed)->assertOk();
    }
    $this->get('/jobs/2/sheet')->assertOk()->assertSee('Keeper: Orla Penrick, F-17, 01 555 0199');
    $next = OpenJob::again($job->vehicle, $this->lead);
    expect(AssessedJob::of(Job::whole($next->id))->keeper())->toBe(['Orla Penrick', 'F-17', '01 555 0199']);

    (new EraseIdentity($this->lead))->of($job->vehicle, 'asked for');
    expect(AssessedJob::of(Job::whole(2))->keeper())->toBe([])
        ->and(AssessedJob::of(Job::whole($next->id))->keeper())->toBe([])
        ->and(DB::table('readings')->where('typed', 'like', '%Penrick%')->count())->toBe(0);
});
