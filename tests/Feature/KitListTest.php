<?php

declare(strict_types=1);

use App\Models\Kit;
use App\Models\KitImport;
use App\Models\Supplier;
use App\Shelf\ColumnMap;
use App\Shelf\KitListImport;
use App\Shelf\ShelfError;
use App\Shelf\ShelfStamp;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Writes a list down and reads it to its end beside the shelf. */
function listOf(string $csv, string $supplier = 'Weir & Sons', ?array $map = null): KitListImport
{
    $path = (string) tempnam(sys_get_temp_dir(), 'list');
    file_put_contents($path, $csv);
    $list = KitListImport::begin(Supplier::query()->firstOrCreate(['name' => $supplier]), $path, 'list.csv', 'Tilda');
    unlink($path);
    if ($list->import()->state === KitImport::MAPPING) {
        $list->map(ColumnMap::of($map ?? $list->proposed()->toArray()));
    }
    while (! $list->read(5.0));

    return $list;
}

/** @return list<string> "line, column: read → expected" */
function wrongIn(KitListImport $list): array
{
    return $list->import()->errors()->orderBy('id')->get()
        ->map(static fn ($e): string => "{$e->line}, {$e->column}: {$e->read} → {$e->expected}")->all();
}

const PLAIN_LIST = "number,name,lining outer,clamp load [kN],material,price,days\n"
    ."A-1,First,240 mm,6.2,organic,148.00,2\nA-2,Second,228 mm,5.9,ceramic,199.50,0\n";

it('makes out separator, decimal sign and encoding by itself', function (callable $write) {
    $list = listOf($write(PLAIN_LIST));
    expect(wrongIn($list))->toBe([]);
    $list->take(false);
    $kit = Kit::query()->where('number', 'A-1')->sole();

    expect([$kit->lining_outer, $kit->clamp_load, $kit->material, $kit->price, $kit->lead_days])->toBe([240.0, 6200.0, 'organic', 148.0, 2])
        ->and(Kit::query()->where('number', 'A-2')->sole()->material)->toBe('sintered_bronze');
})->with([
    'commas' => [fn (string $s): string => $s],
    'semicolons, decimal commas' => [fn (string $s): string => strtr($s, [',' => ';', '.' => ','])],
    'tabs' => [fn (string $s): string => strtr($s, [',' => "\t"])],
    'bars' => [fn (string $s): string => strtr($s, [',' => '|'])],
    'byte-order mark' => [fn (string $s): string => "\xEF\xBB\xBF{$s}"],
    'UTF-16 little end first' => [fn (string $s): string => "\xFF\xFE".mb_convert_encoding($s, 'UTF-16LE', 'UTF-8')],
    'UTF-16 big end first' => [fn (string $s): string => "\xFE\xFF".mb_convert_encoding($s, 'UTF-16BE', 'UTF-8')],
    'UTF-16 without a mark' => [fn (string $s): string => mb_convert_encoding($s, 'UTF-16LE', 'UTF-8')],
    'Windows-1252' => [fn (string $s): string => mb_convert_encoding(str_replace('Second', 'Zweite für Öl', $s), 'Windows-1252', 'UTF-8')],
    'returns alone' => [fn (string $s): string => strtr($s, ["\n" => "\r"])],
    'quoted' => [fn (string $s): string => (string) preg_replace('/([^,\n]+)/', '"$1"', $s)],
    'a title over the names' => [fn (string $s): string => "Price list, autumn\n\n{$s}"],
    'blank lines and no end of line' => [fn (string $s): string => str_replace("\n", "\n\n", rtrim($s))],
]);

it('reads what a whole list writes in one way in that way', function () {
    $list = listOf("number;disc diameter;burst speed;clamping force\nA;240,5;11.800;6.200,5\nB;228;9.500;5900\n", map: [
        'columns' => ['number' => ['field' => 'number'], 'disc diameter' => ['field' => 'lining_outer'],
            'burst speed' => ['field' => 'burst_speed'],
            'clamping force' => ['field' => 'clamp_load', 'unit' => 'N']],
    ]);
    $list->take(false);
    $facts = Kit::query()->with('detail')->where('number', 'A')->sole()->detail?->facts;

    expect($facts['kit.lining_outer'])->toBe(240.5)->and($facts['kit.burst_speed'])->toBe(11800)
        ->and($facts['kit.clamp_load'])->toBe(6200.5);
});

