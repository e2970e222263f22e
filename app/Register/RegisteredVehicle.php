<?php

declare(strict_types=1);

namespace App\Register;

use Spindle\Assessment\Subjects;

/** What a register says of one vehicle, under the names of a job sheet's fields, as text a person could have typed. */
final readonly class RegisteredVehicle
{
    /** @param  array<string, string>  $entries  text by field */
    private function __construct(public array $entries)
    {
    }

    /**
     * Only fields that a job sheet has are taken; a register may know more.
     *
     * @param  array<array-key, mixed>  $given
     */
    public static function of(array $given): self
    {
        $entries = [];
        foreach ($given as $field => $text) {
            if (is_string($text) && trim($text) !== '' && Subjects::dictionary()->find((string) $field) !== null) {
                $entries[(string) $field] = trim($text);
            }
        }

        return new self($entries);
    }

    public function text(string $field): string
    {
        return $this->entries[$field] ?? '';
    }
}
