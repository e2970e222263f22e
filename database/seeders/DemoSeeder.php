<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Changes\SetForShop;
use App\Changes\SheetImport;
use App\Changes\SignSheet;
use App\Limits\ModelBook;
use App\Models\Installation;
use App\Models\Kit;
use App\Models\NotForTheDemo;
use App\Models\Role;
use App\Models\SignedSheet;
use App\Models\Supplier;
use App\Models\User;
use App\Shelf\ColumnMap;
use App\Shelf\KitListImport;
use App\Shelf\ShelfKit;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\File;
use Spindle\Assessment\Subjects;
use Spindle\Inspection\WhileOpen\LabourRate;
use Spindle\Record\Shop;
use Spindle\Sheet\Document;

/** The invented workshop: three people, a shelf of kits, ten vehicles with their jobs. Everything in it is made up. */
final class DemoSeeder extends Seeder
{
    /** The same for all three; offered on the sign-in page in demo mode. */
    public const PASSWORD = 'quayside clutch';

    private const PEOPLE = [
        ['ines', 'Ines Tarrow', Role::Lead],
        ['bram', 'Bram Oakes', Role::Technician],
        ['sefi', 'Sefi Lund', Role::Technician],
    ];

    private const SHOP = [
        'name' => 'Quayside Driveline', 'address' => '3 Slip Lane, Brackwater', 'telephone' => '01 555 0134', 'tax_number' => 'BW 2231',
        'mark' => 'QD',
    ];

    private const KITS = 420;

    private const SEED = 7;

    /** Of the kits entered by hand, by the first letters of their number. */
    private const SUPPLIER_OF = [
        'MQ' => 'Mallow Quay Clutch', 'RV' => 'Mallow Quay Clutch', 'TD' => 'Tidewick Friction', 'OR' => 'Tidewick Friction',
        'HB' => 'Harbour Gate Driveline',
    ];

    private const MAKERS_FIGURES = [
        ['Ostrel Wend 1.4 hatchback', 'disc.thickness_new', '7.7 mm'],
        ['Ostrel Wend 1.4 hatchback', 'disc.usable_per_side', '0.9 mm'],
        ['Ostrel Wend 1.4 hatchback', 'flywheel.thickness_min', '23.8 mm'],
        ['Ostrel Wend 1.4 hatchback', 'limits.flywheel.face_runout.max', '0.10 mm'],
        ['Quenby Sill 1.6 hatchback', 'limits.flywheel.free_play.max', '12°'],
        ['Quenby Sill 1.6 hatchback', 'limits.flywheel.rock.max', '2.4 mm'],
    ];

    /** @return list<string> whose password is published */
    public static function logins(): array
    {
        return array_column(self::PEOPLE, 0);
    }

    /** @throws NotForTheDemo unless the database is empty and the settings are the demonstration's */
    public function run(): void
    {
        Installation::becomeDemo();
        foreach (self::PEOPLE as [$login, $name, $role]) {
            User::query()->create(['login' => $login, 'name' => $name, 'role' => $role, 'password' => self::PASSWORD]);
        }
        $lead = User::query()->where('login', 'ines')->firstOrFail();
        (new SetForShop($lead))->figures(Shop::NAME, self::SHOP);
        (new SetForShop($lead))->figures(LabourRate::NAME, ['rate' => '64']);
        self::kits();
        foreach (glob(database_path('demo/[0-9]*.json')) ?: [] as $file) {
            $document = Document::ofJson((string) file_get_contents($file));
            $job = (new SheetImport($lead))->importOwn($document->with(['demo_sign'], null));
            if ($document->get(['demo_sign']) === true && ! (new SignSheet($lead))->sign($job)) {
                throw new \RuntimeException("{$file} is meant to be signed and something in it is open");
            }
        }
        foreach (self::MAKERS_FIGURES as [$model, $key, $value]) {
            ModelBook::remember($model, Subjects::dictionary()->entry($key) ?? throw new \LogicException($key), $value, $lead);
        }
        if (SignedSheet::query()->count() === 0) {
            throw new \RuntimeException('the demo needs a signed job');
        }
    }

    /** The lists of three suppliers, as they would come; and the kits that the jobs know, entered by hand. */
    public static function kits(): void
    {
        $folder = sys_get_temp_dir().'/'.uniqid('lists');
        File::ensureDirectoryExists($folder);
        try {
            foreach (InventedLists::write($folder, self::KITS, self::SEED) as $name => $path) {
                $supplier = Supplier::query()->create(['name' => $name]);
                $list = KitListImport::begin($supplier, $path, basename($path), 'Ines Tarrow');
                $list->map(ColumnMap::of([...$list->proposed()->toArray(), ...InventedLists::map($name)]));
                while (! $list->read(1.0));
                $list->take(false);
            }
        } finally {
            File::deleteDirectory($folder);
        }
        /** @var list<array<string, mixed>> $kits */
        $kits = json_decode((string) file_get_contents(database_path('demo/kits.json')), true, 16, JSON_THROW_ON_ERROR);
        foreach ($kits as $data) {
            $supplier = Supplier::query()->where('name', self::SUPPLIER_OF[substr((string) $data['number'], 0, 2)])->firstOrFail();
            $kit = ShelfKit::put($supplier, array_map(
                static fn (mixed $value): string => is_array($value) ? implode(';', $value) : (string) $value, $data,
            ));
            if (! $kit instanceof Kit) {
                throw new \RuntimeException("{$data['number']}: ".json_encode($kit));
            }
        }
    }
}
