<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\ReaderLocale;
use App\Limits\LimitsBook;
use App\Models\Job;
use App\Models\JobFacts;
use Spindle\Assessment\Subjects;
use Spindle\Inspection\Disc\WearRate;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\UnitSystem;

/** What a job says on pages that are not its own: from what was stored of it when it was written, nothing is worked out for it. */
final readonly class EarlierJob
{
    private const MOST = 5;

    private function __construct(public Job $job, private ?JobFacts $facts, private Display $display)
    {
    }

    /** @return list<self> the jobs before this one on the same vehicle, newest first */
    public static function before(Job $job): array
    {
        return self::onVehicle($job->vehicle_id, self::MOST, $job->id);
    }

    /** @return list<self> newest first */
    public static function onVehicle(int $vehicle, int $most, ?int $before = null): array
    {
        $jobs = Job::query()->with(['signedSheet', 'standing', 'facts'])->where('vehicle_id', $vehicle)
            ->when($before !== null, static fn ($query) => $query->where('id', '<', $before))
            ->orderByDesc('id')->limit($most)->get();
        $sign = ReaderLocale::decimalSign();

        return array_values($jobs->map(static fn (Job $one): self => new self(
            $one, $one->facts, new Display(UnitSystem::tryFrom($one->units) ?? UnitSystem::Metric, $sign),
        ))->all());
    }

    /** Why it cannot be shown, or that an earlier version of this program wrote what is stored of it; empty where it can be told. */
    public function untold(): string
    {
        return match (true) {
            $this->job->standing?->isBroken() === true => $this->job->standing->broken,
            $this->facts?->told === null => 'What it came to is not worked out for this version: php artisan shop:rebuild.',
            default => '',
        };
    }

    public function isAltered(): bool
    {
        return $this->job->signedSheet?->isWhole() === false;
    }

    /** When it was signed, or that it never was. */
    public function when(): string
    {
        $signed = $this->job->signedSheet;

        return $signed === null
            ? 'never signed, last worked on '.ReaderLocale::date($this->job->updated_at)
            : 'signed '.ReaderLocale::date($signed->at);
    }

    public function kit(): string
    {
        return $this->facts->told['kit'] ?? '';
    }

    public function complaint(): string
    {
        return $this->facts->told['complaint'] ?? '';
    }

    /** Why it failed, as somebody wrote it. */
    public function words(): string
    {
        return $this->facts->told['words'] ?? '';
    }

    /** "0.9 mm of lining worn in 61 000 km: 68 000 km a millimetre"; empty where either was not measured. */
    public function wear(): string
    {
        $worn = $this->worn();
        $since = $this->since();
        if ($worn === null || $since === null) {
            return '';
        }
        $said = $this->display->quantity($worn, $this->facts->told['step'] ?? 0.0).' of lining worn in '
            .$this->display->quantity($since, 1.0);
        $rate = $this->rate();

        return $rate === null
            ? $said
            : $said.': '.$this->display->quantity($rate->aMillimetre, self::step($rate->aMillimetre)).' a millimetre';
    }

    /** What the present clutch would have worn at the rate of this one; empty where that cannot be told. */
    public function foretells(AssessedJob $now): string
    {
        $rate = $this->rate();
        $since = $rate?->aMillimetre instanceof Distance ? $now->sheet->distanceSinceFitted() : $now->sheet->timeSinceFitted();

        return $rate === null || $since === null
            ? ''
            : 'At that rate about '.$now->display->quantity($rate->wearAfter($since), 0.1).' would be gone by now.';
    }

    /** @return list<string> causes somebody settled on, in words */
    public function causes(): array
    {
        $options = Subjects::dictionary()->get('why.causes')->options;

        return array_map(static fn (string $id): string => $options[$id] ?? $id, $this->facts->causes ?? []);
    }

    /**
     * @param  bool  $all  also what is followed over the years and was within
     * @return list<array{Verdict, string}> what was out or near, the out ones first
     */
    public function found(bool $all = false): array
    {
        $figures = $this->facts->figures ?? [];
        // What has no figure to show is told only where it was out.
        $verdicts = [
            ...($all ? array_fill_keys(array_keys($figures), Verdict::Within->value) : []),
            ...array_intersect_key($this->facts->marks ?? [], $figures), ...$this->facts->told['found'] ?? [],
        ];
        $found = [];
        foreach ($verdicts as $finding => $verdict) {
            $found[] = [Verdict::tryFrom($verdict) ?? Verdict::Unmeasured, $this->said($finding)];
        }
        $found = array_values(array_unique($found, SORT_REGULAR));
        usort($found, static fn (array $a, array $b): int => $a[0]->rank() <=> $b[0]->rank());

        return $found;
    }

    /** "Face runout 0.21 mm, at most 0.15 mm"; without a figure its name, else where it was found. */
    private function said(string $finding): string
    {
        $dictionary = Subjects::dictionary();
        $figure = $this->facts->figures[$finding] ?? null;
        $of = $dictionary->overYears[$finding] ?? $finding;
        $name = LimitsBook::nameOf($of);
        if ($figure === null) {
            $station = $dictionary->find($finding)->station ?? $dictionary->stationIfOwned($finding);

            return $name !== $finding ? $name : ($station === null ? "“{$finding}”, which this version does not judge"
                : "Something at {$station->label()}");
        }
        $written = fn (float $value): string => VehicleHistory::written($of, $value, $this->display);

        return implode(', ', array_filter([
            $name.' '.$written($figure['value']), $figure['min'] === null ? '' : 'at least '.$written($figure['min']),
            $figure['max'] === null ? '' : 'at most '.$written($figure['max']),
        ], static fn (string $part): bool => $part !== ''));
    }

    private function rate(): ?WearRate
    {
        $worn = $this->worn();
        $since = $this->since();

        return $worn === null || $since === null || $worn->value <= 0.0 || $since->value <= 0.0 ? null : WearRate::of($worn, $since);
    }

    private function worn(): ?Length
    {
        return $this->facts?->worn === null ? null : Length::mm($this->facts->worn);
    }

    private function since(): Distance|Duration|null
    {
        return match (true) {
            $this->facts?->since === null => null,
            $this->facts->isByHours() => Duration::hours($this->facts->since),
            default => Distance::km($this->facts->since),
        };
    }

    /** Two digits: a rate is no finer. */
    private static function step(Quantity $quantity): float
    {
        return 10 ** floor(log10(max(1.0, abs($quantity->value))) - 1);
    }
}
