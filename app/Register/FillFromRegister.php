<?php

declare(strict_types=1);

namespace App\Register;

use App\Changes\ChangeJob;
use App\Changes\RecordEntry;
use App\Models\Job;
use App\Models\User;
use App\Readings\CurrentReadings;
use Spindle\Assessment\Subjects;

/** Enters what a register knows into the fields of a job that are still empty; what somebody entered stays. */
final readonly class FillFromRegister
{
    public const SOURCE = 'from the register';

    /**
     * @param  list<string>  $filled  labels
     * @param  list<string>  $differing  what stands otherwise on the job: "Engine: the register says …"
     */
    private function __construct(public array $filled, public array $differing)
    {
    }

    public static function into(Job $job, RegisteredVehicle $vehicle, User $by): self
    {
        return ChangeJob::do(
            $job->id,
            static fn (Job $whole): self => self::fill($whole, $vehicle, new RecordEntry($whole->id, $by, self::SOURCE)),
        )->result;
    }

    private static function fill(Job $job, RegisteredVehicle $vehicle, RecordEntry $record): self
    {
        $current = new CurrentReadings($job->readings);
        $filled = $differing = [];
        foreach ($vehicle->entries as $key => $text) {
            $field = Subjects::dictionary()->get($key);
            $there = $current->typed($key);
            if ($there === '') {
                $outcome = $record->into($job, $field, 0, $text, $current->row($key)->seq ?? 0, null);
                $outcome->isKept() ? $filled[] = $field->label : $differing[] = "{$field->label}: not taken, {$outcome->refusal}";
            } elseif (mb_strtolower($there) !== mb_strtolower($text)) {
                $differing[] = "{$field->label}: the register says ".($field->options[$text] ?? $text);
            }
        }

        return new self($filled, $differing);
    }

    public function sentence(): string
    {
        $filled =
            $this->filled === []
                ? 'The register knows nothing that is not entered already.'
                : 'Filled in from the register: '.
                    implode(', ', array_map(lcfirst(...), $this->filled)).
                    '. Check it against the vehicle.';

        return $filled.($this->differing === [] ? '' : ' Left as entered. '.implode('; ', $this->differing).'.');
    }
}
