<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/**
 * What a kit is rated by: the torque worked out from its data, or the maker's claim where that is believable for its lining. Working
 * out is built in: it compares kits of different suppliers by one rule.
 */
enum RatingSchool: string
{
    case Computed = 'computed';
    case Claim = 'claim';

    public const NAME = 'rating';

    public function label(): string
    {
        return match ($this) {
            self::Computed => 'What its data work out to',
            self::Claim => "The maker's claim, where it is believable",
        };
    }

    public static function of(JobSheet $sheet): self
    {
        $school = $sheet->section(self::NAME);

        return $school instanceof self ? $school : self::Computed;
    }

    /** @throws SheetError with the place, when it is none */
    public static function read(mixed $given): self
    {
        $word = Sections::map($given, self::NAME)['school'] ?? self::Computed->value;

        return (is_string($word) ? self::tryFrom($word) : null)
            ?? throw SheetError::wrongType(self::NAME.'.school', 'one of computed, claim', $word);
    }

    public static function section(): Section
    {
        return new Section(self::read(...), [
            'type' => 'object', 'properties' => ['school' => ['enum' => array_column(self::cases(), 'value')]],
        ]);
    }
}