it('names each thing wrong with line, column, what was read and what is expected', function (string $row, string $said) {
    $list = listOf("number,name,lining outer,lining inner,clamp load,material,splines,price\n"
        ."G-1,Good,240,160,6.2 kN,organic,26,100\n{$row}\n");

    expect(implode('; ', wrongIn($list)))->toContain($said)
        ->and($list->import()->rows_bad)->toBe(1)->and($list->import()->rows_new)->toBe(1);
    // Nothing reaches the shelf before somebody says that the good rows are wanted.
    expect(fn () => $list->take(false))->toThrow(ShelfError::class, '1 of its rows');
    expect(Kit::query()->count())->toBe(0);
    $list->take(true);
    expect(Kit::query()->pluck('number')->all())->toBe(['G-1']);
})->with([
    'wrong dimension' => ['B-1,Bad,30 psi,160,6.2 kN,organic,26,100', '3, lining outer: 30 psi → '],
    'absurd size' => ['B-1,Bad,7.3 m,160,6.2 kN,organic,26,100', '3, lining outer: 7.3 m → '],
    'nonsense' => ['B-1,Bad,large,160,6.2 kN,organic,26,100', '3, lining outer: large → '],
    'negative' => ['B-1,Bad,-240,160,6.2 kN,organic,26,100', '3, lining outer: -240 → '],
    'inside out' => ['B-1,Bad,160,240,6.2 kN,organic,26,100', '3, lining inner: 240 mm inside 160 mm → the inner diameter'],
    'unknown word' => ['B-1,Bad,240,160,6.2 kN,cheese,26,100', '3, material: cheese → one of organic'],
    'half a spline' => ['B-1,Bad,240,160,6.2 kN,organic,25.5,100', '3, splines: 25.5 → a whole number'],
    'price in words' => ['B-1,Bad,240,160,6.2 kN,organic,26,on request', '3, price: on request → a price such as 148.00'],
    'no number' => [',Bad,240,160,6.2 kN,organic,26,100', "3, number:  → the maker's number"],
    'too few columns' => ['B-1,Bad,240', '3, : 3 columns → 8 columns'],
    'too many columns' => ['B-1,Bad,240,160,6.2 kN,organic,26,100,more', '3, : 9 columns → 8 columns'],
    'a number twice' => ['G-1,Again,240,160,6.2 kN,organic,26,100', '3, number: G-1 → a number of its own; line 2 has it already'],
    'two errors in a row' => ['B-1,Bad,large,160,heavy,organic,26,100', '3, clamp load: heavy → '],
    'unit of another thing' => ['B-1,Bad,240,160,6.2 mm,organic,26,100', '3, clamp load: 6.2 mm → '],
    'a quotation mark not closed' => ['B-1,"Bad,240,160,6.2 kN,organic,26,100', '3, : 2 columns → 8 columns'],
]);

it('counts lines as an editor does, also where a cell holds several', function () {
    $list = listOf("number,description,disc diameter\nA-1,\"two\nlines\",240\nA-2,plain,large\n");

    expect(wrongIn($list)[0])->toStartWith('4, disc diameter: large');
});

it('refuses what is no list', function (string $contents, string $said) {
    expect(fn () => listOf($contents))->toThrow(ShelfError::class, $said);
    expect(KitImport::query()->count())->toBe(0);
})->with([
    'empty' => ['', 'the file is empty'], 'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR\0\0\x04\0", 'not a list in text'],
    'one column' => ["number\nA\nB\n", 'no columns can be made out'], 'names alone' => ["number,name\n", 'no rows under it'],
    'a column twice' => ["number,size,size\nA,1,2\n", 'stands there twice'],
]);

it('refuses a map without a number, or with a field read twice', function () {
    expect(fn () => listOf("part,size\nA,240\n", map: ['columns' => ['size' => ['field' => 'lining_outer']]]))
        ->toThrow(ShelfError::class, "maker's number")
        ->and(fn () => listOf("part,a,b\nA,1,2\n", map: ['columns' => ['part' => 'number', 'a' => 'lining_outer', 'b' => 'lining_outer']]))
        ->toThrow(ShelfError::class, 'two columns');
});

it('changes nothing when the same list comes again, in whatever order', function () {
    listOf(PLAIN_LIST)->take(false);
    $before = [Kit::query()->orderBy('id')->get()->toArray(), ShelfStamp::now()->stamp];
    $again = listOf(PLAIN_LIST);
    $lines = explode("\n", trim(PLAIN_LIST));
    $turned = listOf("{$lines[0]}\n{$lines[2]}\n{$lines[1]}\n");

    expect([$again->import()->rows_same, $again->import()->rows_new, $again->import()->rows_changed])->toBe([2, 0, 0])
        ->and($turned->import()->rows_same)->toBe(2);
    $again->take(false);
    expect(Kit::query()->orderBy('id')->get()->toArray())->toBe($before[0]);
});

