<?php

declare(strict_types=1);

namespace Spindle\Practice;

/** What a practice vehicle says to whoever reads something off it. */
final readonly class Answer
{
    /**
     * @param  list<string>  $typed  as somebody types it, place by place; nothing where it cannot be read
     * @param  float  $minutes  what it took
     * @param  string  $why  it cannot be read
     */
    private function __construct(public array $typed, public float $minutes, public string $why)
    {
    }

    /** @param  non-empty-list<string>  $typed */
    public static function read(array $typed, float $minutes): self
    {
        return new self($typed, $minutes, '');
    }

    public static function none(string $why): self
    {
        return new self([], 0.0, $why);
    }
}
