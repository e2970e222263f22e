<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/** The figures of every duty, with what the shop decided in place of the built-in ones: {"town": {"reserve": 1.3}}. */
final readonly class DutyTable
{
    public const NAME = 'duties';

    private const GREATEST = 10.0;

    /** @param  array<string, DutyFigures>  $given  by duty, those that are not built in */
    private function __construct(private array $given)
    {
    }

    public static function builtIn(): self
    {
        return new self([]);
    }

    public static function of(JobSheet $sheet): self
    {
        $table = $sheet->section(self::NAME);

        return $table instanceof self ? $table : self::builtIn();
    }

    public function figures(Duty $duty): DutyFigures
    {
        return $this->given[$duty->value] ?? DutyFigures::builtIn($duty);
    }

    /** @throws SheetError with the place, when there is no such duty or its figures cannot be */
    public static function read(mixed $given): self
    {
        $table = [];
        foreach (Sections::map($given, self::NAME) as $name => $figures) {
            $place = self::NAME.".{$name}";
            $duty = Duty::tryFrom($name) ?? throw SheetError::at($place, 'there is no such duty');
            $map = Sections::map($figures, $place);
            $builtIn = DutyFigures::builtIn($duty);
            $read = static fn (string $key, Ratio $else): Ratio => isset($map[$key])
                ? Ratio::of(Sections::number($map[$key], "{$place}.{$key}", 1.0, self::GREATEST)) : $else;
            try {
                $table[$duty->value] = new DutyFigures($read('reserve', $builtIn->reserve), $read('harsh_above', $builtIn->harshAbove));
            } catch (DemandError $e) {
                throw SheetError::at($place, $e->getMessage());
            }
        }

        return new self($table);
    }

    public static function section(): Section
    {
        return new Section(self::read(...), ['type' => 'object', 'additionalProperties' => [
            'type' => 'object',
            'properties' => array_fill_keys(['reserve', 'harsh_above'], ['type' => 'number', 'minimum' => 1, 'maximum' => self::GREATEST]),
        ]]);
    }
}
