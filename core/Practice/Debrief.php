<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Triage\Cause;
use Spindle\Triage\Causes;
use Spindle\Triage\Signs;
use Spindle\Triage\Strength;
use Spindle\Triage\Tests;

/** What is said at the end: how it went against the proposals and against habit, what was passed over, what was believed too much. */
final readonly class Debrief
{
    /** So many of each are worth saying. */
    private const MOST = 3;

    private function __construct(public Played $own, public Played $proposed, public Played $habit)
    {
    }

    public static function of(Played $own): self
    {
        return new self($own, Played::of($own->hidden, new ByProposal), Played::of($own->hidden, new ByHabit));
    }

    /** Whether any of the ways took time, so that there is a course to draw. */
    public function tookMinutes(): bool
    {
        return max($this->own->minutes, $this->proposed->minutes, $this->habit->minutes) > 0;
    }

    /**
     * Signs nobody asked for and tests nobody made, that are there and speak strongly for what is wrong.
     *
     * @return list<string>
     */
    public function passedOver(): array
    {
        $hidden = $this->own->hidden;
        $there = array_filter(
            array_unique(array_merge(...array_map(static fn (Cause $c): array => $c->strong, $hidden->causes))),
            fn (string $name): bool => ! isset($this->own->evidence->known[$name]) && ! Signs::isCircumstance($name)
                && (isset(Tests::all()[$name]) ? $hidden->test($name) : $hidden->shows($name)),
        );
        // What costs nothing first, then by the minutes.
        usort($there, static fn (string $a, string $b): int => (Tests::all()[$a]->minutes ?? 0) <=> (Tests::all()[$b]->minutes ?? 0));

        return array_slice($there, 0, self::MOST);
    }

    /**
     * What was there and speaks strongly for something that is not: it led to another outcome than the job really comes to.
     *
     * @return list<string>
     */
    public function believedTooMuch(): array
    {
        if ($this->own->outcome === null || $this->own->isRight()) {
            return [];
        }
        $wrong = array_filter(
            array_diff_key(Causes::all(), array_column($this->own->hidden->causes, null, 'id')),
            fn (Cause $c): bool => $c->outcome === $this->own->outcome && $this->own->hidden->situation->allows($c),
        );
        $spoke = array_filter(array_keys(array_filter($this->own->evidence->known)), static fn (string $name): bool => array_filter(
            $wrong, static fn (Cause $c): bool => $c->strength($name) === Strength::Strong,
        ) !== []);

        return array_slice(array_values($spoke), 0, self::MOST);
    }
}
