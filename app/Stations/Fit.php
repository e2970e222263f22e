<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use Spindle\Fastening\BoltGroup;
use Spindle\Fitting\FittingFields;
use Spindle\Fitting\FittingStep;
use Spindle\Fitting\StepState;

/** Fit: the steps in their order, and the bolts group by group. */
final readonly class Fit
{
    private const OF_A_GROUP = ['bolts', 'torque', 'angle', 'thread', 'grade', 'layout', 'oiled', 'gap', 'tool_slides', 'differ', 'stages'];

    /**
     * @param  list<string>  $clearance  measured before it closes
     * @param  string  $fromStrip  what was cut there and is reckoned with here; empty where nothing was
     */
    private function __construct(public array $clearance, public string $fromStrip, private Entries $entries)
    {
    }

    public static function of(Entries $entries): self
    {
        return new self(Set::CLEARANCE, FromStrip::said($entries->job), $entries);
    }

    /** @return list<array{step: FittingStep, done: string, why: string}> with the readings that say it is done, and why it is not */
    public function steps(): array
    {
        return array_map(
            static fn (FittingStep $step): array => [
                'step' => $step, 'done' => FittingFields::key($step), 'why' => FittingFields::why($step),
            ],
            FittingStep::of($this->entries->job->sheet),
        );
    }

    /** How many steps are done or accounted for. */
    public function accounted(): int
    {
        return count(array_filter(
            $this->steps(), fn (array $one): bool => $this->entries->job->values()->word($one['done']) !== null,
        ));
    }

    /** @return array<string, int> by the field of a step that its bolts have closed, the number of the entry */
    public function closedByBolts(): array
    {
        $closed = [];
        foreach (BoltGroup::cases() as $group) {
            $step = FittingStep::ofBolts($group->value);
            $row = $step === null ? null : $this->entries->job->current->row(FittingFields::key($step));
            $closed += $row?->typed === StepState::Done->value ? [$row->field => $row->seq] : [];
        }

        return $closed;
    }

    /** @return list<BoltGroup> those this vehicle has */
    public function groups(): array
    {
        return array_values(array_filter(BoltGroup::cases(), fn (BoltGroup $g): bool => $this->entries->asks($g->key('bolts'))));
    }

    /** Whether a group stands open: the cover's, and any that work has begun on. */
    public function isOpen(BoltGroup $group): bool
    {
        return $group === BoltGroup::Cover || $this->entries->typed($group->key('bolts')) !== ''
            || Fold::isOpen($this->entries, Fold::ofBolts($group), "fastening.{$group->value}.");
    }

    /** @return array<string, string> what is asked of a group, the reading with how it is called there */
    public function readings(BoltGroup $group): array
    {
        $labels = [];
        foreach (self::OF_A_GROUP as $name) {
            $label = $this->entries->job->sheet->dictionary->get($group->key($name))->label;
            $labels[$group->key($name)] = ucfirst(explode(': ', $label, 2)[1] ?? $label);
        }

        return $labels;
    }
}
