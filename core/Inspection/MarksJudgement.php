<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\FaceMark;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** The marks on a friction face with their places, and what follows for the part. */
final readonly class MarksJudgement implements Judgement
{
    /**
     * @param  Conditions  $conditions  of the part, for what follows from each sort of mark
     * @param  string  $label  what the face is called
     * @param  string  $remedy  what follows from any mark; empty where each sort has its own
     */
    public function __construct(private Conditions $conditions, private string $label, private string $remedy = '')
    {
    }

    public function topic(): Topic
    {
        return new Topic("{$this->conditions->part}.face", "The map of the face “{$this->label}”");
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $part = $this->conditions->part;
        $marks = MarkedFace::marks($part, $sheet);
        if ($marks === []) {
            return;
        }
        $said = [];
        foreach (FaceMark::kinds() as $kind => $name) {
            $there = array_values(array_filter($marks, static fn (FaceMark $m): bool => $m->kind === $kind));
            if ($there !== []) {
                $said[] = count($there)." × {$name} (".self::places($there, $display).')'.$this->follows($there[0], $sheet);
            }
        }
        $remedy = $this->remedy === '' ? '' : " {$this->remedy}.";
        $results->finding(Finding::of(MarkedFace::key($part), Verdict::Out, "{$this->label}: ".implode('; ', $said).".{$remedy}")
            ->from(MarkedFace::key($part))->by('clock position and distance from the centre'));
    }

    /** @param  list<FaceMark>  $marks */
    private static function places(array $marks, Display $display): string
    {
        return implode('; ', array_map(
            static fn (FaceMark $m): string => "{$m->clock()} o'clock, {$display->quantity($m->radius, 1.0)} out", $marks,
        ));
    }

    private function follows(FaceMark $mark, JobSheet $sheet): string
    {
        $consequence = $this->conditions->find($mark->condition())?->consequenceOn($sheet->flywheel()) ?? '';

        return $this->remedy !== '' || $consequence === '' ? '' : ": {$consequence}";
    }
}
