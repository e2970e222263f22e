<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Sheet\FaceMark;
use Spindle\Vehicle\FlywheelKind;

/** What is said of what was seen on a part, and of the map of a face. */
final class InspectionSentences implements Sentences
{
    /**
     * @param  string  $part  what the part is called
     * @param  list<Condition>  $seen
     * @param  FlywheelKind|null  $flywheel  what is ground on one ends another
     * @param  Said|null  $also  what is to be said besides
     */
    public static function seen(string $part, array $seen, ?FlywheelKind $flywheel, ?Said $also): Said
    {
        return Said::as(__METHOD__, compact('part', 'seen', 'flywheel', 'also'), static fn (Display $d): string => "{$part}: ".implode(
            '; ', array_map(static fn (Condition $c): string => "{$c->label}: ".self::consequence($c, $flywheel), $seen),
        ).'.'.self::also($also, $d));
    }

    /** @param  string  $looked  how it is said that nothing was found */
    public static function nothingSeen(string $part, string $looked, ?Said $also): Said
    {
        return Said::as(__METHOD__, compact('part', 'looked', 'also'), static fn (Display $d): string => "{$part}: {$looked}."
            .self::also($also, $d));
    }

    private static function also(?Said $also, Display $d): string
    {
        return $also === null ? '' : " {$also->in($d)}";
    }

    /** What follows on a flywheel of this kind. */
    public static function consequence(Condition $condition, ?FlywheelKind $flywheel): string
    {
        return $condition->isGround && $flywheel === FlywheelKind::DualMass ? 'replace; a dual-mass flywheel is never machined'
            : $condition->consequence;
    }

    /**
     * The marks of one face, sort by sort.
     *
     * @param  string  $face  what the face is called
     * @param  list<FaceMark>  $marks
     * @param  list<Condition>  $conditions  what each sort stands for, where something follows from it
     * @param  Said|null  $remedy  what follows from any mark; nothing where each sort has its own
     */
    public static function marks(string $face, array $marks, array $conditions, ?FlywheelKind $flywheel, ?Said $remedy): Said
    {
        return Said::as(__METHOD__, compact('face', 'marks', 'conditions', 'flywheel', 'remedy'), static function (Display $d) use (
            $face, $marks, $conditions, $flywheel, $remedy,
        ): string {
            $said = [];
            foreach (FaceMark::kinds() as $kind => $name) {
                $there = array_values(array_filter($marks, static fn (FaceMark $m): bool => $m->kind === $kind));
                if ($there !== []) {
                    $places = implode('; ', array_map(
                        static fn (FaceMark $m): string => "{$m->clock()} o'clock, {$d->quantity($m->radius, 1.0)} out", $there,
                    ));
                    $said[] = count($there)." × {$name} ({$places})".self::follows($there[0], $conditions, $flywheel);
                }
            }

            return "{$face}: ".implode('; ', $said).'.'.($remedy === null ? '' : " {$remedy->in($d)}.");
        });
    }

    /** @param  list<Condition>  $conditions */
    private static function follows(FaceMark $mark, array $conditions, ?FlywheelKind $flywheel): string
    {
        foreach ($conditions as $condition) {
            if ($condition->word === $mark->condition()) {
                return ': '.self::consequence($condition, $flywheel);
            }
        }

        return '';
    }

    public static function replaceTheCover(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Replace the cover');
    }

    public static function concentricIsReplaced(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A concentric bearing is replaced complete whenever the box is out.');
    }
}
