<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Limits\LimitsBook;
use App\Models\Job;
use App\Models\Waiver;
use App\Sheets\SheetBuilder;
use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\ConcessionBasis;
use Spindle\Sheet\JobSheet;

/** What of a job was let pass, by whom, and whether that still holds. */
final readonly class LetThrough
{
    public function __construct(private Job $job, private JobSheet $sheet, private Assessment $assessment, private Display $display)
    {
    }

    /** What was let pass, in words: what is judged under that name now, else the name itself as the limits have it. */
    public function inWords(string $finding): string
    {
        return rtrim($this->assessment->find($finding)?->say($this->display) ?? LimitsBook::nameOf($finding), '.');
    }

    /** Who let a finding pass, said before the reason: " by Bram Oakes". */
    public function by(string $finding): string
    {
        $waiver = SheetBuilder::waivers($this->job)[$finding] ?? null;

        return $waiver === null ? '' : ' by '.$waiver->author().($waiver->seconded_by === '' ? '' : ", agreed by {$waiver->seconded_by}");
    }

    /** What somebody asked to let pass, while nobody has agreed or taken it back. */
    public function asked(string $finding): ?Waiver
    {
        $last = $this->job->waivers->last(static fn (Waiver $w): bool => $w->finding === $finding);

        return $last?->asked === true ? $last : null;
    }

    /** Why a waiver lets nothing pass any more; empty where it still does. */
    public function settled(Waiver $waiver): string
    {
        $found = $this->assessment->find($waiver->finding);
        $isForOther = $found !== null && $waiver->basis !== '' && $waiver->basis !== ConcessionBasis::of($found, $this->sheet);

        return match ($found?->verdict) {
            null, Verdict::NotApplicable => 'no longer asked on this job',
            Verdict::Within => 'no longer needed: it is within now',
            default => $this->outgrown($waiver, $found->verdict) ?: ($isForOther
                ? 'given for other readings or another kit: it does not pass any more' : ''),
        };
    }

    /** Why it does not reach as far as what is found now; empty where it does. */
    private function outgrown(Waiver $waiver, Verdict $now): string
    {
        return match ($now) {
            Verdict::Out => $waiver->reach === Verdict::Out->value ? ''
                : "given for what was {$waiver->reach}: it is out now and does not pass",
            Verdict::Unmeasured => $waiver->reach === Verdict::Near->value ? 'given for what was near: it is unmeasured now' : '',
            default => '',
        };
    }
}
