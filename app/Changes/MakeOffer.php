<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\User;
use App\Page\JobOffer;
use App\Readings\CurrentReadings;
use Spindle\Assessment\Subjects;
use Spindle\Offer\OfferAnswer;
use Spindle\Offer\OfferFields;

/** Writes down what was offered for a job, and what was answered; every offer before it stays among the entries. */
final readonly class MakeOffer
{
    public function __construct(private int $job, private User $by)
    {
    }

    /**
     * @param  string  $mark  of what was looked at
     * @return bool whether it is still what would be offered; nothing is written otherwise
     */
    public function make(string $mark): bool
    {
        return (bool) ChangeJob::do($this->job, function (Job $job) use ($mark): bool {
            $offer = JobOffer::of(AssessedJob::of($job));
            if (! hash_equals($offer->mark(), $mark)) {
                return false;
            }
            $this->enter($job, $offer->toMake());

            return true;
        })->result;
    }

    /**
     * @param  int  $number  of the offer that was answered
     * @param  string  $on  the day
     * @return bool whether that is the offer that stands; nothing is written otherwise
     */
    public function answer(int $number, OfferAnswer $answer, string $by, string $on): bool
    {
        return (bool) ChangeJob::do($this->job, function (Job $job) use ($number, $answer, $by, $on): bool {
            if (AssessedJob::of($job)->values()->count(OfferFields::NUMBER) !== $number) {
                return false;
            }
            $this->enter($job, [
                OfferFields::ANSWER => $answer->value, OfferFields::ANSWERED_BY => $by, OfferFields::ANSWERED_ON => $on,
                OfferFields::ANSWERED_NUMBER => (string) $number,
            ]);

            return true;
        })->result;
    }

    /** @param  array<string, string>  $entries  by field */
    private function enter(Job $job, array $entries): void
    {
        $record = new RecordEntry($job->id, $this->by);
        foreach ($entries as $key => $typed) {
            $current = new CurrentReadings($job->readings);
            $record->take($job, Subjects::dictionary()->get($key), 0, $typed, $current->row($key)->seq ?? 0, null);
        }
    }
}
