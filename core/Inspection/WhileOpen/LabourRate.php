<?php

declare(strict_types=1);

namespace Spindle\Inspection\WhileOpen;

use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/** What the shop takes for an hour, in its own money: {"rate": 68}. What a job says for itself comes first. */
final readonly class LabourRate
{
    public const NAME = 'labour';

    public const GREATEST = 100_000.0;

    private function __construct(private ?float $rate)
    {
    }

    /** Money an hour; nothing where nobody said. */
    public static function of(JobSheet $sheet): ?Ratio
    {
        $shop = $sheet->section(self::NAME);

        return $sheet->values->one(Ratio::class, 'open.rate')
            ?? ($shop instanceof self && $shop->rate !== null ? Ratio::of($shop->rate) : null);
    }

    /** @throws SheetError with the place */
    public static function read(mixed $given): self
    {
        $map = Sections::map($given, self::NAME);

        return new self(isset($map['rate']) ? Sections::number($map['rate'], self::NAME.'.rate', 0.0, self::GREATEST) : null);
    }

    public static function section(): Section
    {
        return new Section(self::read(...), ['type' => 'object', 'properties' => [
            'rate' => ['type' => 'number', 'minimum' => 0, 'maximum' => self::GREATEST],
        ]]);
    }
}
