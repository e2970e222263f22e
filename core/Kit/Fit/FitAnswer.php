<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;

/** What one check comes to. Its sentence is written only when somebody reads it: thousands of kits are judged for one vehicle. */
final readonly class FitAnswer
{
    /**
     * @param  string|\Closure(Display): string  $said
     * @param  list<string>  $missing
     */
    private function __construct(
        public Verdict $verdict,
        private string|\Closure $said,
        public array $missing = [],
        private ?Limit $limit = null,
    ) {
    }

    /** @param  string|\Closure(Display): string  $said */
    public static function within(string|\Closure $said): self
    {
        return new self(Verdict::Within, $said);
    }

    /** @param  string|\Closure(Display): string  $said */
    public static function near(string|\Closure $said): self
    {
        return new self(Verdict::Near, $said);
    }

    /** @param  string|\Closure(Display): string  $said */
    public static function out(string|\Closure $said): self
    {
        return new self(Verdict::Out, $said);
    }

    /** @param  string|\Closure(Display): string  $said */
    public static function when(bool $fits, string|\Closure $said): self
    {
        return new self($fits ? Verdict::Within : Verdict::Out, $said);
    }

    /** Unmeasured: what to find out, and the entries that would settle it. */
    public static function ask(string $said, string ...$missing): self
    {
        return new self(Verdict::Unmeasured, $said, array_values($missing));
    }

    public static function notApplicable(string $reason): self
    {
        return new self(Verdict::NotApplicable, $reason);
    }

    public function against(Limit $limit): self
    {
        return new self($this->verdict, $this->said, $this->missing, $limit);
    }

    public function finding(FitCheck $check, Display $display): Finding
    {
        $said = is_string($this->said) ? $this->said : ($this->said)($display);

        return match ($this->verdict) {
            Verdict::Unmeasured => Finding::unmeasured($check->id(), $said, ...$this->missing),
            Verdict::NotApplicable => Finding::notApplicable($check->id(), $said),
            default => Finding::of($check->id(), $this->verdict, $said)->against($this->limit),
        };
    }
}
