<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Limit\Verdict;

/** What a reading of the face asks for. */
enum FaceRemedy: string
{
    case Replace = 'replace';
    case CleanTheSeat = 'clean_the_seat';
    case Grind = 'grind';
    case MeasureAgain = 'measure_again';
    case Nothing = 'nothing';

    public static function of(Verdict $verdict, bool $isDualMass, bool $isAskew = false): self
    {
        return match (true) {
            $verdict === Verdict::Out && $isDualMass => self::Replace,
            $verdict === Verdict::Out && $isAskew => self::CleanTheSeat,
            $verdict === Verdict::Out => self::Grind,
            $verdict === Verdict::Near => self::MeasureAgain,
            default => self::Nothing,
        };
    }
}
