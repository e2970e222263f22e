<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** Reads what it needs from the sheet and writes down figures and findings: one subject's say, or a piece of it. */
interface Judgement
{
    public function topic(): Topic;

    /**
     * @throws \DomainException|\ArithmeticError when a formula is given what it cannot take; the assessment says so in place of a judgement
     */
    public function assess(JobSheet $sheet, Results $results): void;
}
