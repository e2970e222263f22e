<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Practice\Debrief;
use Spindle\Practice\Hidden;
use Spindle\Practice\Level;
use Spindle\Practice\Move;
use Spindle\Practice\Played;
use Spindle\Practice\PracticeError;
use Spindle\Practice\Seed;
use Spindle\Triage\Outcome;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\Signs;
use Spindle\Triage\Tests;
use Spindle\Vehicle\VehicleClass;

/**
 * A practice vehicle as somebody stands before it. What was done stands in the address and nowhere else: nothing of it is stored, so that
 * nothing of it can come among real work.
 */
final readonly class PracticeBay
{
    private const MOST_MOVES = 80;

    /** @param  list<string>  $done  moves, as they stand in the address */
    private function __construct(public Played $played, private array $done, private ?VehicleClass $class)
    {
    }

    /**
     * @param  string  $done  moves with commas between them; what is none is passed over
     *
     * @throws PracticeError when there is no such vehicle
     */
    public static function of(string $seed, string $level, string $class, string $done): self
    {
        $class = VehicleClass::tryFrom($class);
        $hidden = Hidden::of(Seed::read($seed), Level::tryFrom($level) ?? Level::Plain, $class);
        $moves = array_filter(array_map(Move::read(...), array_slice(explode(',', $done), 0, self::MOST_MOVES)));

        return new self(
            Played::by($hidden, array_values($moves)), array_values(array_map(static fn (Move $m): string => $m->word(), $moves)), $class,
        );
    }

    public function code(): string
    {
        return $this->played->hidden->seed->code();
    }

    /** Where the next move leads. */
    public function after(string $move): string
    {
        return $this->address([...$this->done, $move]);
    }

    /** The same vehicle from the beginning. */
    public function anew(): string
    {
        return $this->address([]);
    }

    /** @param  list<string>  $moves */
    private function address(array $moves): string
    {
        $hidden = $this->played->hidden;

        return route('practice.at', array_filter([
            $hidden->seed->code(), 'level' => $hidden->level === Level::Plain ? null : $hidden->level->value,
            'class' => $this->class?->value, 'm' => $moves === [] ? null : implode(',', $moves),
        ], static fn (?string $part): bool => $part !== null));
    }

    public function isOver(): bool
    {
        return $this->played->outcome !== null;
    }

    /** Whether the causes as triage has them were looked up last. */
    public function showsCauses(): bool
    {
        return ($this->played->moves[count($this->played->moves) - 1] ?? null)?->isLook === true;
    }

    /** @return list<string> "judder at the start" */
    public function complaint(): array
    {
        return array_map(self::said(...), $this->played->hidden->complaint());
    }

    /** @return list<array{what: string, isThere: bool}> what was asked and tested, in its order */
    public function found(): array
    {
        $found = [];
        foreach ($this->played->moves as $move) {
            $name = $move->sign.$move->test;
            $isThere = $this->played->evidence->known[$name] ?? false;
            $found += $name === '' ? [] : [$name => [
                'what' => $move->test === '' ? self::said($name) : self::result(Tests::all()[$name], $isThere), 'isThere' => $isThere,
            ]];
        }

        return array_values($found);
    }

    /** @return array<string, array<string, string>> signs that can still be asked for, by group */
    public function signs(): array
    {
        $isOpen = fn (string $sign): bool => ! isset($this->played->evidence->known[$sign])
            && $this->played->hidden->situation->heeds($sign) && ! Signs::isCircumstance($sign);

        return array_filter(array_map(
            static fn (array $signs): array => array_filter($signs, $isOpen, ARRAY_FILTER_USE_KEY), Signs::groups(),
        ));
    }

    /** @return list<OutsideTest> that suit it and were not made, by their minutes */
    public function tests(): array
    {
        $open = array_filter(Tests::all(), fn (OutsideTest $t): bool => $t->suits($this->played->hidden->situation)
            && ! isset($this->played->evidence->known[$t->id]));
        usort($open, static fn (OutsideTest $a, OutsideTest $b): int => $a->minutes <=> $b->minutes);

        return $open;
    }

    /** @return list<Outcome> */
    public function outcomes(): array
    {
        return Outcome::cases();
    }

    public function debrief(): Debrief
    {
        return Debrief::of($this->played);
    }

    /** @return array<string, string> causes and how likely each stands, in words */
    public function causes(): array
    {
        $now = $this->played->diagnosis();

        return array_combine(
            array_map(static fn (string $id): string => $now->cause($id)->label, array_keys($now->worthShowing())),
            array_map(static fn (float $p): string => round(100 * $p).' %', array_values($now->worthShowing())),
        );
    }

    /** A sign or a test, as it is said. */
    public static function said(string $name): string
    {
        return Signs::all()[$name] ?? lcfirst(Tests::all()[$name]->label ?? $name);
    }

    private static function result(OutsideTest $test, bool $isPositive): string
    {
        return $isPositive ? lcfirst("{$test->label}: {$test->positive}") : lcfirst($test->label)." ({$test->positive})";
    }
}
