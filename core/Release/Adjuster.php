<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\Actuation;

/**
 * What the spanner turns to set the free play, and which way: a pushrod takes play away when it is lengthened, a pulling rod when it is
 * shortened; a cable's sleeve does one or the other as it is built. Positive turns take play away. Common practice, no source.
 */
enum Adjuster: string
{
    case Rod = 'rod';
    case PullingRod = 'pulling_rod';
    case Cable = 'cable';
    case SleeveLonger = 'sleeve_longer';
    case SleeveShorter = 'sleeve_shorter';

    public const AT = 'release.adjuster_at';

    public const LONGER = 'release.adjuster_longer';

    private const PEDAL = 'pedal';

    private const FORK = 'fork';

    private const PUSHES = 'pushes';

    private const SLACKENS = 'slackens';

    /** @return array<string, string> where it may sit */
    public static function places(): array
    {
        return [self::PEDAL => 'At the pedal', self::FORK => 'At the fork'];
    }

    /** @return array<string, string> what it may do when it is made longer */
    public static function ways(): array
    {
        return [self::PUSHES => 'Takes free play away: it pushes on', self::SLACKENS => 'Gives free play: it slackens'];
    }

    public static function of(JobSheet $sheet): self
    {
        $longer = $sheet->values->word(self::LONGER);
        $isCable = $sheet->actuation() === Actuation::Cable;

        return match (true) {
            $isCable && $longer === null => self::Cable,
            $isCable => $longer === self::PUSHES ? self::SleeveLonger : self::SleeveShorter,
            default => $longer === self::SLACKENS ? self::PullingRod : self::Rod,
        };
    }

    /**
     * Free play at the pad that one turn takes away: pedal ratio × pitch; with the adjuster at the fork of a cable or rod also × linkage
     * ratio. Nothing where one of them is not known.
     */
    public static function padPerTurn(JobSheet $sheet): ?Length
    {
        $pedal = MovedRatio::of($sheet->values, MovedRatio::PEDAL);
        $pitch = $sheet->values->one(Length::class, 'release.rod_pitch');
        $linkage = self::isAtFork($sheet) && $sheet->actuation()?->isHydraulic() !== true
            ? MovedRatio::of($sheet->values, MovedRatio::LINKAGE) : Ratio::of(1.0);

        return $pedal === null || $pitch === null || $linkage === null ? null
            : Length::mm($pedal->value * $linkage->value * $pitch->value);
    }

    /** A rod at the slave sets the clearance of the bearing, and never the free play at the master. */
    public static function setsTheBearing(JobSheet $sheet): bool
    {
        return self::isAtFork($sheet) && $sheet->actuation()?->isHydraulic() === true;
    }

    private static function isAtFork(JobSheet $sheet): bool
    {
        return $sheet->values->word(self::AT) === self::FORK;
    }

    /** The least free play there may be; what is proposed stays above it, whatever was wished. */
    public static function leastPlay(JobSheet $sheet): ?Length
    {
        if ($sheet->actuation() === null) {
            return null;
        }
        $least = $sheet->limitBook()
            ->find('release.free_play', $sheet->actuation()->isHydraulic() ? 'release.free_play_in_contact' : null)?->min;

        return $least instanceof Length ? $least : null;
    }

    /** The turn of the spanner in words: "lengthen the rod by 2.0 turns". */
    public function turned(float $turns, Display $d, int $decimals = 1): string
    {
        $by = " by {$d->number(abs($turns), $decimals)} turns";

        return $this->way($turns).($this === self::Cable ? "{$by} of its adjuster" : $by);
    }

    /** @param  float  $turns  that take play away where above nought */
    public function way(float $turns): string
    {
        [$takes, $gives] = match ($this) {
            self::Rod => ['lengthen the rod', 'shorten the rod'],
            self::PullingRod => ['shorten the pulling rod', 'lengthen the pulling rod'],
            self::Cable => ['tighten the cable', 'slacken the cable'],
            self::SleeveLonger => ['screw the cable’s sleeve out', 'screw the cable’s sleeve in'],
            self::SleeveShorter => ['screw the cable’s sleeve in', 'screw the cable’s sleeve out'],
        };

        return $turns > 0.0 ? $takes : $gives;
    }
}
