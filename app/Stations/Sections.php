<?php

declare(strict_types=1);

namespace App\Stations;

use App\Jobs\Memo;
use App\Page\Entries;
use App\Page\FieldsNow;
use App\Page\PartHead;
use Spindle\Limit\Verdict;
use Spindle\Sheet\AsLeft;

/**
 * What a station's page is made of, in the order it is worked through. One stands open: the first in which something is still to be
 * entered, else the first that has to be looked at, else the first of all; the others are a line each, drawn when they are opened.
 */
final readonly class Sections
{
    /**
     * @param  list<Section>  $all  those this vehicle has
     * @param  string|null  $start  the one that stands open, where the station knows better; empty for none
     */
    private function __construct(public array $all, private Entries $entries, private Memo $memo, private ?string $start = null)
    {
    }

    public static function of(Entries $entries, Section ...$sections): self
    {
        return new self(array_values(array_filter(
            $sections, static fn (Section $s): bool => array_filter($s->keys, self::asked($entries)) !== [],
        )), $entries, new Memo);
    }

    /** Of these one stands open whatever is entered; with an empty name none does by itself. */
    public function startingAt(string $name): self
    {
        return new self($this->all, $this->entries, $this->memo, $name);
    }

    /** Where all is entered and in order none stands open: each says in its line what was decided. */
    public function onlyWhatIsOpen(): self
    {
        $first = $this->next() ?? $this->current();

        return $first === null || $this->head($first)->verdict !== Verdict::Within ? $this : $this->startingAt('');
    }

    public function named(string $name): ?Section
    {
        return array_values(array_filter($this->all, static fn (Section $s): bool => $s->name === $name))[0] ?? null;
    }

    /** Those that were asked for by a link or hold a refused entry stand open alone; else where work goes on. */
    public function isOpen(Section $section): bool
    {
        return in_array($section, $this->memo->once('open', function (): array {
            $asked = array_filter($this->all, fn (Section $s): bool => Fold::isOpen($this->entries, $s->name, ...$s->entered())
                || Fold::isOpen($this->entries, FieldsNow::FOLD.$s->name));

            return $asked !== [] ? $asked : [$this->start === null ? $this->next() ?? $this->current() : $this->named($this->start)];
        }), true);
    }

    /** Its line: the worst of what rests on its readings, and how much of it is there. */
    public function head(Section $section): PartHead
    {
        return $this->memo->once("head {$section->name}", function () use ($section): PartHead {
            $asked = array_values(array_filter($section->keys, self::asked($this->entries)));
            $entered = count(array_filter($asked, $this->isEntered(...)));
            $missing = count(array_filter($asked, $this->entries->job->isNeeded(...)));
            // What rests on readings of other places says nothing of a section in which nothing was entered.
            $verdict = match (true) {
                $section->status !== '' => Verdict::NotApplicable,
                $entered > 0 => $this->verdict($asked, $missing > 0),
                default => $missing > 0 ? Verdict::Unmeasured : Verdict::NotApplicable,
            };

            return PartHead::said($verdict, $section->title, implode(', ', array_filter([
                $verdict === Verdict::NotApplicable || $missing > 0 ? '' : $verdict->label(),
                $missing > 0 ? "{$missing} to enter" : '',
                match (true) {
                    $section->status !== '' => $section->status,
                    $missing > 0 => '',
                    $entered > 0 => "{$entered} of ".count($asked).' entered',
                    default => $section->what,
                },
            ])));
        });
    }

    /** The first in which something is still to be entered. */
    public function next(): ?Section
    {
        return $this->first(fn (Section $s): bool => array_filter($s->keys, $this->entries->job->isNeeded(...)) !== []);
    }

    private function current(): ?Section
    {
        return $this->first(
            fn (Section $s): bool => ! in_array($this->head($s)->verdict, [Verdict::Within, Verdict::NotApplicable], true),
        ) ?? $this->all[0] ?? null;
    }

    /** @param  \Closure(Section): bool  $wanted */
    private function first(\Closure $wanted): ?Section
    {
        return array_values(array_filter($this->all, $wanted))[0] ?? null;
    }

    /**
     * A dash while nothing is judged by these readings.
     *
     * @param  list<string>  $keys
     */
    private function verdict(array $keys, bool $isOwed): Verdict
    {
        $found = array_merge($isOwed ? [Verdict::Unmeasured] : [], ...array_values(array_intersect_key(
            $this->memo->once('verdicts', $this->verdicts(...)), array_fill_keys($keys, true),
        )));

        return $found === [] ? Verdict::NotApplicable : Verdict::worst(...$found);
    }

    /** @return array<string, list<Verdict>> by reading, of the findings that rest on it or miss it */
    private function verdicts(): array
    {
        $by = [];
        foreach ($this->entries->job->assessment->findings as $finding) {
            foreach ([...$finding->readings, ...$finding->missing] as $key) {
                $by[$key][] = $finding->verdict;
            }
        }

        return $by;
    }

    private function isEntered(string $key): bool
    {
        return $this->entries->job->current->filled($this->entries->speaksFor($key)) !== [];
    }

    /** @return \Closure(string): bool whether a reading, or the one it is taken once more of, is asked of this vehicle */
    private static function asked(Entries $entries): \Closure
    {
        return static fn (string $key): bool => $entries->asks($key)
            || (str_starts_with($key, AsLeft::PREFIX) && $entries->asks(substr($key, strlen(AsLeft::PREFIX))));
    }
}
