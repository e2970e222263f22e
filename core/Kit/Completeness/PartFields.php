<?php

declare(strict_types=1);

namespace Spindle\Kit\Completeness;

use Spindle\Kit\KitPart;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Kit: where each part of the job comes from. */
final class PartFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $options = [];
        foreach (PartState::cases() as $state) {
            $options[$state->value] = $state->label();
        }
        $job = Nature::chosen(Whose::Job)->reading();
        $fields = [];
        foreach (KitPart::cases() as $part) {
            $fields[] = Make::words("parts.{$part->value}", Kind::Word, Station::Kit, $part->label(), $options)->is($job);
            $fields[] = Make::text("parts.{$part->value}_why", Station::Kit, "{$part->label()}: why not")->is($job->mayName());
            $fields[] = Make::text("parts.{$part->value}_order", Station::Kit, "{$part->label()}: where ordered, and as what")
                ->is($job->mayName());
        }

        return [
            ...$fields,
            Make::fromZero('order.return_cost', Station::Kit, 'What sending a wrong order back costs', Dimension::Ratio, 1_000_000)
                ->is($job),
            Make::fromZero('order.day_cost', Station::Kit, 'What a day of waiting costs', Dimension::Ratio, 1_000_000)->is($job),
        ];
    }
}
