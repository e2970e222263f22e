<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Limits\LiningWear;
use App\Models\JobFacts;
use Spindle\Assessment\Upshot;
use Spindle\Proving\ProvingFields;
use Spindle\Triage\TriageOfSheet;

/** Stores what a job comes to, for history and plan to read. */
final class WriteFacts
{
    /** @return string by what the next write tells whether they are still the same */
    public static function of(AssessedJob $page): string
    {
        $facts = self::facts($page);
        $row = [...$facts, ...array_map(static fn (array $list): string => json_encode($list, JSON_THROW_ON_ERROR), [
            'hours' => $facts['hours'], 'causes' => $facts['causes'], 'marks' => $facts['marks'], 'figures' => $facts['figures'],
            'told' => $facts['told'],
        ])];
        $hash = hash('xxh128', json_encode($row, JSON_THROW_ON_ERROR));
        $isAsBefore = $page->job->relationLoaded('standing') && $page->job->standing?->facts === $hash;
        if (! $isAsBefore) {
            JobFacts::query()->toBase()->upsert([[...$row, 'clutch_job_id' => $page->job->id]], ['clutch_job_id']);
        }

        return $hash;
    }

    /**
     * @return array{hours: array<string, float>, causes: list<string>, marks: array<string, string>,
     *     figures: array<string, mixed>, told: array<string, mixed>, ...}
     */
    private static function facts(AssessedJob $page): array
    {
        [$values, $job, $upshot] = [$page->values(), $page->job, Upshot::of($page->sheet, $page->assessment)];
        $hours = $upshot->hours();
        // Nothing is learned from a job that was not done here.
        $isOwn = $job->signedSheet !== null && ! $job->signedSheet->elsewhere;
        $wear = $isOwn ? $upshot->wear() : null;
        $solved = $isOwn ? TriageOfSheet::solved($page->sheet) : null;

        return [
            'vehicle_id' => $job->vehicle_id,
            'class' => $page->sheet->vehicleClass()->value ?? '',
            'model' => $job->vehicle->name,
            'duty' => $values->word('duty'),
            'outcome' => $upshot->outcome(),
            'kit' => $upshot->kit(),
            'meter' => $upshot->meter(),
            'since' => $upshot->since(),
            'worn' => $upshot->worn(),
            'usable' => $upshot->usable(),
            'planned' => $upshot->planned(),
            'taken' => $hours === [] ? null : array_sum($hours),
            'hours' => $hours,
            'causes' => $values->words('why.causes'),
            'marks' => $upshot->marks(),
            'figures' => $upshot->figures(),
            // What pages of other jobs say of this one, in names and values.
            'told' => array_filter([
                'kit' => $values->word('kit.name'), 'complaint' => $values->word('complaint'), 'words' => $values->word('why.words'),
                'found' => $upshot->out(), 'step' => $values->resolution('disc.thickness', 'disc.thickness_new'),
            ], static fn (mixed $said): bool => ! in_array($said, [null, '', [], 0.0], true)),
            'check_on' => $values->word(ProvingFields::RECHECK_ON),
            'check_at' => $upshot->checkAt(),
            'wear_of' => $wear === null ? null : LiningWear::name($wear->material, $wear->duty),
            'wear_k' => $wear?->k,
            'solved_cause' => $solved?->cause,
            'solved' => $solved === null ? null : json_encode([
                'signs' => $solved->evidence->signs(),
                'tests' => $solved->evidence->tests(),
            ], JSON_THROW_ON_ERROR),
            'signed_at' => $job->signedSheet?->at->toDateTimeString(),
        ];
    }
}
