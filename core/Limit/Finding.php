<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** One sentence of judgement: what was found, against what, and what to do, with the chain that led to it. */
final readonly class Finding
{
    /**
     * @param  string  $id  what was judged, such as "disc.wear"
     * @param  Limit|null  $limit  none where there is nothing to compare with
     * @param  list<string>  $readings  names of the entries it rests on
     * @param  list<string>  $missing  names of the entries that are needed and not there
     * @param  string  $formula  how the figure comes from the readings, with its source
     * @param  string  $waiver  why an unmeasured or rejected item was let pass, when somebody decided so
     */
    private function __construct(
        public string $id,
        public Verdict $verdict,
        public string $message,
        public ?Limit $limit = null,
        public array $readings = [],
        public array $missing = [],
        public string $formula = '',
        public string $waiver = '',
    ) {
    }

    public static function of(string $id, Verdict $verdict, string $message): self
    {
        return new self($id, $verdict, $message);
    }

    /** Needed and not known. */
    public static function unmeasured(string $id, string $message, string ...$missing): self
    {
        return new self($id, Verdict::Unmeasured, $message, missing: array_values($missing));
    }

    public static function notApplicable(string $id, string $reason): self
    {
        return new self($id, Verdict::NotApplicable, $reason);
    }

    public function against(?Limit $limit): self
    {
        return new self($this->id, $this->verdict, $this->message, $limit, $this->readings, $this->missing, $this->formula, $this->waiver);
    }

    public function from(string ...$readings): self
    {
        return new self(
            $this->id,
            $this->verdict,
            $this->message,
            $this->limit,
            array_values($readings),
            $this->missing,
            $this->formula,
            $this->waiver,
        );
    }

    public function by(string $formula): self
    {
        return new self($this->id, $this->verdict, $this->message, $this->limit, $this->readings, $this->missing, $formula, $this->waiver);
    }

    /**
     * About a part as it was left, resting on readings that have names of their own.
     *
     * @param  callable(string): string  $name
     */
    public function asLeft(callable $name): self
    {
        return new self(
            $this->id,
            $this->verdict,
            'As left: '.lcfirst($this->message),
            $this->limit,
            array_map($name, $this->readings),
            array_map($name, $this->missing),
            $this->formula,
            $this->waiver,
        );
    }

    public function waived(string $reason): self
    {
        return new self($this->id, $this->verdict, $this->message, $this->limit, $this->readings, $this->missing, $this->formula, $reason);
    }

    public function isWaived(): bool
    {
        return $this->waiver !== '';
    }
}
