<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Limit\Verdict;
use Spindle\Vehicle\FlywheelKind;

/**
 * Scuff, machine or replace a flywheel. Common practice, no source.
 *
 * Two schools of machining exist: a grinder always, because a turning tool jumps over hardened spots and leaves them standing
 * proud; or a light cut on a lathe for a soft face without marks. Spots are ground in either.
 */
enum FlywheelDecision: string
{
    case Scuff = 'scuff';
    case Reseat = 'reseat';
    case Grind = 'grind';
    case Turn = 'turn';
    case Replace = 'replace';
    case KeepDualMass = 'keep_dual_mass';

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
     * @return self|null nothing where metal has to come off and nobody knows how much may
     */
    public static function of(FlywheelState $state): ?self
    {
        $hard = array_intersect($state->conditions, self::HARD) !== [];
        $ends = $state->body === Verdict::Out || array_intersect($state->conditions, self::ENDING) !== [];
        $isOut = $state->face === Verdict::Out;
        if ($state->kind === FlywheelKind::DualMass) {
            return $ends || $isOut || $hard ? self::Replace : self::KeepDualMass;
        }
        $room = $state->room;
        $isCut = self::isCut($state->face, $state->conditions, $state->isAskew);

        return match (true) {
            $ends, $room !== null && $room->value <= 0.0 => self::Replace,
            $isCut && $room === null => null,
            $isCut && $state->needed !== null && $room->value < $state->needed->value => self::Replace,
            $hard => self::Grind,
            $isOut && $state->isAskew => self::Reseat,
            $isOut => $state->isLatheSchool ? self::Turn : self::Grind,
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
            // What the face is shows only when it sits as it should.
            self::Reseat => Verdict::Unmeasured,
            default => Verdict::Near,
        };
    }
}
