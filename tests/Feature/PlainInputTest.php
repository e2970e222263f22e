<?php

declare(strict_types=1);

use App\Audit\AuditEntry;
use App\Files\ShopArchive;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\ShopFigure;
use App\Models\User;
use App\Photos\CleanPicture;
use App\Photos\PhotoError;
use App\Upkeep\MendText;
use App\Upkeep\ShopCheck;
use App\Upkeep\WrittenOnce;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Support\EveryPage;

/* Whatever is sent: text that can be shown again in the shape its field has, or a refusal that names the field. */

const BROKEN = ["two \xC3\x28 litres", "bell \x07", "nought \x00 byte", "delete \x7F", "next line \u{85}"];

beforeEach(function () {
    $this->seedDemo();
    $this->lead = User::query()->where('login', 'ines')->firstOrFail();
    $this->actingAs($this->lead);
});

it('refuses text that cannot be shown in every form, and names the field', function () {
    foreach ([
        ['/jobs/2/notes', ['station' => 'strip', 'text' => '*'], 'Text'],
        ['/jobs/2/waivers', ['finding' => 'disc.wear', 'reason' => '*'], 'Reason'],
        ['/rules/closed', ['day' => '2027-01-01', 'why' => '*'], 'Why'],
        ['/instruments/devices', ['name' => '*', 'instrument' => 'calliper'], 'Name'],
        ['/shelf/new', ['supplier' => '*', 'kit' => ['number' => 'X1']], 'Supplier'],
        ['/jobs/2/parts/order/1', ['what' => 'wrong', 'said' => '*'], 'Said'],
        ['/people', ['name' => '*', 'login' => 'abc', 'role' => 'lead'], 'Name'],
        ['/models', ['model' => '*', 'field' => 'disc.thickness_new', 'value' => '8 mm'], 'Model'],
        ['/board/places', ['places' => '*'], 'Places'],
        ['/vehicles/1/erase', ['plate' => 'x', 'reason' => '*'], 'Reason'],
        ['/new-job', ['name' => '*', 'plate' => 'AB 123', 'class' => 'car', 'units' => 'metric'], 'Name'],
        ['/sign-in', ['login' => '*', 'password' => 'x'], 'Login'],
    ] as [$path, $form, $field]) {
        foreach (BROKEN as $broken) {
            $sent = array_map(static fn (mixed $v): mixed => $v === '*' ? $broken : $v, $form);
            $this->post($path, $sent)->assertStatus(422)->assertSee($field);
        }
    }
});

it('answers an entry that sends itself with a sentence beside its field, and stores nothing', function () {
    $before = DB::table('readings')->count();
    $this->enter(Job::query()->findOrFail(2), 'intake', 'complaint', "slips \x07")->assertStatus(422)
        ->assertHeader('Content-Type', 'text/plain; charset=utf-8')->assertSee('Complaint')->assertSee('cannot be shown');
    $this->enter(Job::query()->findOrFail(2), 'intake', "complaint\x07", 'slips')->assertStatus(422);
    expect(DB::table('readings')->count())->toBe($before);
    // Lines and tabs are no harm.
    $seq = (int) Job::query()->findOrFail(2)->readings()->where('field', 'complaint')->max('seq');
    $this->enter(Job::query()->findOrFail(2), 'intake', 'complaint', "slips\r\n\tuphill", $seq)->assertOk();
});

