<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\JobCannotBeShown;
use App\Jobs\ReaderLocale;
use App\Models\Job;
use Spindle\Assessment\Subjects;
use Spindle\Inspection\Disc\WearRate;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;

/** What an earlier job on the same vehicle has to say to whoever takes in the next one. */
final readonly class EarlierJob
{
    private const MOST = 5;

    /** Findings that say what the old clutch was like; the rest stands in the record. */
    private const TOLD = Verdict::Out;

    private function __construct(public AssessedJob $page)
    {
    }

    /** @return list<self> newest first */
    public static function before(Job $job): array
    {
        $earlier = [];
        foreach (
            Job::query()
                ->with(Job::WHOLE)
                ->where('vehicle_id', $job->vehicle_id)
                ->where('id', '<', $job->id)
                ->orderByDesc('id')
                ->limit(self::MOST)
                ->get() as $before
        ) {
            try {
                $one = new self(AssessedJob::of($before));
                $one->wear();
                $earlier[] = $one;
            } catch (JobCannotBeShown|\DomainException|\ArithmeticError) {
                // It says so itself on the vehicle's page; this job is not to suffer from it.
                continue;
            }
        }

        return $earlier;
    }

    /** When it was signed, or that it never was. */
    public function when(): string
    {
        $signed = $this->page->job->signedSheet;

        return $signed === null
            ? 'never signed, last worked on '.ReaderLocale::date($this->page->job->updated_at)
            : 'signed '.ReaderLocale::date($signed->at);
    }

    public function kit(): string
    {
        return $this->page->values()->word('kit.name') ?? '';
    }

    /** "0.9 mm worn in 61 000 km: 68 000 km a millimetre"; empty where either was not measured. */
    public function wear(): string
    {
        $worn = $this->worn();
        $since = $this->since();
        if ($worn === null || $since === null) {
            return '';
        }
        $display = $this->page->display;
        $said =
            $display->quantity($worn, $this->page->values()->resolution('disc.thickness', 'disc.thickness_new')).
            ' of lining worn in '.
            $display->quantity($since, 1.0);
        $rate = $this->rate();

        return $rate === null
            ? $said
            : $said.': '.$display->quantity($rate->aMillimetre, self::step($rate->aMillimetre)).' a millimetre';
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

        return array_map(static fn (string $id): string => $options[$id] ?? $id, $this->page->values()->words('why.causes'));
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return array_values(array_filter($this->page->assessment->findings, static fn (Finding $f): bool => $f->verdict === self::TOLD));
    }

    private function rate(): ?WearRate
    {
        $worn = $this->worn();
        $since = $this->since();

        return $worn === null || $since === null || $worn->value <= 0.0 || $since->value <= 0.0 ? null : WearRate::of($worn, $since);
    }

    private function worn(): ?Length
    {
        $figure = $this->page->assessment->figure('wear.used');

        return is_float($figure) ? Length::mm($figure) : null;
    }

    private function since(): Distance|Duration|null
    {
        return $this->page->sheet->distanceSinceFitted() ?? $this->page->sheet->timeSinceFitted();
    }

    /** Two digits: a rate is no finer. */
    private static function step(Quantity $quantity): float
    {
        return 10 ** floor(log10(max(1.0, abs($quantity->value))) - 1);
    }
}
