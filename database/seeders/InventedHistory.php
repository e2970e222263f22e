<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Changes\SheetImport;
use App\Changes\SignSheet;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Carbon;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\SignOff;
use Spindle\Assessment\Subjects;
use Spindle\Planning\Layout;
use Spindle\Planning\Task;
use Spindle\Proving\Test;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\VehicleClass;

/**
 * Three years of signed jobs of the invented workshop, the same for the same seed: wear, distances, causes and hours with a believable
 * spread. Nothing in it was measured on anything.
 */
final class InventedHistory
{
    private const MODELS = [
        ['Ostrel Wend 1.4 hatchback', 'car', 'town', 1.0], ['Quenby Sill 1.6 hatchback', 'car', 'town', 1.0],
        ['Ostrel Marle 1.6 estate', 'car', 'towing', 1.3], ['Tolvane Carrier 2.3 post van', 'van', 'delivery', 1.7],
        ['Tolvane Carrier 2.0 van', 'van', 'delivery', 1.6], ['Brankel Ferro 2.5 van', 'van', 'towing', 1.5],
    ];

    private const KITS = ['MQ-228-S' => 1.0, 'TD-228-A' => 0.8, 'RV-228-W' => 1.15];

    private const CAUSES = [['lining_worn', 60], ['oil_on_lining', 12], ['glazed', 8], ['release_bearing', 10], ['springs_weak', 6],
        ['flywheel_spots', 4]];

    /** Lining lost in mm per km in town, and how the drivers differ. */
    private const RATE = 1.45 / 105_000;

    private const LINING = 1.8;

    private Randomizer $random;

    /** @var array<string, mixed> */
    private array $template;

