<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\SheetError;

/** A stored job that cannot be read or worked out any more. Nobody else's page suffers from it; its entries are all there. */
final class JobCannotBeShown extends \RuntimeException
{
    private function __construct(public readonly Job $job, string $why, \Throwable $previous)
    {
        parent::__construct($why, 0, $previous);
    }

    public static function because(Job $job, \Throwable $why): self
    {
        return new self($job, $why instanceof SheetError ? self::said($why) : 'a fault of the program: '.$why->getMessage(), $why);
    }

    /** The refusal under the name that the field has on the pages. */
    private static function said(SheetError $why): string
    {
        $place = (string) preg_replace('/\[\d+\].*$/', '', $why->place);
        foreach (Subjects::dictionary()->all() as $field) {
            if (implode('.', $field->path()) === $place) {
                return "{$field->label}: {$why->reason}";
            }
        }

        return $why->getMessage();
    }

    /** Only faults of the program go into the log; what somebody entered is no fault. */
    public function report(): bool
    {
        return $this->getPrevious() instanceof SheetError;
    }
}
