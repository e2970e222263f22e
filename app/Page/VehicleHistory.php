<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\ReaderLocale;
use App\Limits\LimitsBook;
use App\Models\JobFacts;
use App\Models\Vehicle;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Spindle\Assessment\Subjects;
use Spindle\History\Forecast;
use Spindle\History\Life;
use Spindle\History\Pace;
use Spindle\History\Repeats;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\UnitSystem;
use Spindle\Triage\Causes;
use Spindle\Vehicle\VehicleClass;

/** A vehicle's clutches one after the other, what they lasted, what keeps coming back, and when the next one is due. */
final readonly class VehicleHistory
{
    private const MOST = 100;

    /**
     * @param  Collection<int, JobFacts>  $jobs  signed ones, the first first
     * @param  list<Life>  $lives
     * @param  list<string>  $repeats
     */
    private function __construct(
        public Vehicle $vehicle,
        public Collection $jobs,
        public array $lives,
        public ?Forecast $forecast,
        public array $repeats,
    ) {
    }

    public static function of(Vehicle $vehicle): self
    {
        /** @var Collection<int, JobFacts> $jobs */
        $jobs = JobFacts::query()->with('job')->where('vehicle_id', $vehicle->id)->whereNotNull('signed_at')
            ->orderBy('signed_at')->limit(self::MOST)->get();
        // A life ends where a clutch was replaced; what was only set or bled goes on.
        $replaced = $jobs->filter(static fn (JobFacts $f): bool => $f->kit !== '')->values();
        $lives = [];
        foreach ($replaced as $i => $facts) {
            $lives[] = new Life(
                $i === 0 ? null : $replaced[$i - 1]->signed_at?->toDateTimeImmutable(), $facts->signed_at?->toDateTimeImmutable(),
                $facts->since ?? self::between($replaced[$i - 1] ?? null, $facts), $facts->worn, $facts->usable, $facts->causes,
            );
        }
        $last = $replaced->last()?->signed_at?->toDateTimeImmutable();

        return new self(
            $vehicle, $jobs, $lives, $last === null ? null : Forecast::of($lives, self::perDay($jobs), $last),
            Repeats::said(array_values($jobs->map(static fn (JobFacts $f): array => [
                $f->signed_at?->toDateTimeImmutable() ?? new DateTimeImmutable, $f->causes,
            ])->all())),
        );
    }

    private static function between(?JobFacts $before, JobFacts $now): ?float
    {
        return $before?->meter === null || $now->meter === null || $now->meter <= $before->meter ? null : $now->meter - $before->meter;
    }

    /**
     * How far it went in a day: from the first meter to the last, and between the last two.
     *
     * @param  Collection<int, JobFacts>  $jobs
     * @return list<float>
     */
    private static function perDay(Collection $jobs): array
    {
        $read = $jobs->filter(static fn (JobFacts $f): bool => $f->meter !== null)->values();
        $rates = [];
        foreach ([[0, $read->count() - 1], [$read->count() - 2, $read->count() - 1]] as [$from, $to]) {
            $first = $read->get($from);
            $last = $read->get($to);
            $pace = $first?->signed_at === null || $last?->signed_at === null || $first === $last ? null : Pace::between(
                $first->signed_at->toDateTimeImmutable(), (float) $first->meter, $last->signed_at->toDateTimeImmutable(),
                (float) $last->meter,
            );
            $rates = $pace === null ? $rates : [...$rates, $pace];
        }

        return $rates;
    }

    /** @return array<string, list<array{at: int, label: string, value: float, text: string, min: float|null, max: float|null}>> */
    public function series(): array
    {
        $series = [];
        $display = new Display(UnitSystem::Metric, ReaderLocale::decimalSign());
        foreach ($this->jobs as $facts) {
            $at = $facts->signed_at;
            foreach ($at === null ? [] : $facts->figures as $key => $figure) {
                $name = Subjects::dictionary()->overYears[$key] ?? '';
                if ($name !== '') {
                    $series[$key][] = ['at' => (int) $at?->getTimestamp(), 'label' => LimitsBook::nameOf($name),
                        'text' => self::written($name, $figure['value'], $display),
                        'value' => $figure['value'], 'min' => $figure['min'], 'max' => $figure['max']];
                }
            }
        }

        return array_filter($series, static fn (array $points): bool => count($points) > 1);
    }

    /** A figure that is followed over the years, as whoever looks writes it. */
    public static function written(string $name, float $value, Display $display): string
    {
        return Subjects::dictionary()->figures->isPercent($name) ? $display->percent($value / 100)
            : $display->quantity(Length::mm($value), 0.01);
    }

    public function isByHours(): bool
    {
        return $this->vehicle->class === VehicleClass::Tractor->value;
    }

    public function distance(?float $of, Display $display): string
    {
        return $of === null ? 'not known' : $display->number($of, 0).($this->isByHours() ? ' h' : ' km');
    }

    /** @return list<string> of a job, in words */
    public static function causes(JobFacts $facts): array
    {
        return array_map(static fn (string $id): string => lcfirst(Causes::all()[$id]->label ?? $id), $facts->causes);
    }

    /** ", 1.20 mm" after how far it went; empty where the wear of it is not known. */
    public function worn(JobFacts $facts): string
    {
        return $facts->worn === null ? '' : ', '.ReaderLocale::display()->quantity(Length::mm($facts->worn), 0.01);
    }
}
