<?php

declare(strict_types=1);

use App\Audit\AuditEntry;
use App\Models\Device;
use App\Models\OrderState;
use App\Models\OrderStep;
use App\Models\User;
use App\Store\InTurn;
use App\Store\ShopConnection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Spindle\Limit\Instrument;
use Tests\Support\OwnFile;

/* Everything that writes waits for its turn, and is in the log with it, or is not written. */

it('takes the turn to write when it begins, so that what it reads stays true', function () {
    $root = sys_get_temp_dir().'/spindle-turn-'.bin2hex(random_bytes(4));
    $default = config('database.default');
    OwnFile::at($root);
    config(['database.connections.shop.busy_timeout' => 50]);
    touch("{$root}/shop.sqlite");
    try {
        DB::statement('create table things (n integer)');
        $other = new PDO("sqlite:{$root}/shop.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 0]);
        InTurn::do(function () use ($other): void {
            // Nothing was written yet, and nobody else can.
            expect(DB::select('select * from things'))->toBe([])
                ->and(fn () => $other->exec('insert into things values (1)'))->toThrow(PDOException::class, 'locked')
                ->and(InTurn::isTaken())->toBeTrue();
        });
        $other->exec('insert into things values (1)');
        // A long look keeps nobody from writing, and sees one moment.
        InTurn::look(function () use ($other): void {
            $before = DB::select('select count(*) as n from things')[0]->n;
            $other->exec('insert into things values (2)');
            expect(DB::select('select count(*) as n from things')[0]->n)->toBe($before);
        });
        // One that cannot have its turn leaves no transaction behind, and the next one works.
        $other->exec('begin immediate');
        expect(fn () => InTurn::do(static fn () => DB::insert('insert into things values (3)')))->toThrow(PDOException::class, 'locked');
        $other->exec('rollback');
        InTurn::do(static fn () => DB::insert('insert into things values (3)'));
        // A part that fails is taken out again, the rest stays.
        InTurn::do(function (): void {
            DB::insert('insert into things values (4)');
            expect(fn () => InTurn::do(static function (): never {
                DB::insert('insert into things values (5)');
                throw new DomainException('no');
            }))->toThrow(DomainException::class);
        });
        expect($other->query('select n from things order by n')->fetchAll(PDO::FETCH_COLUMN))->toBe([1, 2, 3, 4])
            ->and(DB::getPdo()->inTransaction())->toBeFalse();
    } finally {
        DB::purge('shop');
        config(['database.default' => $default]);
        File::deleteDirectory($root);
    }
});

it('sees in every test what a page writes outside its turn', function () {
    ShopConnection::watch(static fn (string $query) => throw new LogicException("written outside a turn: {$query}"));
    try {
        expect(fn () => DB::table('notes')->insert(['text' => 'x']))->toThrow(LogicException::class, 'outside a turn')
            ->and(fn () => DB::table('vehicles')->where('id', 1)->update(['name' => 'x']))->toThrow(LogicException::class)
            ->and(DB::table('vehicles')->count())->toBe(0)
            ->and(InTurn::do(static fn (): int => DB::table('vehicles')->where('id', 1)->update(['name' => 'x'])))->toBe(0);
    } finally {
        ShopConnection::watch(null);
    }
});

it('changes nothing that cannot be written down', function () {
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'ines')->firstOrFail());
    foreach ([
        ['/rules', ['section' => 'duties', 'name' => 'town.reserve', 'value' => '1.3'], ['shop_figures']],
        ['/rules/closed', ['day' => '2027-01-04', 'why' => 'Fair'], ['shop_figures']],
        ['/board/places', ['places' => 'Lift'], ['shop_figures']],
        ['/board', ['job' => 2, 'task' => 'fitting', 'day' => '2027-01-05', 'time' => '09:00'], ['board_slots']],
        ['/shelf/new', ['supplier' => 'Mallow Quay Clutch', 'kit' => ['number' => 'ZZ-1', 'name' => 'New']], ['kits', 'kit_details']],
        ['/people', ['name' => 'Orla Fenn', 'login' => 'orla', 'role' => 'technician'], ['users']],
        ['/instruments/devices', ['name' => 'Gauge', 'instrument' => 'calliper'], ['devices', 'personal_access_tokens']],
        ['/instruments', ['instrument' => 'calliper', 'uncertainty' => '0.05 mm'], ['shop_figures']],
        ['/jobs/2/waivers', ['finding' => 'flywheel.thickness', 'reason' => 'not needed here'], ['waivers']],
        ['/models', ['model' => 'Ostrel Wend 1.4 hatchback', 'field' => 'release.pedal_ratio', 'value' => '5'], ['model_figures']],
        ['/jobs/10/sign', [], ['signed_sheets']],
    ] as [$path, $form, $tables]) {
        $count = static fn (): array => array_map(static fn (string $t): int => DB::table($t)->count(), $tables);
        $before = $count();
        DB::statement("create trigger full before insert on activity_log begin select raise(abort, 'disk full'); end");
        expect($this->post($path, $form)->status())->toBeGreaterThanOrEqual(302, $path)->and($count())->toBe($before, $path);
        DB::statement('drop trigger full');
        $logged = AuditEntry::query()->count();
        $this->post($path, $form)->assertSessionHasNoErrors();
        expect($count())->not->toBe($before, $path)->and(AuditEntry::query()->count())->toBeGreaterThan($logged, $path);
    }
});

