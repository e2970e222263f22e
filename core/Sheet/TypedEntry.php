<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Entry;
use Spindle\Quantity\Unit;

/** One entry as a log of entries holds it, as text, whatever sort of answer its field takes. */
final class TypedEntry
{
    /**
     * @param  Unit|null  $default  the unit the form shows
     * @return Entry|null  the quantity, of fields that take one
     *
     * @throws SheetError when it cannot be an answer to the field
     */
    public static function read(Field $field, string $typed, string $place, ?Unit $default = null): ?Entry
    {
        FieldReader::text($typed, $place);
        match ($field->kind) {
            Kind::Quantity, Kind::Quantities, Kind::Count => $entry = FieldReader::entry($field, $typed, $place, $default),
            Kind::Words => FieldReader::words($field, explode(',', $typed), $place),
            Kind::Word => FieldReader::words($field, $typed, $place),
            Kind::Flag => FieldReader::words($field, match ($typed) {
                'yes' => true,
                'no' => false,
                default => $typed,
            }, $place),
            Kind::Marks => FieldReader::marks($field, $typed, $place),
            Kind::Date => FieldReader::day($typed, $place),
            Kind::Curve => FieldReader::curve($field, FieldReader::curveLines($typed), $place),
            Kind::Text => null,
        };

        return $entry ?? null;
    }
}
