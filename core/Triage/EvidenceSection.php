<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/** The table of causes with what a file changes in it: {"pilot": {"prior": 6, "judder": "strong"}}. */
final class EvidenceSection
{
    public const NAME = 'causes';

    /** @throws SheetError with the place, when there is no such cause or evidence or the value cannot be one */
    public static function read(mixed $given): EvidenceTable
    {
        $table = EvidenceTable::builtIn();
        foreach (Sections::map($given, self::NAME) as $cause => $changes) {
            foreach (Sections::map($changes, self::NAME.".{$cause}") as $evidence => $value) {
                $place = self::NAME.".{$cause}.{$evidence}";
                try {
                    $table = $evidence === EvidenceTable::PRIOR
                        ? $table->asCommonAs($cause, self::number($value, $place))
                        : $table->weighing($cause, $evidence, self::strength($value, $place));
                } catch (\DomainException $e) {
                    throw $e instanceof SheetError ? $e : SheetError::at($place, $e->getMessage());
                }
            }
        }

        return $table;
    }

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        $value = ['anyOf' => [['type' => 'number'], ['enum' => array_column(Strength::cases(), 'value')]]];

        return ['type' => 'object', 'additionalProperties' => ['type' => 'object', 'additionalProperties' => $value]];
    }

    private static function number(mixed $value, string $place): float
    {
        return is_int($value) || is_float($value) ? (float) $value : throw SheetError::wrongType($place, 'a number', $value);
    }

    private static function strength(mixed $value, string $place): Strength
    {
        $strength = is_string($value) ? Strength::tryFrom($value) : null;

        return $strength ?? throw SheetError::wrongType($place, 'one of strong, some, none, against', $value);
    }
}
