<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Assessment\Assessment;
use Spindle\Assessment\SignOff;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Triage\Cause;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;

/** What is said of a practice job that was worked at the stations, once it is over. */
final readonly class JobDebrief
{
    /**
     * @param  Debrief  $way  how the fault was looked for
     * @param  list<Station>  $passedOver  where hands went in before the cautions were taken note of
     * @param  int  $minutes  of everything that was read
     */
    private function __construct(
        public Hidden $hidden, public Debrief $way, private JobSheet $end, private Assessment $assessment, public array $passedOver,
        public int $minutes,
    ) {
    }

    /**
     * @param  JobSheet  $end  the job as it was left
     * @param  list<Move>  $moves  what was asked, tested and looked up
     * @param  list<Station>  $passedOver
     */
    public static function of(Hidden $hidden, JobSheet $end, array $moves, array $passedOver, int $minutes): self
    {
        $said = Outcome::tryFrom($end->values->word('triage.kind') ?? '');
        $played = Played::by($hidden, [...$moves, ...$said === null ? [] : [Move::decide($said)]]);

        return new self($hidden, Debrief::of($played), $end, Assessment::of($end), $passedOver, $minutes);
    }

    /** @return list<Cause> */
    public function stillWrong(): array
    {
        return PutRight::leaves($this->hidden, $this->end);
    }

    public function isPutRight(): bool
    {
        return $this->stillWrong() === [] && ! $this->slips();
    }

    /** Whether the kit that was put in carries less than the engine gives. */
    public function slips(): bool
    {
        $margin = $this->kit() === '' ? null : $this->assessment->figures['capacity.margin']->value ?? null;

        return is_numeric($margin) && $margin < 1.0;
    }

    /** @return list<Work> wanted with the gearbox off, and left as it was */
    public function left(): array
    {
        return ! $this->isOpened() ? [] : array_values(array_filter(
            $this->hidden->wanted(), fn (Work $w): bool => ! PutRight::isDone($w, $this->hidden, $this->end),
        ));
    }

    /** @return list<Work> renewed though nothing was wrong with it; the kit and what is tidied around it are commonly done */
    public function needless(): array
    {
        $usual = [Work::Kit, Work::Levers, Work::Mounts];

        return ! $this->isOpened() ? [] : array_values(array_filter(Work::cases(), fn (Work $w): bool => ! in_array($w, $usual, true)
            && ! in_array($w, $this->hidden->wanted(), true) && PutRight::isDone($w, $this->hidden, $this->end)));
    }

    private function isOpened(): bool
    {
        return $this->end->values->word('triage.kind') === Outcome::Strip->value;
    }

    /** The kit that was chosen, as it is called; empty where none was. */
    public function kit(): string
    {
        return Reach::hasKit($this->end) ? $this->end->values->word('kit.name') ?? '' : '';
    }

    public function isKitRight(): bool
    {
        return KitsAtHand::isRight($this->hidden, $this->end->values->word('kit.number') ?? '');
    }

    /** What the list did not tell the truth about, where its bargain was chosen. */
    public function liedAbout(): ?Field
    {
        return KitsAtHand::isBargain($this->end->values->word('kit.number') ?? '') ? KitsAtHand::liesAbout($this->hidden) : null;
    }

    /** Of kit and parts, in an invented shop's money. */
    public function money(): float
    {
        return KitsAtHand::price($this->hidden, $this->end->values->word('kit.number') ?? '')
            + self::priced(array_filter(Work::cases(), $this->isPaid(...)));
    }

    /** What is tidied around the clutch costs nothing where nothing was wrong with it. */
    private function isPaid(Work $work): bool
    {
        return $this->isOpened() && PutRight::isDone($work, $this->hidden, $this->end)
            && ($work !== Work::Mounts || in_array($work, $this->hidden->wanted(), true));
    }

    /** The same with the kit that is right, and what was wrong renewed. */
    public function bestMoney(): float
    {
        return $this->hidden->outcome() !== Outcome::Strip ? 0.0
            : KitsAtHand::priceOfRight($this->hidden) + self::priced($this->hidden->wanted());
    }

    /** @param  array<Work>  $works */
    private static function priced(array $works): float
    {
        return array_sum(array_map(static fn (Work $w): float => $w === Work::Kit ? 0.0 : $w->price(), $works));
    }

    /** Free play as it was left and as it is right; nothing where it is not set here. */
    public function freePlay(): ?FreePlayLeft
    {
        $setting = PedalSetting::of(
            $this->hidden, $this->end, Builds::written(Builds::whole($this->hidden->build)),
            $this->end->values->word('fit.gearbox') === 'done',
        );
        $now = $setting->now();

        return $now === null || $setting->right === null ? null : new FreePlayLeft($now, $setting->right, $setting->isRight());
    }

    /** How hard the next one should be: the same again until it is put right without a slip, then the next rung. */
    public function next(): Level
    {
        $rungs = Level::cases();
        $at = (int) array_search($this->hidden->level, $rungs, true);
        $isClean = $this->isPutRight() && $this->way->own->isRight() && $this->passedOver === []
            && ($this->kit() === '' || $this->isKitRight()) && ($this->freePlay()->isRight ?? true);

        return $isClean ? $rungs[$at + 1] ?? $rungs[$at] : $rungs[$at];
    }

    /** @return list<Finding> as the job was left: out, worst first */
    public function out(): array
    {
        return array_values(array_filter($this->assessment->findings, static fn (Finding $f): bool => $f->verdict === Verdict::Out));
    }

    /** How much keeps a job like this from being signed. */
    public function owed(): int
    {
        return count(SignOff::of($this->assessment->findings, Reach::hasKit($this->end))->blockers);
    }
}
