<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/** How the shop bleeds where nobody says otherwise: {"school": "reverse"}. */
final readonly class BleedingRules
{
    public const NAME = 'bleeding';

    private function __construct(public ?BleedingSchool $school)
    {
    }

    /** The way in which this job is bled: as entered, as the shop does it, or as is usual. */
    public static function schoolFor(JobSheet $sheet): BleedingSchool
    {
        $rules = $sheet->section(self::NAME);

        return BleedingSchool::tryFrom($sheet->values->word('hydraulics.school') ?? '')
            ?? ($rules instanceof self ? $rules->school : null) ?? BleedingSchool::usual($sheet);
    }

    /** @throws SheetError with the place */
    public static function read(mixed $given): self
    {
        $school = Sections::map($given, self::NAME)['school'] ?? null;
        $place = self::NAME.'.school';

        return new self($school === null ? null : BleedingSchool::tryFrom(is_string($school) ? $school : '')
            ?? throw SheetError::at($place, 'there is no such way of bleeding'));
    }

    public static function section(): Section
    {
        return new Section(self::read(...), ['type' => 'object', 'properties' => [
            'school' => ['enum' => array_column(BleedingSchool::cases(), 'value')],
        ]]);
    }
}
