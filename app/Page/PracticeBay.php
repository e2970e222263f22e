<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\ReaderLocale;
use Spindle\Assessment\Cautions;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Inspection\Condition;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Practice\ByProposal;
use Spindle\Practice\Debrief;
use Spindle\Practice\Hidden;
use Spindle\Practice\Level;
use Spindle\Practice\Move;
use Spindle\Practice\Opening;
use Spindle\Practice\Played;
use Spindle\Practice\PracticeError;
use Spindle\Practice\Seed;
use Spindle\Practice\Tell;
use Spindle\Practice\Work;
use Spindle\Quantity\Display;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Sheet\Station;
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
    private const MOST_MOVES = 120;

    /**
     * @param  Opening  $opening  what was done with the gearbox off
     * @param  list<string>  $done  moves, as they stand in the address
     */
    private function __construct(
        public Played $played,
        public Opening $opening,
        private array $done,
        private ?VehicleClass $class,
        private Tell $tell,
        private Display $display,
    ) {
    }

    /**
     * @param  array{level?: string, class?: string, tell?: string}  $how  what is no word of theirs is passed over
     * @param  string  $done  moves with commas between them; what is none is passed over
     *
     * @throws PracticeError when there is no such vehicle
     */
    public static function of(string $seed, array $how, string $done): self
    {
        $level = Level::tryFrom($how['level'] ?? '') ?? Level::Plain;
        $class = VehicleClass::tryFrom($how['class'] ?? '');
        $hidden = Hidden::of(Seed::read($seed), $level, $class);
        $moves = array_values(array_filter(array_map(Move::read(...), array_slice(explode(',', $done), 0, self::MOST_MOVES))));
        $played = Played::by($hidden, $moves);

        return new self(
            $played, Opening::by($hidden, array_slice($moves, count($played->moves))),
            array_map(static fn (Move $m): string => $m->word(), $moves), $class,
            $level === Level::Guided ? Tell::Open : Tell::tryFrom($how['tell'] ?? '') ?? Tell::Asked,
            new Display($hidden->truth->units, ReaderLocale::decimalSign()),
        );
    }

    public function code(): string
    {
        return $this->played->hidden->seed->code();
    }

    /** The same number, class and level; what a learner is told meanwhile changes nothing of it. */
    public function isSameVehicle(self $other): bool
    {
        return $this->code() === $other->code() && $this->class === $other->class
            && $this->played->hidden->level === $other->played->hidden->level;
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

    /** What the job was said to come to; empty while nobody has said. */
    public function cameTo(): string
    {
        return $this->played->outcome === null ? '' : lcfirst($this->played->outcome->label());
    }

    /** @return list<string> what was left as it was, once it is closed */
    public function left(): array
    {
        return $this->opening->isClosed ? array_map(static fn (Work $w): string => lcfirst($w->label()), $this->opening->left()) : [];
    }

    /** @param  list<string>  $moves */
    private function address(array $moves): string
    {
        $hidden = $this->played->hidden;

        return route('practice.at', array_filter([
            $hidden->seed->code(), 'level' => $hidden->level === Level::Plain ? null : $hidden->level->value,
            'class' => $this->class?->value, 'tell' => $this->tell === Tell::Asked ? null : $this->tell->value,
            'm' => $moves === [] ? null : implode(',', $moves),
        ], static fn (?string $part): bool => $part !== null));
    }

    /** The gearbox is off, and the clutch not closed again. */
    public function isOpen(): bool
    {
        return $this->played->outcome === Outcome::Strip && ! $this->opening->isClosed;
    }

    public function isOver(): bool
    {
        return $this->played->outcome !== null && ! $this->isOpen();
    }

    /** @return list<string> before hands go in */
    public function cautions(): array
    {
        $truth = $this->played->hidden->truth;

        return Cautions::at(Station::Strip, $truth->vehicleClass(), $truth->actuation());
    }

    public function partName(StripPart $part): string
    {
        return $part->label($this->played->hidden->truth);
    }

    /** @return list<array{what: string, typed: string}> what was read at a part, in words */
    public function read(StripPart $part): array
    {
        $said = [];
        foreach ($this->opening->read($part) as $key => $typed) {
            $field = Subjects::dictionary()->get($key);
            $word = static fn (string $one): string => $one === Condition::NONE ? 'looked, nothing found' : $field->options[$one] ?? $one;
            $said[] = ['what' => $field->label, 'typed' => implode(', ', array_map($word, $typed))];
        }

        return $said;
    }

    /** @return list<array{verdict: Verdict, said: string}> what the core says of what was read, worst first */
    public function findings(): array
    {
        return array_map(
            fn (Finding $f): array => ['verdict' => $f->verdict, 'said' => $f->say($this->display)], $this->opening->findings(),
        );
    }

    /** @return list<array{what: string, when: string}> what was left as it was, and when it comes back */
    public function comesBack(): array
    {
        return array_map(fn (Work $work): array => [
            'what' => $work->label(), 'when' => self::whenBack($this->opening->comesBackAfter($work), $this->display),
        ], $this->opening->left());
    }

    /** "at once", "after 12 300 km". */
    public static function whenBack(Distance|Duration|null $after, Display $display): string
    {
        $unit = $after instanceof Duration ? 'h' : 'km';

        return $after === null ? 'at once' : 'after '.$display->number($after->as($unit), 0)." {$unit}";
    }

    /** Hours and money of an opening, "6.2 h, 344 for parts". */
    public function cost(Opening $opening): string
    {
        return $this->display->number($opening->hours()->as('h'), 1).' h, '.$this->display->number($opening->money(), 0).' for parts';
    }

    public function best(): Opening
    {
        return Opening::best($this->played->hidden);
    }

    /** Whether the causes as triage has them stand there: all the time, or because they were looked up last. */
    public function showsCauses(): bool
    {
        $last = $this->played->moves[count($this->played->moves) - 1] ?? null;

        return $this->tell === Tell::Open || ($this->tell === Tell::Asked && $last?->isLook === true);
    }

    public function canLookUp(): bool
    {
        return $this->tell === Tell::Asked;
    }

    /** Whether the core says at once what a reading comes to. */
    public function saysFindings(): bool
    {
        return $this->tell !== Tell::Closed;
    }

    /** @return array{what: string, to: string}|null what triage would do next, where somebody is guided */
    public function proposal(): ?array
    {
        if ($this->played->hidden->level !== Level::Guided) {
            return null;
        }
        $next = (new ByProposal)->next($this->played->hidden->situation, $this->played->evidence, $this->played->hidden->seed);

        return ['to' => $this->after($next->word()), 'what' => match (true) {
            $next->sign !== '' => 'ask: '.self::said($next->sign),
            $next->test !== '' => 'test: '.self::said($next->test),
            default => 'say: '.lcfirst($next->outcome?->label() ?? ''),
        }];
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