it('remembers how a supplier writes, and reads his next list so', function () {
    listOf("teil,od\nA-1,240\n", map: ['columns' => ['teil' => 'number', 'od' => 'lining_outer'], 'currency' => 'EUR'])->take(false);
    $path = (string) tempnam(sys_get_temp_dir(), 'list');
    file_put_contents($path, "teil,od\nA-1,245\n");
    $next = KitListImport::begin(Supplier::query()->where('name', 'Weir & Sons')->sole(), $path, 'next.csv', 'Tilda');

    expect($next->import()->state)->toBe(KitImport::READING);
    while (! $next->read(5.0));
    expect($next->import()->rows_changed)->toBe(1);
});

it('updates prices and times without touching the rest', function () {
    listOf(PLAIN_LIST)->take(false);
    $list = listOf("number,price,days\nA-1,155.00,5\nZ-9,10.00,1\n");

    expect($list->import()->rows_changed)->toBe(1)->and(wrongIn($list)[0])->toContain('Z-9 → a kit that is on the shelf already');
    $list->take(true);
    $kit = Kit::query()->with('detail')->where('number', 'A-1')->sole();
    expect([$kit->price, $kit->lead_days, $kit->lining_outer, $kit->clamp_load, $kit->name])->toBe([155.0, 5, 240.0, 6200.0, 'First'])
        ->and(Kit::query()->count())->toBe(2);
});

it('says before it is taken what would come, and what would be otherwise', function () {
    $this->actingAs($this->technician());
    listOf(PLAIN_LIST)->take(false);
    $list = listOf(str_replace(['148.00', 'A-2,Second'], ['151.00', 'A-3,Third'], PLAIN_LIST));

    $this->get("/shelf/lists/{$list->import()->id}")->assertOk()->assertSee('Price: 148.00, now 151.00')->assertSee('A-3');
});

it('keeps what no field takes beside the kit, and the kits of two suppliers apart', function () {
    listOf("number,name,storage place\nA-1,First,rack 4\n", 'Weir & Sons')->take(false);
    listOf("number,name\nA-1,Another\n", 'Mill Lane')->take(false);

    expect(Kit::query()->where('number', 'A-1')->count())->toBe(2)
        ->and(Kit::query()->with('detail')->where('name', 'First')->sole()->detail?->extra)->toBe(['storage place' => 'rack 4']);
});

it('goes on reading where it was cut off, and shows nothing half', function () {
    $rows = implode('', array_map(static fn (int $i): string => "K-{$i},Kit {$i},240 mm\n", range(1, 2500)));
    $path = (string) tempnam(sys_get_temp_dir(), 'list');
    file_put_contents($path, "number,name,disc diameter\n{$rows}");
    $list = KitListImport::begin(Supplier::query()->create(['name' => 'Weir']), $path, 'long.csv', 'Tilda');
    $list->map($list->proposed());
    $list->read(0.0001);
    expect($list->import()->state)->toBe(KitImport::READING)->and($list->import()->rows_read)->toBeLessThan(2500)
        ->and(Kit::query()->count())->toBe(0);
    // Another process takes the reading up from what is stored.
    $other = new KitListImport(KitImport::query()->with('supplier')->findOrFail($list->import()->id));
    while (! $other->read(5.0));
    expect($other->import()->rows_new)->toBe(2500)->and(Kit::query()->count())->toBe(0);
    $other->take(false);
    expect(Kit::query()->count())->toBe(2500)
        ->and(fn () => $other->take(false))->toThrow(ShelfError::class, 'taken or dropped already');
});

it('leaves the shelf as it was when taking fails in the middle', function () {
    $list = listOf(PLAIN_LIST);
    DB::statement('create trigger full_disk before insert on kit_details when (select count(*) from kit_details) >= 1 '
        ."begin select raise(abort, 'disk full'); end");
    expect(fn () => $list->take(false))->toThrow(Illuminate\Database\QueryException::class);
    DB::statement('drop trigger full_disk');

    expect(Kit::query()->count())->toBe(0)->and($list->import()->refresh()->state)->toBe(KitImport::READ);
    $list->take(false);
    expect(Kit::query()->count())->toBe(2);
});

