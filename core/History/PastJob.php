<?php

declare(strict_types=1);

namespace Spindle\History;

use DateTimeImmutable;
use Spindle\Triage\Outcome;

/** A signed job as it is looked at beside many others. */
final readonly class PastJob
{
    /**
     * @param  string  $kit  the one that went in; empty where none did
     * @param  float|null  $since  how far the clutch had gone: km, of a tractor hours
     * @param  float|null  $worn  lining it had lost, mm
     * @param  float|null  $planned  hours
     * @param  float|null  $taken  hours
     * @param  list<string>  $causes  it failed by, by their names in the table of causes
     * @param  list<string>  $limits  findings that met their limit
     */
    public function __construct(
        public int $id,
        public int $vehicle,
        public DateTimeImmutable $signed,
        public string $class,
        public ?Outcome $outcome,
        public string $kit,
        public ?string $duty,
        public ?float $since,
        public ?float $worn,
        public ?float $planned,
        public ?float $taken,
        public array $causes,
        public array $limits,
    ) {
    }
}
