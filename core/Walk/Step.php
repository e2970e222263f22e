<?php

declare(strict_types=1);

namespace Spindle\Walk;

use Spindle\Limit\Instrument;
use Spindle\Sheet\Field;
use Spindle\Sheet\Origin;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;

/** One thing to take: a reading, a look, something to be said or done. */
final readonly class Step
{
    /** Saying or ticking something takes a moment, in minutes. From memory [M]. */
    private const A_MOMENT = 0.3;

    /** The kit is chosen on a page of its own. */
    public const KIT = 'kit';

    /**
     * @param  string  $key  the field, or KIT
     * @param  Place|null  $place  where one stands for it; nothing where it can be said wherever one is
     * @param  Instrument|null  $instrument  in the hand; nothing where none is wanted
     * @param  float  $minutes  from memory [M]
     * @param  bool  $isOwed  the job is not signed without it; else it is wanted beside
     * @param  bool  $isLast  it concludes from the others, so that it comes after them
     */
    private function __construct(
        public string $key,
        public Station $station,
        public Phase $phase,
        public ?Place $place,
        public ?Instrument $instrument,
        public float $minutes,
        public bool $isOwed,
        public bool $isLast,
    ) {
    }

    public static function of(Field $field, bool $isOwed): self
    {
        $nature = $field->nature();
        // What somebody says or decides is said where he stands, unless the thing itself stands somewhere.
        $isAnywhere = $nature->origin === Origin::Chosen && $nature->place === Place::Desk;

        return new self(
            $field->key, $field->station, Phase::of($field), $isAnywhere ? null : $nature->place, $field->instruments()[0] ?? null,
            max(self::A_MOMENT, $nature->minutes), $isOwed, $nature->isConclusion,
        );
    }

    public static function kit(): self
    {
        return new self(self::KIT, Station::Kit, Phase::Choose, null, null, self::A_MOMENT, true, false);
    }
}