it('refuses captions, file names and what an instrument sends', function () {
    $photo = UploadedFile::fake()->image("heat \x07 spots.jpg", 40, 30);
    $this->post('/jobs/2/photos', ['station' => 'strip', 'caption' => 'Heat', 'photo' => $photo])->assertStatus(422)->assertSee('Photo');
    $this->post('/jobs/2/photos', ['station' => 'strip', 'caption' => "a\x00b", 'photo' => UploadedFile::fake()->image('f.jpg', 40, 30)])
        ->assertStatus(422)->assertSee('Caption');
    [, $token] = App\Models\Device::withToken('Gauge', Spindle\Limit\Instrument::Calliper, $this->lead);
    $send = fn (string $body) => $this->call('POST', '/api/readings', server: ['HTTP_AUTHORIZATION' => "Bearer {$token}",
        'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
    $send("{\"value\": \"7.3\", \"unit\": \"m\xC3\x28\"}")->assertStatus(422)
        ->assertJsonFragment(['message' => 'The body: it is not UTF-8.']);
    $send('{"value": "7.3", "unit": "m\u0007m"}')->assertStatus(422)->assertSee('Unit');
    $send('{"value": ["7.3"]}')->assertStatus(422)->assertSee('Value: one text is expected, not a list');
    $send('nonsense')->assertStatus(422)->assertSee('JSON is expected');
    expect(DB::table('device_readings')->count())->toBe(0);
    $send('{"value": "7.3", "unit": "mm"}')->assertStatus(409);
});

it('refuses a list where a text is expected, and no page after it fails', function () {
    foreach ([
        ['/new-job', 'plate', '/new-job'], ['/new-job', 'class', '/new-job'], ['/sign-in', 'login', '/'], ['/rules', 'section', '/rules'],
        ['/rules/closed', 'why', '/rules'], ['/people', 'login', '/people'], ['/jobs/2/notes', 'text', '/jobs/2/strip'],
        ['/jobs/2/waivers', 'reason', '/jobs/2/record'], ['/shelf/new', 'supplier', '/shelf/new'], ['/board', 'hours', '/board'],
        ['/instruments', 'uncertainty', '/instruments'], ['/limits', 'least', '/limits'],
        ['/jobs/2/parts/order', 'number', '/jobs/2/parts'],
    ] as [$form, $field, $page]) {
        $this->from($page)->post($form, [$field => ['x' => ['y']], 'name' => 'x'])->assertStatus(422)->assertSee('one text is expected');
        expect($this->get($page)->status())->toBe(200);
    }
});

it('refuses lists deeper than their field has them', function () {
    $this->from('/shelf/new')->post('/shelf/new', ['supplier' => 'x', 'kit' => ['number' => ['a' => 'b']]])->assertStatus(422);
    $this->get('/shelf/new')->assertOk();
    $this->post('/jobs/2/strip', ['f' => ['disc.runout' => [0 => ['x' => ['y' => 'z']]]]])->assertStatus(422);
});

it('shows what is stored broken already, and mends it by a command', function () {
    WrittenOnce::opened(['readings', 'notes'], static function (): void {
        DB::table('readings')->where('clutch_job_id', 2)->where('field', 'complaint')->update(['typed' => BROKEN[0]]);
        DB::table('notes')->insert(['clutch_job_id' => 2, 'station' => 'strip', 'text' => BROKEN[0], 'by_name' => "B\xFFram",
            'at' => now()]);
    });
    DB::table('vehicles')->where('id', 2)->update(['name' => BROKEN[0], 'search_text' => BROKEN[0]]);
    DB::table('users')->where('id', 3)->update(['name' => "S\xE9fi"]);
    $wrong = array_filter(iterator_to_array(EveryPage::of(Job::query()->findOrFail(2))));
    expect($wrong)->toBe([])->and($this->get('/people')->assertOk()->getContent())->toContain('S?fi');
    ShopArchive::write($archive = (string) tempnam(sys_get_temp_dir(), 'plain'));
    unlink($archive);
    expect(implode(' ', (new ShopCheck)->problems()))->toContain('readings.typed: 1 texts cannot be shown');

    $this->artisan('text:mend')->expectsOutputToContain('6 texts mended.')->assertExitCode(0);
    expect(MendText::missing())->toBe([])->and(AssessedJob::of(Job::whole(2))->values()->word('complaint'))->toBe('two ?( litres')
        ->and(fn () => DB::table('readings')->update(['typed' => 'x']))->toThrow(Exception::class, 'never changed')
        ->and(AuditEntry::query()->where('description', 'like', 'Mended text%')->count())->toBe(1);
});

it('bounds and names what the lead sets, and refuses the rest', function () {
    foreach ([
        ['materials', 'organic.mu', '1e999'], ['materials', 'organic.mu', '-1'], ['materials', 'organic.grip', '0.3'],
        ['materials', 'cheese.mu', '0.3'], ['duties', 'town.reserve', '99'], ['duties', 'town.mood', '2'],
        ['ranking', 'weights.price', 'nan'],
        ['ranking', 'weights.colour', '1'], ['ranking', 'shade', '1'], ['calendar', 'week.moonday', '08:00-12:00'],
        ['calendar', 'zone', 'Mars'],
        ['calendar', 'closed.2126-01-01', 'far'], ['calendar', 'opens', '8'], ['signing', 'second', 'maybe'], ['signing', 'third', 'yes'],
        ['bleeding', 'school', 'prayer'], ['labour', 'rate', '-1'], ['labour', 'wage', '20'], ['offer', 'tax', '200'],
        ['offer', 'colour', '1'],
    ] as [$section, $name, $value]) {
        $this->post('/rules', ['section' => $section, 'name' => $name, 'value' => $value])->assertSessionHasErrors();
        // The demonstration has its rate an hour.
        expect(ShopFigure::query()->whereIn('section', array_diff(ShopFigure::RULES, ['shop']))->pluck('value')->all())
            ->toBe(['64'])->and($this->get('/rules')->status())->toBe(200);
    }
});

it('falls back to the built-in rule where the shop\'s cannot be used, says so, and stops nobody', function () {
    foreach ([['materials', 'organic.mu', '7'], ['calendar', 'zone', 'Mars'], ['ranking', 'currency', 'euros'],
        ['calendar', 'week.mon', '07:00-15:00'], ['signing', 'second', 'perhaps']] as [$section, $name, $value]) {
        ShopFigure::query()->create(['section' => $section, 'name' => $name, 'value' => $value, 'by_name' => 'x', 'at' => now()]);
    }
    foreach (['/', '/board', '/shelf', '/rules', '/jobs/2/kit', '/jobs/2/plan', '/jobs/2/record'] as $page) {
        expect($this->get($page)->status())->toBe(200, $page);
    }
    $this->get('/')->assertSee('Materials: organic, mu is set to “7”')->assertSee('The built-in one counts.');
    $this->enter(Job::query()->findOrFail(2), 'strip', 'disc.runout', '0.31')->assertOk();
    // What can be used still is.
    expect(App\Limits\ShopKnowledge::rule('calendar'))->toEqual((object) ['week' => (object) ['mon' => '07:00-15:00']])
        ->and(implode(' ', (new ShopCheck)->problems()))->toContain('Calendar: zone')->toContain('Signing: second');
});

it('says that no day is open where all are closed, and changes nothing', function () {
    foreach (['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as $day) {
        $this->post('/rules', ['section' => 'calendar', 'name' => "week.{$day}", 'value' => 'closed'])->assertSessionHasNoErrors();
    }
    $this->get('/jobs/2/plan')->assertOk()->assertSee('No day is open');
    $this->get('/')->assertOk();
    $day = now()->format('Y-m-d');
    $this->get("/board/proposal?day={$day}")->assertSessionHasErrors('day');
    $this->post('/board/propose', ['day' => $day, 'from' => now()->timestamp, 'mark' => str_repeat('a', 32)])
        ->assertSessionHasErrors('day');
    $this->post('/board', ['job' => 2, 'task' => 'fitting', 'day' => $day, 'time' => '09:00'])->assertSessionHasErrors('day');
    $this->get("/board?day={$day}")->assertOk();
    expect(DB::table('board_slots')->count())->toBe(0);
});

it('refuses a day beyond ten years', function () {
    $this->get('/board?day=9999-01-01')->assertRedirect();
    $this->post('/board', ['job' => 2, 'task' => 'fitting', 'day' => '2099-01-01', 'time' => '09:00'])->assertSessionHasErrors('day');
    $this->enter(Job::query()->findOrFail(2), 'intake', 'promised_on', '9999-01-01')->assertOk()->assertSee('more than 10 years ahead');
    $this->enter(Job::query()->findOrFail(2), 'intake', 'promised_on', now()->addYears(2)->format('Y-m-d'))->assertOk()
        ->assertSee('data-state="kept"', false);
});

it('lays no task on somebody who is disabled', function () {
    User::query()->whereIn('login', ['bram', 'sefi'])->update(['disabled_at' => now()]);
    $this->propose(now()->format('Y-m-d'))->assertSessionHasNoErrors();
    expect(DB::table('board_slots')->whereNotNull('user_id')->distinct()->pluck('user_id')->all())->toBe([$this->lead->id]);
});

it('leaves nothing in the temporary folder where an archive fails', function () {
    $there = static fn (): array => glob(sys_get_temp_dir().'/{table,shop,job,vehicle}*', GLOB_BRACE) ?: [];
    $before = $there();
    WrittenOnce::opened(['signed_sheets'], static fn () => DB::table('signed_sheets')->update(['json' => 'cut off']));
    foreach (['/jobs/1/archive.zip', '/vehicles/1/data.zip'] as $file) {
        expect($this->get($file)->status())->toBeGreaterThanOrEqual(400);
    }
    expect(fn () => ShopArchive::write('/nowhere/at/all/shop.zip'))->toThrow(Exception::class);
    expect($there())->toBe($before);
});

it('refuses a picture that breaks off, whatever its kind', function (string $kind) {
    $image = imagecreatetruecolor(300, 200);
    for ($i = 0; $i < 300; $i++) {
        imageline($image, $i, 0, 299 - $i, 199, $i * 7919 % 0xFFFFFF);
    }
    ob_start();
    match ($kind) {
        'jpeg' => imagejpeg($image), 'png' => imagepng($image), 'webp' => imagewebp($image),
    };
    $bytes = (string) ob_get_clean();
    expect(CleanPicture::of($bytes)->width)->toBe(300);
    foreach ([0.3, 0.7, 0.99] as $share) {
        expect(fn () => CleanPicture::of(substr($bytes, 0, (int) (strlen($bytes) * $share))))->toThrow(PhotoError::class);
    }
})->with(['jpeg', 'png', 'webp']);

it('takes a file with a mark of its byte order', function () {
    $json = "\u{FEFF}".json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['name' => 'Van',
        'class' => 'van']]);
    $this->post('/import', ['file' => UploadedFile::fake()->createWithContent('s.json', $json)])->assertSessionHasNoErrors();
    expect(Job::query()->with('vehicle')->orderByDesc('id')->firstOrFail()->vehicle->name)->toBe('Van');
});

it('signs a job with more than a thousand notes', function () {
    $rows = array_map(static fn (int $i): array => ['clutch_job_id' => 10, 'station' => 'strip', 'text' => "Note {$i}", 'by_name' => 'Bram',
        'at' => now()], range(1, 1100));
    array_map(static fn (array $some) => DB::table('notes')->insert($some), array_chunk($rows, 200));
    $this->post('/jobs/10/sign')->assertSessionHasNoErrors();
    expect(Job::query()->findOrFail(10)->isSigned())->toBeTrue();
    $this->get('/jobs/10/record')->assertOk();
});
