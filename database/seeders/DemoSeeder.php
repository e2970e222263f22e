<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Changes\SheetImport;
use App\Changes\SignSheet;
use App\Limits\ModelBook;
use App\Models\Installation;
use App\Models\Kit;
use App\Models\NotForTheDemo;
use App\Models\Role;
use App\Models\SignedSheet;
use App\Models\User;
use Illuminate\Database\Seeder;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Document;

/** The invented workshop: three people, a catalogue of kits, ten vehicles with their jobs. Everything in it is made up. */
final class DemoSeeder extends Seeder
{
    /** The same for all three; offered on the sign-in page in demo mode. */
    public const PASSWORD = 'quayside clutch';

    private const PEOPLE = [
        ['ines', 'Ines Tarrow', Role::Lead],
        ['bram', 'Bram Oakes', Role::Technician],
        ['sefi', 'Sefi Lund', Role::Technician],
    ];

    private const MAKERS_FIGURES = [
        ['Ostrel Wend 1.4 hatchback', 'disc.thickness_new', '7.7 mm'],
        ['Ostrel Wend 1.4 hatchback', 'disc.usable_per_side', '0.9 mm'],
        ['Ostrel Wend 1.4 hatchback', 'flywheel.thickness_min', '23.8 mm'],
        ['Ostrel Wend 1.4 hatchback', 'limits.flywheel.face_runout.max', '0.10 mm'],
        ['Quenby Sill 1.6 hatchback', 'limits.flywheel.free_play.max', '12°'],
        ['Quenby Sill 1.6 hatchback', 'limits.flywheel.rock.max', '2.4 mm'],
    ];

    /** @throws NotForTheDemo unless the database is empty and the settings are the demonstration's */
    public function run(): void
    {
        Installation::becomeDemo();
        foreach (self::PEOPLE as [$login, $name, $role]) {
            User::query()->create(['login' => $login, 'name' => $name, 'role' => $role, 'password' => self::PASSWORD]);
        }
        $lead = User::query()->where('login', 'ines')->firstOrFail();
        self::kits();
        foreach (glob(database_path('demo/[0-9]*.json')) ?: [] as $file) {
            $document = Document::ofJson((string) file_get_contents($file));
            $job = (new SheetImport($lead))->importOwn($document->with(['demo_sign'], null));
            if ($document->get(['demo_sign']) === true && ! (new SignSheet($lead))->sign($job)) {
                throw new \RuntimeException("{$file} is meant to be signed and something in it is open");
            }
        }
        foreach (self::MAKERS_FIGURES as [$model, $key, $value]) {
            ModelBook::remember($model, Subjects::dictionary()->entry($key) ?? throw new \LogicException($key), $value, $lead->name);
        }
        if (SignedSheet::query()->count() === 0) {
            throw new \RuntimeException('the demo needs a signed job');
        }
    }

    public static function kits(): void
    {
        /** @var list<array<string, mixed>> $kits */
        $kits = json_decode((string) file_get_contents(database_path('demo/kits.json')), true, 16, JSON_THROW_ON_ERROR);
        foreach ($kits as $data) {
            $classes = is_array($data['classes']) ? $data['classes'] : [];
            Kit::query()->create(['number' => $data['number'], 'name' => $data['name'], 'class' => $classes[0] ?? '', 'data' => $data]);
        }
    }
}