it('gives the shelf out as a list that it takes in again unchanged', function () {
    $this->seedDemo();
    $this->actingAs(App\Models\User::query()->where('login', 'bram')->firstOrFail());
    $csv = $this->get('/shelf/list.csv')->assertOk()->streamedContent();
    $facts = static fn (): array => DB::table('kits')->join('kit_details', 'kit_details.kit_id', '=', 'kits.id')
        ->where('supplier_id', Supplier::query()->max('id'))->orderBy('number')->get(['number', 'facts'])
        ->map(static fn ($r): array => [$r->number, collect(json_decode($r->facts, true))->sortKeys()->all()])->all();
    $before = DB::table('kits')->join('kit_details', 'kit_details.kit_id', '=', 'kits.id')->orderBy('number')->get(['number', 'facts'])
        ->map(static fn ($r): array => [$r->number, collect(json_decode($r->facts, true))->sortKeys()->all()])->all();
    $list = listOf($csv, 'Copy of the shelf');
    expect(wrongIn($list))->toBe([]);
    $list->take(false);

    expect($facts())->toBe($before);
});

it('takes a list in on the page: looked at, mapped, read with progress, then taken', function () {
    $this->actingAs($this->technician());
    $this->post('/shelf/lists', ['supplier' => 'Weir', 'list' => UploadedFile::fake()->createWithContent('w.csv',
        PLAIN_LIST)])->assertRedirect();
    $import = KitImport::query()->sole();
    $this->get("/shelf/lists/{$import->id}")->assertOk()->assertSee('What its columns hold')->assertSee('decimal point');
    $this->post("/shelf/lists/{$import->id}/columns", ['columns' => [
        ['name' => 'number', 'field' => 'number'], ['name' => 'lining outer', 'field' => 'lining_outer'], ['name' => 'price',
            'field' => 'price'],
    ], 'currency' => 'EUR'])->assertRedirect();
    $this->get("/shelf/lists/{$import->id}")->assertSee('Being read');
    $this->withHeader('HX-Request', 'true')->post("/shelf/lists/{$import->id}/read")->assertOk()->assertSee('This is what would happen');
    expect(Kit::query()->count())->toBe(0);
    $this->post("/shelf/lists/{$import->id}/take")->assertRedirect();
    expect(Kit::query()->count())->toBe(2)->and(Kit::query()->first()?->currency)->toBe('EUR');
    $this->get('/shelf')->assertSee('A-1');
    $this->post('/shelf/lists', ['supplier' => 'Weir', 'list' => UploadedFile::fake()->createWithContent('x.csv', '')])
        ->assertSessionHasErrors('list');
});

it('enters a kit by hand with the same checks, and loses nothing that was typed', function () {
    $this->actingAs($this->technician());
    $this->get('/shelf/new')->assertOk()->assertSee('Lining, outer diameter');
    $this->from('/shelf/new')->post('/shelf/new', ['supplier' => 'Weir', 'kit' => ['number' => 'H-1', 'lining_outer' => '30 psi',
        'name' => 'By hand']])->assertSessionHasErrors('kit.lining_outer')->assertSessionHasInput('kit.name', 'By hand');
    expect(Kit::query()->count())->toBe(0);
    $this->post('/shelf/new', ['supplier' => 'Weir', 'kit' => ['number' => 'H-1', 'lining_outer' => '240 mm', 'name' => 'By hand',
        'spline_diameter' => '1-1/8 in']])->assertRedirect();
    $kit = Kit::query()->sole();

    expect($kit->spline_diameter)->toEqualWithDelta(28.575, 1e-9)->and($kit->name)->toBe('By hand');
    $this->get("/shelf/{$kit->id}")->assertOk()->assertSee('1-1/8 in');
});

it('imports on the command line, dry first', function () {
    $path = (string) tempnam(sys_get_temp_dir(), 'list').'.csv';
    file_put_contents($path, str_replace('ceramic', 'cheese', PLAIN_LIST));
    $run = static function (array $options) use ($path): array {
        $exit = Artisan::call('kits:import', ['file' => $path, '--supplier' => 'Weir', '--json' => true, ...$options]);

        return [$exit, json_decode(Artisan::output(), true)];
    };
    [$exit, $dry] = $run(['--dry-run' => true]);
    expect($exit)->toBe(1)->and([$dry['new'], $dry['bad'], $dry['taken']])->toBe([1, 1, false])
        ->and($dry['errors'][0])->toMatchArray(['line' => 3, 'column' => 'material', 'read' => 'cheese']);
    [$exit, $not] = $run([]);
    expect($exit)->toBe(1)->and($not['taken'])->toBeFalse()->and(Kit::query()->count())->toBe(0);
    [$exit, $good] = $run(['--good-rows' => true]);
    expect($exit)->toBe(0)->and($good['taken'])->toBeTrue()->and(Kit::query()->count())->toBe(1)
        ->and(Artisan::call('kits:import', ['file' => '/no/such/file.csv']))->toBe(2);
});
