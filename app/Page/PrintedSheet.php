<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use Spindle\Assessment\FailureReason;
use Spindle\Assessment\Standing;
use Spindle\Capacity\Material;
use Spindle\Triage\Diagnosis;

/** What the printed sheet of a job says. */
final readonly class PrintedSheet
{
    private function __construct(private AssessedJob $page)
    {
    }

    public static function of(AssessedJob $page): self
    {
        return new self($page);
    }

    /** @return list<string> signs and tests that speak for the likeliest cause */
    public function speaksFor(Diagnosis $diagnosis): array
    {
        return array_map(
            $diagnosis->said(...),
            $diagnosis->reasons($diagnosis->likeliest())['for'],
        );
    }

    /** @return list<string> why the old clutch failed, as somebody concluded it */
    public function concluded(): array
    {
        $causes = $this->page->sheet->dictionary->get('why.causes')->options;

        return array_map(static fn (string $id): string => (string) ($causes[$id] ?? $id), $this->page->values()->words('why.causes'));
    }

    /** @return list<string> causes that the parts showed */
    public function shown(): array
    {
        return array_values(array_map(
            static fn (FailureReason $r): string => lcfirst($r->cause->label)
                .($r->standing === Standing::Confirmed ? ' (suspected before)' : ''),
            array_filter($this->page->why(), static fn (FailureReason $r): bool => $r->isShown()),
        ));
    }

    /** @return list<PrintedFindings> */
    public function findings(): array
    {
        return PrintedFindings::of($this->page);
    }

    /** How the lining that was fitted is run in; empty where it is not said of what it is. */
    public function runningIn(): string
    {
        return Material::tryFrom($this->page->values()->word('kit.material') ?? '')?->runningIn() ?? '';
    }

    /** @return list<string> how it was done, in sentences */
    public function work(): array
    {
        return WorkDone::of($this->page);
    }

    public function measured(): PrintedReadings
    {
        return PrintedReadings::of($this->page);
    }
}
