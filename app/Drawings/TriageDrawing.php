<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use App\Page\FieldForm;
use Spindle\Quantity\Display;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\NextTest;
use Spindle\Triage\Signs;
use Spindle\Triage\TriageFields;
use Spindle\Triage\TriageOfSheet;

/** Causes as bars, and how the bars would stand after either result of the test worth doing next. */
final readonly class TriageDrawing
{
    private const WIDTH = 298.0;

    public const SMALL_WIDTH = 84.0;

    private const ROW = 32;

    /**
     * @param  list<CauseBar>  $causes
     * @param  list<ForeseenBar>  $moves
     * @param  string  $worthAsking  signs that nobody asked for yet, the most telling first; empty once none would tell
     */
    private function __construct(
        public Diagnosis $diagnosis,
        public bool $isBegun,
        public array $causes,
        public ?NextTest $next,
        public array $moves,
        public string $chanceOfYes,
        public string $drop,
        public string $doubt,
        public string $after,
        public string $worthAsking,
    ) {
    }

    public static function of(AssessedJob $page): self
    {
        $diagnosis = $page->assessment->triage() ?? TriageOfSheet::diagnosis($page->sheet);
        $tests = TriageOfSheet::nextTests($page->sheet);
        $next = $tests[0] ?? null;
        $display = $page->display;

        return new self(
            $diagnosis,
            TriageOfSheet::isBegun($page->sheet),
            array_map(static fn (string $id): CauseBar => self::cause($id, $diagnosis, $display), array_keys($diagnosis->worthShowing())),
            $next,
            $next === null ? [] : self::moves($next, $diagnosis, $display),
            $next === null ? '' : Chance::said($next->chanceOfPositive, $display),
            $next === null ? '' : $display->number($next->dropInDoubt, 2),
            $display->number($diagnosis->doubt(), 2),
            implode(
                ', ',
                array_map(
                    static fn (NextTest $n): string => lcfirst($n->test->label).' ('.$n->test->minutes.' min)',
                    array_slice($tests, 1, 3),
                ),
            ),
            implode('; ', array_map(static fn (string $sign): string => Signs::all()[$sign], $diagnosis->worthAsking())),
        );
    }

    /** The top of a row of what is foreseen. */
    public function rowAt(int $index): int
    {
        return 26 + self::ROW * $index;
    }

    public function foresightHeight(): int
    {
        return 30 + self::ROW * count($this->moves);
    }

    public function foresightSaid(): string
    {
        return implode(
            ' ',
            array_map(
                static fn (ForeseenBar $b): string => "{$b->label}: now {$b->now->said}, if yes {$b->yes->said}, if no {$b->no->said}.",
                $this->moves,
            ),
        );
    }

    private static function cause(string $id, Diagnosis $diagnosis, Display $display): CauseBar
    {
        $cause = $diagnosis->cause($id);
        $reasons = $diagnosis->reasons($cause);
        $say = $diagnosis->said(...);
        $chance = $diagnosis->chanceOf($id);

        return new CauseBar($id, $cause->label, round(self::WIDTH * $chance, 1), Chance::said($chance, $display),
            implode(', ', array_map($say, $reasons['for'])), implode(', ', array_map($say, $reasons['against'])), lcfirst($cause->settles));
    }

    /** Where on the page the result of the next test is entered. */
    public function recordedAt(): string
    {
        return $this->next === null ? '' : 'label-'.FieldForm::idOf(TriageFields::key($this->next->test));
    }

    /** @return list<ForeseenBar> */
    private static function moves(NextTest $next, Diagnosis $now, Display $display): array
    {
        $bar = static fn (float $chance): Bar => new Bar(round(self::SMALL_WIDTH * $chance, 1), Chance::said($chance, $display));

        return array_map(
            static fn (string $id): ForeseenBar => new ForeseenBar(
                self::short($now->cause($id)->label),
                $bar($now->chanceOf($id)),
                $bar($next->ifPositive->chanceOf($id)),
                $bar($next->ifNegative->chanceOf($id)),
            ),
            $next->moves($now),
        );
    }

    /** As much of a label as stands beside its bars. */
    private static function short(string $label): string
    {
        $first = explode(',', explode(':', $label)[0])[0];

        return mb_strlen($first) > 34 ? mb_substr($first, 0, 33).'…' : $first;
    }
}
