<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Verdict;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Torque;

/** The two checks of what a clutch carries: run in against the reserve, worn and hot against the engine alone. */
final readonly class Carries
{
    /**
     * @param  Verdict  $byMargin  unmeasured where clutch, engine or duty is not known
     * @param  bool  $isHarsh  more than the job needs
     * @param  bool  $assumptionDecides  the clamp load at the wear limit is assumed, and what it really is changes the verdict
     */
    private function __construct(
        public ?Torque $carried,
        public ?Ratio $margin,
        public Verdict $byMargin,
        public bool $isHarsh,
        public ?Ratio $floor,
        public Verdict $byFloor,
        public bool $assumptionDecides,
        public bool $isByClaim,
    ) {
    }

    public static function of(KitClutch $clutch, CarryCase $case): self
    {
        $engine = $case->engine;
        $isByClaim = self::isByClaim($clutch, $case);
        $carried = $isByClaim ? $clutch->claimed : $clutch->runIn();
        $margin = self::margin($clutch, $case);
        $isHarsh = $margin !== null && $case->wanted !== null && $margin->value > $case->wanted->figures->harshAbove->value;
        $byMargin = match (true) {
            $margin === null || $case->margin === null || $engine === null => Verdict::Unmeasured,
            $isHarsh => Verdict::Near,
            // Of an engine of which only a floor is known, and of a clutch of which only a claim is, nothing can be within.
            $engine->isFloor, $clutch->isClaimOnly() => self::atBestNear($case->margin->judge($margin)),
            default => $case->margin->judge($margin),
        };
        [$floor, $byFloor, $decides] = self::floor($clutch, $case);

        return new self($carried, $margin, $byMargin, $isHarsh, $floor, $byFloor, $decides, $isByClaim);
    }

    /** What it carries by the shop's school, over the greatest torque of the engine; nothing while either, or the duty, is not known. */
    public static function margin(KitClutch $clutch, CarryCase $case): ?Ratio
    {
        $carried = self::isByClaim($clutch, $case) ? $clutch->claimed : $clutch->runIn();

        return $carried === null || $case->engine === null || $case->wanted === null ? null : $carried->ratioTo($case->engine->peak);
    }

    private static function isByClaim(KitClutch $clutch, CarryCase $case): bool
    {
        return $clutch->isClaimOnly() || ($case->school === RatingSchool::Claim && $clutch->hasBelievableClaim());
    }

    /** Whether nothing known speaks against it, and enough is known to say so. */
    public function holds(): bool
    {
        $holds = static fn (Verdict $v): bool => in_array($v, [Verdict::Within, Verdict::Near], true);

        return $holds($this->byMargin) && $holds($this->byFloor);
    }

    /** @return array{Ratio|null, Verdict, bool} */
    private static function floor(KitClutch $clutch, CarryCase $case): array
    {
        [$engine, $limit] = [$case->engine, $case->floor];
        [$worn, $hot] = [$clutch->worn(), $clutch->hot()];
        if ($worn === null || $hot === null || $engine === null) {
            return [null, Verdict::Unmeasured, false];
        }
        $least = Torque::least([$worn, $hot])->ratioTo($engine->peak);
        $verdict = $limit->judge($least);
        // A clamp load nobody gave is a range, not a figure.
        $decides = false;
        foreach ($clutch->wornRange() ?? [] as $end) {
            $decides = $decides || $limit->judge(Torque::least([$end, $hot])->ratioTo($engine->peak)) !== $verdict;
        }

        return [$least, match (true) {
            $decides => Verdict::Near,
            $engine->isFloor => self::atBestNear($verdict),
            default => $verdict,
        }, $decides];
    }

    private static function atBestNear(Verdict $verdict): Verdict
    {
        return $verdict === Verdict::Within ? Verdict::Near : $verdict;
    }
}
