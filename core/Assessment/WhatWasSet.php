<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Limit\Said;
use Spindle\Proving\ProvingFields;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Entry;
use Spindle\Release\ClearanceJudgement;
use Spindle\Release\SettingSentences;
use Spindle\Sheet\Field;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Station;

/**
 * Everything that was set on a job, each with what was found, what was turned, moved or put in, and what was left: "free play 35 mm, set
 * to 10 mm by 3.1 turns". What was set and not measured since says so.
 */
final readonly class WhatWasSet
{
    /** What is moved to set it, as a file calls it; whatever stands here no more is set by hand, as a lever is bent. */
    private const MOVED_BY = [
        'release.free_play' => 'rod', 'release.clearance' => 'shims', 'truck.bearing_gap' => 'ring', 'truck.fork_play' => 'linkage',
        'two_stage.bolt_gap' => 'stage_bolts',
    ];

    private const TAKE_UP = 'release.take_up_height';

    private function __construct(private JobSheet $sheet)
    {
    }

    /** @return array<string, Said> by what was set, in the order of the work */
    public static function on(JobSheet $sheet): array
    {
        return (new self($sheet))->lines();
    }

    /** @return array<string, Said> */
    private function lines(): array
    {
        $lines = [];
        foreach ($this->sheet->dictionary->namesAt(Station::Set) as $key) {
            $line = match (true) {
                $key === 'release.depth_to_fingers' => ['release.clearance' => $this->clearance()],
                $key === 'release.bearing_height', $key === 'release.clearance', ! $this->mayHaveBeenSet($key) => [],
                default => [$key => $this->line($this->sheet->dictionary->get($key))],
            };
            $lines = [...$lines, ...array_filter($line, static fn (?Said $said): bool => $said !== null)];
        }
        foreach (['two_stage.bolt_gap', 'two_stage.lever_heights', 'cover.finger_heights'] as $key) {
            $said = $this->mayHaveBeenSet($key) ? $this->line($this->sheet->dictionary->get($key)) : null;
            $lines += $said === null ? [] : [$key => $said];
        }

        return $lines;
    }

    /** Whether anything of it is known from after the work, or a step between: most of what can be set was not. */
    private function mayHaveBeenSet(string $key): bool
    {
        return $key === self::TAKE_UP || $this->steps($key) !== [] || $this->sheet->leftValues()->has($key)
            || $this->sheet->work()->after()?->has($key) === true;
    }

    /** @return list<AsRead> turns, notches or shims between found and left */
    private function steps(string $key): array
    {
        $what = self::MOVED_BY[$key] ?? '';

        return $what === '' ? [] : self::read($this->sheet->values, $this->sheet->dictionary->byNature->steps()[$what][0]);
    }

    private function line(Field $field): ?Said
    {
        if (! $this->sheet->dictionary->isReadAgain($field) && $field->key !== self::TAKE_UP) {
            return null;
        }
        // Where it takes up is proved in every job; it was set where somebody had looked before.
        if ($field->key === self::TAKE_UP && ! $this->sheet->foundValues()->has($field->key)) {
            return null;
        }
        $isWord = $field->dimension === null;

        return $isWord ? $this->ofWord($field) : $this->said(
            $field->key, $field->label, self::read($this->sheet->foundValues(), $field->key), $this->after($field->key),
        );
    }

    /** A word that is another one after the work: the pedal was firm again, and is not. */
    private function ofWord(Field $field): ?Said
    {
        $found = $this->sheet->values->word($field->key);
        $left = $this->sheet->leftValues()->word($field->key);

        return $found === null || $left === null ? null
            : SettingSentences::wordWasSet($field->label, self::word($field, $found), self::word($field, $left));
    }

    private static function word(Field $field, string $word): string
    {
        return lcfirst($field->kind === Kind::Flag ? $word : $field->options[$word] ?? $word);
    }

    /** What the two depths come to, before and after, or the clearance as it was read itself. */
    private function clearance(): ?Said
    {
        $of = function (JobSheet $sheet): array {
            $mm = ClearanceJudgement::direct($sheet) ?? ClearanceJudgement::asItIs($sheet);
            $step = $sheet->values->resolution('release.clearance', 'release.depth_to_fingers', 'release.bearing_height');

            return $mm === null ? [] : [new AsRead($mm, $step)];
        };
        $left = $this->sheet->left();

        return $this->said('release.clearance', 'Bearing clearance', $of($this->sheet->found()), $left === null ? [] : $of($left));
    }

    /**
     * @param  list<AsRead>  $found
     * @param  list<AsRead>  $left
     */
    private function said(string $key, string $name, array $found, array $left): ?Said
    {
        $steps = $this->steps($key);
        $isSame = array_map(static fn (AsRead $r): float => $r->value->value, $found)
            === array_map(static fn (AsRead $r): float => $r->value->value, $left);

        return $steps === [] && ($left === [] || $isSame) ? null
            : SettingSentences::wasSet($name, $found, $left, self::MOVED_BY[$key] ?? '', $steps);
    }

    /** @return list<AsRead> what was read after the work */
    private function after(string $key): array
    {
        $after = $this->sheet->work()->after();

        return match (true) {
            $key === self::TAKE_UP => self::read($this->sheet->values, ProvingFields::HEIGHT),
            $after !== null => self::read($after, $key),
            default => [],
        };
    }

    /** @return list<AsRead> */
    private static function read(FieldValues $values, string $key): array
    {
        return array_map(static fn (Entry $e): AsRead => new AsRead($e->quantity, $e->resolution), $values->entries($key));
    }
}
