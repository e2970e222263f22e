<?php

declare(strict_types=1);

namespace App\Practice;

use App\Jobs\AssessedJob;
use Spindle\Sheet\Station;
use Spindle\Triage\Signs;

/** What stands over a page of a practice job that stands over no other: how far it is, the customer to be asked, the end. */
final readonly class PracticeBar
{
    private function __construct(private AtStations $at, private AssessedJob $page, private ?Station $station)
    {
    }

    public static function of(AssessedJob $page, ?Station $station): self
    {
        return new self(AtStations::of($page->job), $page, $station);
    }

    public function code(): string
    {
        return $this->at->code();
    }

    public function minutes(): int
    {
        return $this->at->minutes();
    }

    public function isOver(): bool
    {
        return $this->at->isOver();
    }

    /** How much of what the core thinks of it is shown: "open", or "closed" until it is over or looked at. */
    public function tell(): string
    {
        return $this->at->isOpen() || session('looked') === true ? 'open' : 'closed';
    }

    public function canLook(): bool
    {
        return $this->at->canLook() && session('looked') !== true;
    }

    /** @return list<Station> where cautions are asked for, on a page that is of no station */
    public function uncautioned(): array
    {
        return $this->station !== null || $this->isOver() ? [] : $this->at->uncautioned();
    }

    public function asksForCaution(): bool
    {
        return $this->station !== null && ! $this->isOver() && $this->at->asksForCaution($this->station);
    }

    /** @return array<string, array<string, string>> signs that the customer was not asked for yet, by group; at Triage alone */
    public function askable(): array
    {
        if ($this->station !== Station::Triage || $this->isOver()) {
            return [];
        }
        $values = $this->page->values();
        $known = [...$values->words('triage.signs'), ...$values->words('triage.absent')];
        $isOpen = fn (string $sign): bool => ! in_array($sign, $known, true) && ! Signs::isCircumstance($sign)
            && $this->at->hidden()->situation->heeds($sign);

        return array_filter(array_map(
            static fn (array $signs): array => array_filter($signs, $isOpen, ARRAY_FILTER_USE_KEY), Signs::groups(),
        ));
    }
}