    private function __construct(private int $seed, private User $lead)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->template = json_decode((string) file_get_contents(database_path('demo/01-hatchback-signed.json')), true, 64,
            JSON_THROW_ON_ERROR);
    }

    /** @return int how many were signed */
    public static function write(int $jobs, int $seed): int
    {
        $lead = User::query()->where('role', Role::Lead)->firstOrFail();
        try {
            return (new self($seed, $lead))->vehicles($jobs);
        } finally {
            Carbon::setTestNow();
        }
    }

    private function vehicles(int $jobs): int
    {
        $end = Carbon::now()->subDays(14);
        $signed = 0;
        for ($vehicle = 0; $signed < $jobs; $vehicle++) {
            // The first is the one with four clutches in three years.
            $model = $vehicle === 0 ? self::MODELS[3] : self::MODELS[$this->random->getInt(0, count(self::MODELS) - 1)];
            $perDay = $vehicle === 0 ? 125.0 : $this->between(25.0, 110.0) * ($model[1] === 'van' ? 1.3 : 1.0);
            $driver = $this->spread(0.28) * ($vehicle === 0 ? 1.15 : 1.0);
            $at = $end->copy()->subDays($vehicle === 0 ? 1090 : $this->random->getInt(60, 1090));
            $meter = $this->between(40_000, 190_000);
            $plate = sprintf('%s%s %03d %s', chr(65 + $vehicle % 26), chr(65 + intdiv($vehicle, 26) % 26),
                $this->random->getInt(1, 999), chr(65 + $this->random->getInt(0, 25)));
            $kit = 'MQ-228-S';
            $fitted = null;
            while ($at < $end && $signed < $jobs) {
                $isReleaseFault = $fitted !== null && $this->random->getInt(1, 100) <= 18;
                $since = $fitted === null ? $this->between(60_000, 140_000) / $model[3] : $meter - $fitted;
                if (! $isReleaseFault) {
                    $kit = array_keys(self::KITS)[$this->random->getInt(0, count(self::KITS) - 1)];
                    $fitted = $meter;
                }
                $signed += $this->job($model, $plate, $meter, $since, $driver, $kit, $at, $isReleaseFault) ? 1 : 0;
                $life = self::LINING / (self::RATE * $driver * $model[3]) * self::KITS[$kit] * $this->spread(0.12)
                    * ($this->random->getInt(1, 100) <= 5 ? 0.3 : 1.0);
                $days = max(20, (int) round(($isReleaseFault || $this->random->getInt(1, 100) <= 12 ? 0.35 : 0.9) * $life / $perDay));
                $at = $at->copy()->addDays($days);
                $meter += $days * $perDay;
            }
        }

        return $signed;
    }

    /** @param  array{string, string, string, float}  $model */
    private function job(
        array $model, string $plate, float $meter, float $since, float $driver, string $kit, Carbon $at, bool $isReleaseFault,
    ): bool {
        Carbon::setTestNow($at->copy()->setTime(15, $this->random->getInt(0, 59)));
        $sheet = $isReleaseFault ? $this->releaseFault() : $this->replacement($since, $driver * $model[3], $kit);
        $sheet['vehicle'] = [...$sheet['vehicle'], 'name' => $model[0], 'class' => $model[1], 'plate' => $plate, 'number' => ''];
        $sheet['duty'] = $model[2];
        $sheet['readings']['odometer'] = round($meter).' km';
        $sheet['readings']['distance_since_fitted'] = round($since).' km';
        $document = Document::ofJson(json_encode($sheet, JSON_THROW_ON_ERROR));
        $document = $this->proved($document, $model[1]);
        $job = (new SheetImport($this->lead))->importOwn($document);

        return (new SignSheet($this->lead))->sign($job);
    }

    /** @return array<string, mixed> */
    private function replacement(float $since, float $wear, string $kit): array
    {
        $sheet = $this->template;
        unset($sheet['demo_sign'], $sheet['prove'], $sheet['notes'], $sheet['log'], $sheet['as_left']);
        $worn = min(self::LINING * 0.98, self::RATE * $wear * $since * $this->spread(0.08));
        $cause = $this->cause();
        $left = max(0.0, (self::LINING - $worn) / 2);
        $sheet['readings'] = [
            ...$sheet['readings'],
            'disc.thickness' => array_map(fn (): string => sprintf('%.2f mm', 7.7 - $worn + $this->between(0.0, 0.06)), [1, 2, 3]),
            'disc.rivet_depth_flywheel' => array_map(fn (): string => sprintf('%.2f mm', $left + $this->between(0, 0.05)), [1, 2, 3]),
            'disc.rivet_depth_cover' => array_map(fn (): string => sprintf('%.2f mm', $left + $this->between(0, 0.05)), [1, 2, 3]),
            'flywheel.face_runout' => sprintf('%.2f mm', $this->between(0.02, 0.09)),
            'why.causes' => [$cause],
        ];
        unset($sheet['readings']['why.words']);
        $sheet['kit']['number'] = $kit;
        $sheet['plan'] = ['taken' => $this->hours($sheet['vehicle']['class'])];

        return $sheet;
    }

    /** @return array<string, mixed> */
    private function releaseFault(): array
    {
        $cause = ['air', 'slave_leak', 'master_leak', 'master_bypass'][$this->random->getInt(0, 3)];

        return [
            'format' => 'jade-spindle/job-sheet', 'version' => 1, 'complaint' => 'The pedal has gone soft.',
            'vehicle' => ['actuation' => 'slave', 'flywheel' => 'solid'],
            'readings' => ['triage.kind' => 'bleed', 'triage.signs' => ['spongy', 'pumping_helps', 'after_hydraulic'],
                'triage.t_blocked' => 'positive', 'why.causes' => [$cause]],
            'release' => ['free_play' => sprintf('%.1f mm', $this->between(1.5, 4.5))],
            'hydraulics' => ['proof' => 'hard', 'fluid' => 'dot4',
                'fluid_wanted' => 'dot4', 'school' => 'helper', 'steps_done' => ['s1', 's2', 's3', 's4', 's5'], 'counted_3' => 6],
            'plan' => ['taken' => ['checks' => [sprintf('%.1f h', $this->between(0.4, 1.2))],
                'setting' => [sprintf('%.1f h', $this->between(0.5, 1.4))], 'proving' => [sprintf('%.1f h', $this->between(0.4, 0.9))]]],
        ];
    }

    /** @return array<string, list<string>> */
    private function hours(string $class): array
    {
        $hours = [];
        foreach (Task::cases() as $task) {
            if ($task !== Task::Machining) {
                $usual = $task->usual(VehicleClass::tryFrom($class), Layout::Front)->value;
                $hours[$task->value] = [sprintf('%.1f h', max(0.1, $usual * 1.05 * $this->spread(0.2)))];
            }
        }

        return $hours;
    }

    /** Tried on the road, and what nobody measured let pass with a word, as it was in those years. */
    private function proved(Document $document, string $class): Document
    {
        $sheet = JobSheet::of($document, Subjects::dictionary());
        $prove = [];
        foreach (Test::of($sheet) as $test) {
            $prove[$test->value] = ['result' => 'pass'];
        }
        $prove['take_up'] = [...$prove['take_up'] ?? [], 'height' => '76 mm'];
        $document = $document->with(['prove'], json_decode(json_encode([...$prove, 'recheck' => ['after' => '500 km']],
            JSON_THROW_ON_ERROR)));
        $sheet = JobSheet::of($document, Subjects::dictionary());
        $waivers = [];
        $isReplaced = $sheet->values->has('kit.name');
        foreach (SignOff::of(Assessment::of($sheet)->findings, $isReplaced)->blockers as $open) {
            $waivers[$open->id] = ['reason' => 'Not measured at the time; customer told.', 'by' => $this->lead->name,
                'at' => Carbon::now()->toIso8601ZuluString()];
        }

        return $waivers === [] ? $document : $document->with(['waivers'], (object) array_map(
            static fn (array $w): object => (object) $w, $waivers,
        ));
    }

    private function cause(): string
    {
        $at = $this->random->getInt(1, (int) array_sum(array_column(self::CAUSES, 1)));
        foreach (self::CAUSES as [$cause, $weight]) {
            $at -= $weight;
            if ($at <= 0) {
                return $cause;
            }
        }

        return self::CAUSES[0][0];
    }

    private function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    /** A factor around one, the logarithm spread like the sum of twelve throws. */
    private function spread(float $by): float
    {
        $sum = -6.0;
        for ($i = 0; $i < 12; $i++) {
            $sum += $this->between(0.0, 1.0);
        }

        return exp($by * $sum);
    }
}
