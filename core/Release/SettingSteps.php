<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;

/**
 * The rod or cable as it is turned in steps, each with the free play that was measured after it. What counts is the play measured last; a
 * step that was not measured leaves it unknown. Common practice, no source.
 */
final readonly class SettingSteps
{
    private const FOUND = 'release.free_play';

    private const AFTER = 'release.play_after';

    /** Turns of one step; then it is measured. Common practice, no source. */
    public const AT_A_TIME = 2.0;

    /** Less than this is not turned, turns. From memory [M]. */
    private const NO_TURN = 0.15;

    /** A step that changed the play by this share less or more than foretold did not go where it should. From memory [M]. */
    private const STRAYED = 0.35;

    /** And by no less than this, mm: what a rule at a pad cannot tell. From memory [M]. */
    private const READ_MM = 2.0;

    /**
     * @param  list<float>  $turns  of each step, positive for a longer rod
     * @param  list<Length>  $plays  after each step
     * @param  Length|null  $again  read once more after all of it
     */
    private function __construct(
        private ?Length $found,
        public array $turns,
        public array $plays,
        private ?Length $padPerTurn,
        private ?Length $again = null,
    ) {
    }

    public static function of(JobSheet $sheet): self
    {
        $values = $sheet->values;

        $plays = $values->all(Length::class, self::AFTER);
        $turns = array_map(static fn (Ratio $turns): float => $turns->value, $values->all(Ratio::class, 'release.turns_made'));
        // Read once more after all of it: that is what the last step came to.
        $again = ! $sheet->leftValues()->has(self::FOUND) ? null
            : ($sheet->isAsLeft() ? $values : $sheet->leftValues())->one(Length::class, self::FOUND);
        if ($again !== null && $turns !== []) {
            $plays = [...array_slice($plays, 0, count($turns) - 1), $again];
        }

        return new self(
            $sheet->foundValues()->one(Length::class, self::FOUND),
            $turns,
            $plays,
            Adjuster::padPerTurn($sheet),
            $again,
        );
    }

    public function areBegun(): bool
    {
        return $this->turns !== [];
    }

    /** Whether it was turned and not measured since. */
    public function isOpen(): bool
    {
        return $this->again === null && count($this->turns) > count($this->plays);
    }

    /** The free play as it is now; nothing where it is not measured, or no longer is what was measured. */
    public function freePlay(): ?Length
    {
        return $this->again ?? ($this->isOpen() ? null : $this->lastMeasured());
    }

    /** The reading that says it. */
    public function key(): string
    {
        return $this->again !== null || ($this->plays === [] && ! $this->isOpen()) ? self::FOUND : self::AFTER;
    }

    private function lastMeasured(): ?Length
    {
        return $this->plays === [] ? $this->found : $this->plays[count($this->plays) - 1];
    }

    /** Free play before a step, counted from nought. */
    public function before(int $step): ?Length
    {
        return $step === 0 ? $this->found : $this->plays[$step - 1] ?? null;
    }

    /** Free play that so many turns leave of what is there: play − turns × play a turn; nothing where the adjuster is not known. */
    public function foretold(int $step, float $turns): ?Length
    {
        $before = $this->before($step);

        return $before === null || $this->padPerTurn === null ? null
            : Length::mm(max(0.0, $before->value - $turns * $this->padPerTurn->value));
    }

    /** Whether a step moved the play by much less or more than it had to. */
    public function strayed(int $step): bool
    {
        $before = $this->before($step);
        $foretold = $this->foretold($step, $this->turns[$step] ?? 0.0);
        $after = $this->plays[$step] ?? null;
        if ($before === null || $foretold === null || $after === null) {
            return false;
        }

        return abs($after->value - $foretold->value) > max(self::READ_MM, self::STRAYED * abs($foretold->value - $before->value));
    }

    /**
     * The free play that puts the take-up where it is wanted, else the one that is wanted itself, never under the least there may be;
     * nothing where nobody said, or where no rod can and nothing else is wanted.
     */
    public static function wanted(JobSheet $sheet): ?Length
    {
        $chain = ChainOfSheet::chain($sheet);
        $play = $chain instanceof ReleaseChain ? WantedRelease::of($sheet, $chain)->freePlay() : null;

        $wanted = $play !== null && $play->value >= 0.0 ? $play : $sheet->values->one(Length::class, 'release.free_play_target');
        $least = Adjuster::leastPlay($sheet);

        return $wanted === null || $least === null ? $wanted : Length::greatest([$wanted, $least]);
    }

    /** All the turns to there, positive for a longer rod; nothing where play, ratio or pitch is not known. */
    public function turnsTo(Length $wanted): ?float
    {
        $now = $this->freePlay();

        return $now === null || $this->padPerTurn === null ? null
            : PedalCorrection::turns($now, $wanted, $this->padPerTurn)->value;
    }

    /** The next step towards there: no more than two turns; nought where it is there, nothing where turns are not known. */
    public function next(Length $wanted): ?float
    {
        $turns = $this->turnsTo($wanted);

        return match (true) {
            $turns === null => null,
            abs($turns) < self::NO_TURN => 0.0,
            default => max(-self::AT_A_TIME, min(self::AT_A_TIME, $turns)),
        };
    }
}
