<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Jobs\SecondLook;
use App\Limits\LiningWear;
use App\Limits\ShopBooks;
use App\Models\Job;
use App\Models\Photo;
use App\Models\SignedSheet;
use App\Models\User;
use App\Sheets\AssessmentJson;
use App\Sheets\SheetBuilder;
use App\Store\InTurn;
use Spindle\Capacity\ShopWear;
use Spindle\Quantity\Display;
use Spindle\Record\RecordSubject;
use Spindle\Sheet\SheetError;

/** Signs a job off: its sheet is frozen with everything in it and locked. */
final readonly class SignSheet
{
    public function __construct(private User $by)
    {
    }

    /**
     * Whether it was signed; false when something is still open, or it was signed already.
     *
     * @throws SheetError when what would be signed could not be shown from its file; it is not signed then
     */
    public function sign(Job $job): bool
    {
        if (AssessedJob::of(Job::whole($job->id))->signOff->isAllowed()) {
            // What is on the clock belongs to what is signed.
            KeepLabour::stopOn($job->id);
        }

        return InTurn::do(function () use ($job): bool {
            $job = Job::whole($job->id);
            $page = AssessedJob::of($job);
            if ($job->isSigned() || RecordSubject::isClosed($page->values()) || ! $page->signOff->isAllowed()
                || SecondLook::isBy($page->current, $this->by)) {
                return false;
            }
            $at = now();
            $json = SheetBuilder::withLog($job)
                ->with(['photos'], self::photos($job))
                ->with([ShopWear::NAME], $page->hasKitChosen() ? LiningWear::section() : null)
                ->with(['stated'], SheetBuilder::isStatedThroughout($job) ? true : null)
                ->with(['signed'], (object) ['by' => $this->by->name, 'at' => $at->toIso8601ZuluString()])
                ->with(['assessment'], AssessmentJson::of($page->assessment, new Display($page->sheet->units)))
                ->toJson();
            SignedSheet::query()->create([
                'clutch_job_id' => $job->id,
                'json' => $json,
                'sha256' => hash('sha256', $json),
                'elsewhere' => false,
                'by_name' => $this->by->name,
                'at' => $at,
            ]);
            $job->touch();
            // What was just signed has to be readable from its file alone, or it is not signed.
            WriteStanding::of(Proof::of($job->load('signedSheet')));
            // What the shop's own jobs say has become more.
            ShopBooks::forget();

            return true;
        });
    }

    /** @return list<\stdClass>|null the photos that belong to what is signed, each by the hash of its file */
    private static function photos(Job $job): ?array
    {
        $photos = [];
        foreach ($job->photos()->get() as $photo) {
            $photos[] = self::photo($photo);
        }

        return $photos === [] ? null : $photos;
    }

    private static function photo(Photo $photo): \stdClass
    {
        return (object) [
            'sha256' => $photo->sha256,
            'station' => $photo->station,
            'part' => $photo->part,
            'caption' => $photo->caption,
            'by' => $photo->by_name,
            'at' => $photo->at->toIso8601ZuluString(),
        ];
    }
}
