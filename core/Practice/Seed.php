<?php

declare(strict_types=1);

namespace Spindle\Practice;

/**
 * What a practice vehicle is drawn from, to be passed on as "P-4711". Every draw has a name and stands by itself: what was asked before
 * changes nothing of what is found after.
 */
final readonly class Seed
{
    public const MOST = 999_999;

    private const PREFIX = 'P-';

    /** So many hexadecimal digits of the hash make a number that a float holds exactly. */
    private const DIGITS = 13;

    private function __construct(public int $number, private int $turn = 0)
    {
    }

    /** @throws PracticeError when there is no such vehicle */
    public static function of(int $number): self
    {
        return $number >= 1 && $number <= self::MOST ? new self($number) : throw PracticeError::noSuchSeed((string) $number);
    }

    /** @throws PracticeError when nothing can be drawn from it */
    public static function read(string $code): self
    {
        return preg_match('/^\s*(?:p\s*-?\s*)?(\d{1,6})\s*$/i', $code, $m) === 1 ? self::of((int) $m[1])
            : throw PracticeError::noSuchSeed(trim($code));
    }

    /** The same number drawn once more, otherwise. */
    public function again(): self
    {
        return new self($this->number, $this->turn + 1);
    }

    public function code(): string
    {
        return self::PREFIX.$this->number;
    }

    /** From 0 up to 1, the same whenever it is drawn. */
    public function chance(string $of): float
    {
        return hexdec(substr(hash('sha256', "{$this->number}|{$this->turn}|{$of}"), 0, self::DIGITS)) / 16 ** self::DIGITS;
    }

    public function between(string $of, float $least, float $most): float
    {
        return $least + ($most - $least) * $this->chance($of);
    }

    /**
     * One of several, each as likely as it weighs.
     *
     * @param  non-empty-array<string, float>  $weights
     */
    public function oneOf(string $of, array $weights): string
    {
        $left = $this->chance($of) * array_sum($weights);
        foreach ($weights as $name => $weight) {
            $left -= $weight;
            if ($left < 0.0) {
                return $name;
            }
        }

        return array_key_last($weights);
    }
}
