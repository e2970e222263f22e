<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Vehicle\FlywheelKind;

/**
 * Scuff, machine or replace a flywheel. Common practice, no source.
 *
 * Two schools of machining exist: a grinder always, because a turning tool jumps over hardened spots and leaves them standing
 * proud; or a light cut on a lathe for a soft face without marks. Spots are ground in either.
 */
enum FlywheelDecision
{
    case Scuff;
    case Reseat;
    case Grind;
    case Turn;
    case Replace;
    case KeepDualMass;

    /** Conditions that end a flywheel, and those that a cut takes away. */
    private const ENDING = ['cracks', 'open_crack', 'ring_gear', 'bolt_holes', 'not_rated', 'grease_thrown', 'noisy'];

    private const HARD = ['heat_spots', 'scoring', self::CUT_AWAY];

    /** Cracks less deep than the cut that is taken. */
    public const CUT_AWAY = 'cut_away';

    /** What has to come off for hard spots to be gone, mm. From memory [M]. */
    public const SPOTS = 0.1;

    /**
     * In this order: replace where there is any ground for it; a dual-mass flywheel is kept or replaced, never cut; grind where there
     * is a ground for it and the cut it needs leaves the least thickness, else replace; else scuff. Common practice, no source.
     *
     * @param  Verdict  $face  the worse of runout and flatness
     * @param  Verdict  $body  thickness after the cut; for a dual-mass flywheel its play and rock
     * @param  list<string>  $conditions
     * @param  Length|null  $needed  what has to come off for a clean face; nothing where no metal has to
     * @param  Length|null  $room  what may come off; nothing while the thickness or its least is not known
     * @param  bool  $askew  the face is flat but tilted, and only the tilt is out
     * @return self|null nothing where metal has to come off and nobody knows how much may
     */
    public static function of(
        FlywheelKind $kind,
        Verdict $face,
        Verdict $body,
        array $conditions,
        bool $latheSchool,
        ?Length $needed = null,
        ?Length $room = null,
        bool $askew = false,
    ): ?self {
        $hard = array_intersect($conditions, self::HARD) !== [];
        $ends = $body === Verdict::Out || array_intersect($conditions, self::ENDING) !== [];
        if ($kind === FlywheelKind::DualMass) {
            return $ends || $face === Verdict::Out || $hard ? self::Replace : self::KeepDualMass;
        }
        $off = $hard || ($face === Verdict::Out && ! $askew);

        return match (true) {
            $ends, $room !== null && $room->value <= 0.0 => self::Replace,
            $off && $room === null => null,
            $off && $needed !== null && $room->value < $needed->value => self::Replace,
            $hard => self::Grind,
            $face === Verdict::Out && $askew => self::Reseat,
            $face === Verdict::Out => $latheSchool ? self::Turn : self::Grind,
            default => self::Scuff,
        };
    }

    /**
     * Whether a face in this state is cut at all.
     *
     * @param  list<string>  $conditions
     */
    public static function isCut(Verdict $face, array $conditions, bool $askew): bool
    {
        return array_intersect($conditions, self::HARD) !== [] || $face === Verdict::Out && ! $askew;
    }

    public function verdict(): Verdict
    {
        return match ($this) {
            self::Scuff, self::KeepDualMass => Verdict::Within,
            self::Replace => Verdict::Out,
            default => Verdict::Near,
        };
    }

    public function instruction(FlywheelKind $kind): string
    {
        $pot = $kind === FlywheelKind::Pot ? ' Cut the mounting face by the same amount, to keep the depth of the pot.' : '';

        return match ($this) {
            self::Scuff => 'Scuff the flywheel with an abrasive pad and degrease it.',
            self::Reseat => 'The face is flat but stands askew: take the flywheel off, clean its seat and the flange, look for a '.
                'burr, tighten crosswise and read the dial again before anything is ground.',
            self::Grind => 'Grind the flywheel: pull the dowels first, fit new ones after.'.$pot,
            self::Turn => 'A light cut on the lathe will do on a soft face without marks: pull the dowels first, fit new ones after.'.
                $pot,
            self::Replace => $kind === FlywheelKind::DualMass
                ? 'Replace the dual-mass flywheel; it is never machined. Convert only with a disc that has its own damper.'
                : 'Replace the flywheel.',
            self::KeepDualMass => 'Keep the dual-mass flywheel; clean its face, it is never machined.',
        };
    }
}
