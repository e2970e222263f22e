<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Instrument;

/**
 * What was found on a job and what the work left: the readings of before, those taken after it, and the steps of a setting, which say by
 * their last place how it was left. What was read once more after all of them says so itself.
 */
final readonly class FoundAndLeft
{
    /** @param  FieldValues|null  $after  read after the work, under the names of before */
    public function __construct(private Dictionary $dictionary, private FieldValues $values, private ?FieldValues $after)
    {
    }

    /** What was found: without what was done since. */
    public function found(): FieldValues
    {
        $since = array_fill_keys([...array_merge(...array_values($this->dictionary->byNature->saidAsLeft())), ...$this->steps()], true);

        return $this->values->replaced(new FieldValues($this->dictionary), static fn (string $key): bool => ! isset($since[$key]));
    }

    /** What was left, by what was read after the work; nothing where nothing was. */
    public function after(): ?FieldValues
    {
        $entries = [];
        foreach ($this->saidBySteps() as $field => $by) {
            $all = $this->values->entries($by);
            if ($all !== []) {
                $entries[$field] = [$all[count($all) - 1]];
            }
        }
        if ($entries === [] && ! $this->values->hasAny(...$this->steps())) {
            return $this->after;
        }
        $bySteps = new FieldValues($this->dictionary, $entries);

        return ($this->after ?? new FieldValues($this->dictionary))
            ->replaced($bySteps, static fn (string $key): bool => true);
    }

    /** What was set or measured anew. */
    public function asLeft(): AsLeft
    {
        $steps = array_filter($this->steps(), $this->values->has(...));

        return AsLeft::of($this->after() ?? new FieldValues($this->dictionary), $this->dictionary, [
            ...$this->saidBySteps(), ...array_combine($steps, $steps),
        ]);
    }

    /**
     * With what each reading that counts now was taken.
     *
     * @param  array<string, Instrument>  $noted  by reading as a file has it
     * @return array<string, Instrument>
     */
    public function instruments(array $noted): array
    {
        $saidBy = $this->saidBySteps();
        $instruments = $noted;
        foreach ($this->after()?->keys() ?? [] as $key) {
            unset($instruments[$key]);
            $with = $noted[$saidBy[$key] ?? AsLeft::PREFIX.$key] ?? null;
            $instruments += $with === null ? [] : [$key => $with];
        }

        return $instruments;
    }

    /** @return list<string> what was turned, moved or put in */
    private function steps(): array
    {
        return array_merge(...array_values($this->dictionary->byNature->steps()));
    }

    /** @return array<string, string> by field, the reading that says by its last place how it was left */
    private function saidBySteps(): array
    {
        $said = [];
        foreach ($this->dictionary->byNature->saidAsLeft() as $field => $readings) {
            foreach ($readings as $reading) {
                if ($this->values->has($reading) && $this->after?->has($field) !== true) {
                    $said[$field] = $reading;
                }
            }
        }

        return $said;
    }
}
