<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Sheet\FaceMark;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Station;

/** The map of a friction face: what is seen on it, each at its place. */
final class MarkedFace
{
    public static function field(string $part, string $label, Nature $nature): Field
    {
        return (new Field(
            self::key($part), Kind::Marks, Station::Strip, "{$label}: marks on the face", options: FaceMark::kinds(),
            how: 'what, clock position, distance from the centre: heat_spot 4:30 105 mm',
        ))->is($nature);
    }

    /** @return list<FaceMark> none on a part that has no face to map */
    public static function marks(string $part, JobSheet $sheet): array
    {
        $isMapped = $sheet->dictionary->find(self::key($part)) !== null;

        return $isMapped ? array_map(FaceMark::read(...), $sheet->values->words(self::key($part))) : [];
    }

    public static function key(string $part): string
    {
        return "{$part}.marks";
    }
}
