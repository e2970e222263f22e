<?php

declare(strict_types=1);

namespace Spindle\Offer;

use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/** How the shop makes its offers: {"tax": 21, "valid_days": 14, "tolerance": 10}. */
final readonly class OfferRules
{
    public const NAME = 'offer';

    /** Days an offer stands. From memory [M]. */
    public const VALID_DAYS = 14;

    /** Per cent of the offer by which the bill may be dearer before the customer is asked again. From memory [M]. */
    public const TOLERANCE = 10.0;

    private const MOST_DAYS = 365;

    /**
     * @param  float|null  $tax  per cent that come on top of what the lists and the rate say; nothing where nobody reckons it here
     * @param  float  $tolerance  per cent
     */
    private function __construct(
        public ?float $tax = null,
        public int $validDays = self::VALID_DAYS,
        public float $tolerance = self::TOLERANCE,
    ) {
    }

    public static function of(JobSheet $sheet): self
    {
        $rules = $sheet->section(self::NAME);

        return $rules instanceof self ? $rules : new self();
    }

    /** @throws SheetError with the place */
    public static function read(mixed $given): self
    {
        $map = Sections::map($given, self::NAME);
        $number = static fn (string $name, float $most): ?float => isset($map[$name])
            ? Sections::number($map[$name], self::NAME.".{$name}", 0.0, $most) : null;

        return new self(
            $number('tax', 100.0), (int) ($number('valid_days', self::MOST_DAYS) ?? self::VALID_DAYS),
            $number('tolerance', 100.0) ?? self::TOLERANCE,
        );
    }

    public static function section(): Section
    {
        $percent = ['type' => 'number', 'minimum' => 0, 'maximum' => 100];

        return new Section(self::read(...), ['type' => 'object', 'properties' => [
            'tax' => $percent, 'valid_days' => ['type' => 'number', 'minimum' => 0, 'maximum' => self::MOST_DAYS], 'tolerance' => $percent,
        ]]);
    }
}
