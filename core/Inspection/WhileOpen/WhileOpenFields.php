<?php

declare(strict_types=1);

namespace Spindle\Inspection\WhileOpen;

use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Parts that are only reachable now: what they look like, what they cost. Prices are plain numbers in the shop's own money. */
final class WhileOpenFields
{
    /** @return array<string, string> part => how it is called */
    public static function parts(): array
    {
        return [
            'pilot' => 'pilot bearing or bush',
            'release_bearing' => 'release bearing',
            'slave' => 'slave cylinder',
            'fork' => 'fork and pivot',
            'sleeve' => 'guide sleeve',
            'rear_seal' => 'crankshaft rear seal',
            'shaft_seal' => 'input-shaft seal',
        ];
    }

    /** @return list<Field> */
    public static function all(): array
    {
        $strip = Station::Strip;
        $job = Nature::chosen(Whose::Job)->reading();
        $fields = [
            Make::fromZero('open.labour', $strip, 'Labour to come back', Dimension::Duration, 200)->in('h')
                ->how('hours to reach this again')->is($job),
            Make::fromZero('open.rate', $strip, 'Labour rate', Dimension::Ratio, LabourRate::GREATEST)
                ->how('an hour, in your money; the shop’s when left out')->is($job),
        ];
        foreach (self::parts() as $part => $label) {
            $fields[] = Make::choice("open.{$part}_state", $strip, ucfirst($label), Soundness::cases())->is($job);
            $fields[] = Make::fromZero("open.{$part}_price", $strip, 'Price, '.$label, Dimension::Ratio, 1_000_000)->is($job);
            $fields[] = Make::share("open.{$part}_chance", $strip, 'Chance of failing, '.$label, 0, 1)
                ->how('before the next clutch; by its state when left out')->is($job);
        }

        return $fields;
    }
}
