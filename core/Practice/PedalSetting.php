<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Release\Adjuster;
use Spindle\Release\ChainOfSheet;
use Spindle\Release\ReleaseChain;
use Spindle\Release\SettingSteps;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;

/**
 * How the pedal of a practice vehicle is really set: as its fault left it when it came in, as it lies once a new clutch is in, and as
 * whoever turned the adjuster since has it. What follows from that is the chain of a real job with this free play.
 */
final class PedalSetting
{
    public const PLAY = 'release.free_play';

    /** Of the play that is right, so much stands there as the fault leaves it. From memory [M]. */
    private const MISSET = ['little_stroke' => 2.8, 'held_off' => 0.0];

    /** With a new clutch in it is so many turns of the adjuster away from right. From memory [M]. */
    private const AWAY = [1.2, 2.6];

    private const PLACES = 2;

    /** The whole job, well done. */
    private readonly JobSheet $well;

    public readonly ?Length $right;

    /** Play that one turn takes away. */
    private readonly ?Length $pad;

    private ?bool $isRight = null;

    private ReleaseChain|false|null $chain = null;

    private function __construct(
        private readonly Hidden $hidden, private readonly JobSheet $now, private readonly Document $good, private readonly bool $isFitted,
    ) {
        $this->well = JobSheet::of($good, Subjects::dictionary());
        $this->right = $this->well->values->one(Length::class, self::PLAY);
        $this->pad = Adjuster::padPerTurn($this->well);
    }

    /**
     * @param  JobSheet  $now  the job as it stands
     * @param  Document  $good  as the whole job is when it is well done
     * @param  bool  $isFitted  a new clutch is in, and the gearbox back
     */
    public static function of(Hidden $hidden, JobSheet $now, Document $good, bool $isFitted): self
    {
        return new self($hidden, $now, $good, $isFitted);
    }

    /** Whether free play is set here at all, with an adjuster that is known. */
    public function isTurned(): bool
    {
        return $this->right !== null && $this->right->value > 0.0 && $this->pad !== null;
    }

    /** Before anything was turned; nothing where it is not set here. */
    public function found(): ?Length
    {
        $right = $this->right;
        $pad = $this->pad;
        if ($right === null || $pad === null || ! $this->isTurned()) {
            return null;
        }
        if ($this->isFitted) {
            return self::rounded($right->value + $pad->value * $this->hidden->seed->between('as it lies', ...self::AWAY));
        }
        $play = $right->value;
        foreach ($this->hidden->causes as $cause) {
            $play = isset(self::MISSET[$cause->id]) ? $right->value * self::MISSET[$cause->id] : $play;
        }

        return self::rounded($play);
    }

    /** @return list<Length> what is left after each step of the adjuster that was made */
    public function afterEach(): array
    {
        $play = $this->found();
        if ($play === null || $this->pad === null) {
            return [];
        }
        $after = [];
        foreach (SettingSteps::of($this->now)->turns as $turns) {
            $after[] = $play = self::rounded(max(0.0, $play->value - $turns * $this->pad->value));
        }

        return $after;
    }

    /** As it is now. */
    public function now(): ?Length
    {
        $after = $this->afterEach();

        return $after === [] ? $this->found() : $after[count($after) - 1];
    }

    /** Whether the play is what the core lets stand; true where it is not set here. */
    public function isRight(): bool
    {
        $now = $this->now();

        return $this->isRight ??= $now === null || Assessment::of($this->with($now))->find(self::PLAY)?->verdict !== Verdict::Out;
    }

    /** What a reading that follows from the chain is, where the play is not what it should be: so much more or less than when it is. */
    public function shifted(Length $right, string $key): Length
    {
        [$is, $was] = [$this->chain(), ChainOfSheet::chain($this->well)];
        if ($is === null || ! $was instanceof ReleaseChain) {
            return $right;
        }
        $of = static fn (ReleaseChain $chain): float => $key === 'prove.take_up.height'
            ? ($chain->takeUpFromFloor()->value ?? 0.0) * $chain->pedalTravel->value : $chain->airGapFace()->value;

        return self::rounded(max(0.0, $right->value + $of($is) - $of($was)));
    }

    /** Whether it still drags with the pedal down, by the chain. */
    public function drags(): bool
    {
        $chain = $this->chain();

        return $chain !== null && $chain->airGapFace()->value <= 0.0;
    }

    /** As it is now; nothing where it cannot be worked out. */
    private function chain(): ?ReleaseChain
    {
        if ($this->chain === null) {
            $now = $this->now();
            $chain = $now === null ? [] : ChainOfSheet::chain($this->with($now));
            $this->chain = $chain instanceof ReleaseChain ? $chain : false;
        }

        return $this->chain === false ? null : $this->chain;
    }

    /** The whole job, well done, with this free play. */
    private function with(Length $play): JobSheet
    {
        return JobSheet::of($this->good->with(['release', 'free_play'], "{$play->as('mm')} mm"), Subjects::dictionary());
    }

    private static function rounded(float $mm): Length
    {
        return Length::mm(round($mm, self::PLACES));
    }
}