it('lets nobody in whose coming cannot be written down', function () {
    $this->seedDemo();
    DB::statement("create trigger full before insert on activity_log begin select raise(abort, 'disk full'); end");
    $this->post('/sign-in', ['login' => 'bram', 'password' => 'quayside clutch'])->assertStatus(500);
    $this->assertGuest();
    $this->get('/')->assertRedirect('/sign-in');
    DB::statement('drop trigger full');
    $this->post('/sign-in', ['login' => 'bram', 'password' => 'quayside clutch'])->assertRedirect('/');
    expect(Auth::user()?->name)->toBe('Bram Oakes');
});

it('makes one order of a press that is repeated, and asks again only where no answer came', function () {
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'bram')->firstOrFail());
    config(['spindle.counter' => 'simulated']);
    app()->forgetInstance(App\Counter\PartsCounter::class);
    $asked = OrderStep::query()->create(['clutch_job_id' => 3, 'part' => 'pilot', 'number' => 'PB-10', 'quantity' => 1,
        'state' => OrderState::Asked, 'reference' => 'KEY1', 'by_name' => 'Sefi Lund', 'at' => now()]);
    $order = fn () => $this->post('/jobs/3/parts/order', ['part' => 'pilot', 'number' => 'PB-10', 'quantity' => '1']);
    $order()->assertSessionHas('notice', 'PB-10: Being ordered. ');
    $this->get('/jobs/3/parts')->assertSee('Being ordered');
    expect(OrderStep::query()->count())->toBe(1);

    // Whoever asked never came back: it is said so, and ordering again is the same order.
    $this->travel(5)->minutes();
    $this->get('/jobs/3/parts')->assertSee('Not known')->assertSee('it is the same order');
    $order()->assertSessionHasNoErrors();
    expect(OrderStep::query()->orderBy('id')->pluck('state')->all())->toBe([OrderState::Asked, OrderState::Asked, OrderState::Ordered])
        ->and(OrderStep::query()->where('id', $asked->id + 1)->value('reference'))->toBe('KEY1');
    // An answer to a step that is not the last any more is not noted.
    $step = OrderStep::lastOf(3)['pilot'];
    foreach (range(1, 4) as $n) {
        $this->post("/jobs/3/parts/order/{$step->id}", ['what' => 'ask'])->assertSessionHasNoErrors();
    }
    expect(OrderStep::query()->where('id', '>', $step->id)->count())->toBe(1);
});

it('refuses a row that takes the place of one written once, on every connection', function () {
    $this->seedDemo();
    [$device] = Device::withToken('Gauge', Instrument::Calliper, User::query()->firstOrFail());
    OrderStep::query()->create(['clutch_job_id' => 3, 'part' => 'kit', 'number' => 'x', 'state' => 'offered', 'by_name' => 'x',
        'at' => now()]);
    $this->actingAs(User::query()->where('login', 'ines')->firstOrFail())->post('/limits', ['name' => 'flywheel.flatness',
        'classes' => 'car,van,truck,tractor', 'greatest' => '0.08 mm']);
    $this->post('/jobs/2/notes', ['station' => 'strip', 'text' => 'A note.']);
    $this->post('/jobs/2/photos', ['station' => 'strip', 'caption' => 'x',
        'photo' => Illuminate\Http\UploadedFile::fake()->image('f.jpg', 40, 30)]);
    $this->post('/rules', ['section' => 'duties', 'name' => 'town.reserve', 'value' => '1.3']);
    $tables = ['readings', 'kit_choices', 'waivers', 'notes', 'photos', 'signed_sheets', 'order_steps', 'shop_limits', 'shop_figures',
        'model_figures', 'activity_log'];
    foreach ([1, 0] as $recursive) {
        DB::statement("pragma recursive_triggers = {$recursive}");
        foreach ($tables as $table) {
            expect(DB::table($table)->count())->toBeGreaterThan(0, $table)
                ->and(fn () => DB::statement("insert or replace into {$table} select * from {$table} limit 1"))
                ->toThrow(QueryException::class, 'never', $table);
        }
        // Under another number, but in the same place of the job.
        expect(fn () => DB::statement("insert or replace into readings (clutch_job_id, seq, field, typed, by_name, at)
            select clutch_job_id, seq, field, 'forged', by_name, at from readings limit 1"))->toThrow(QueryException::class, 'never')
            ->and(fn () => DB::statement('update readings set user_id = 2'))->toThrow(QueryException::class, 'never');
    }
    expect(DB::table('readings')->where('typed', 'forged')->exists())->toBeFalse();
});
