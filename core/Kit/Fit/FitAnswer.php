<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;

/** What one check comes to. */
final readonly class FitAnswer
{
    /**
     * @param  list<string>  $missing
     */
    private function __construct(
        public Verdict $verdict,
        private Said $said,
        public array $missing = [],
        private ?Limit $limit = null,
    ) {
    }

    public static function within(Said $said): self
    {
        return new self(Verdict::Within, $said);
    }

    public static function near(Said $said): self
    {
        return new self(Verdict::Near, $said);
    }

    public static function out(Said $said): self
    {
        return new self(Verdict::Out, $said);
    }

    public static function when(bool $fits, Said $said): self
    {
        return new self($fits ? Verdict::Within : Verdict::Out, $said);
    }

    /** Unmeasured: what to find out, and the entries that would settle it. */
    public static function ask(Said $said, string ...$missing): self
    {
        return new self(Verdict::Unmeasured, $said, array_values($missing));
    }

    public static function notApplicable(Said $reason): self
    {
        return new self(Verdict::NotApplicable, $reason);
    }

    public function against(Limit $limit): self
    {
        return new self($this->verdict, $this->said, $this->missing, $limit);
    }

    public function finding(FitCheck $check): Finding
    {
        return match ($this->verdict) {
            Verdict::Unmeasured => Finding::unmeasured($check->id(), $this->said, ...$this->missing),
            Verdict::NotApplicable => Finding::notApplicable($check->id(), $this->said),
            default => Finding::of($check->id(), $this->verdict, $this->said)->against($this->limit),
        };
    }
}
