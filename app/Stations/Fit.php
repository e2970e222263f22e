<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\FasteningFields;
use Spindle\Fitting\FittingFields;
use Spindle\Fitting\FittingStep;
use Spindle\Fitting\StepState;

/** Fit: the steps in their order, and the bolts group by group. */
final readonly class Fit
{
    private const OF_A_GROUP = ['bolts', 'torque', 'angle', 'thread', 'grade', 'layout', 'oiled', 'gap', 'tool_slides', 'differ', 'stages'];

    private const HOUSING = ['housing.bore_dial', 'housing.face_dial'];

    /** @param  string  $fromStrip  what was cut there and is reckoned with here; empty where nothing was */
    private function __construct(public Sections $sections, public string $fromStrip, private Entries $entries)
    {
    }

    public static function of(Entries $entries): self
    {
        $steps = [];
        foreach (FittingStep::of($entries->job->sheet) as $step) {
            array_push($steps, FittingFields::key($step), FittingFields::why($step), ...$step->readings());
        }

        $sections = Sections::of(
            $entries,
            new Section('steps', 'Order of fitting', 'fit.steps', $steps),
            new Section(
                'clearance', 'Before it closes', 'fit.clearance', Set::CLEARANCE,
                'bearing clearance, or the gearbox out again',
            ),
            ...self::tightening($entries),
            ...[
                new Section('wrench', 'Torque wrench', 'stations.fields', FasteningFields::WRENCH, 'from and to what it reads'),
                new Section(
                    'housing', 'Housing new to its engine', 'fit.housing', self::HOUSING,
                    'a dial swept round the bore and over the face',
                ),
            ],
        );

        return new self($sections->onlyWhatIsOpen(), FromStrip::said($entries->job), $entries);
    }

    /** @return list<Section> one for each group of bolts this vehicle has */
    private static function tightening(Entries $entries): array
    {
        $groups = array_values(array_filter(BoltGroup::cases(), static fn (BoltGroup $g): bool => $entries->asks($g->key('bolts'))));

        return array_map(static fn (BoltGroup $group): Section => new Section(
            Fold::ofBolts($group), "Tightening: {$group->label()}", 'fit.bolts', array_map($group->key(...), self::OF_A_GROUP),
            given: ['group' => $group], also: ["fastening.{$group->value}."],
        ), $groups);
    }

    /**
     * With the readings that say it is done, and why it is not; and whether it was done as the page came, so that its name is enough.
     *
     * @return list<array{step: FittingStep, done: string, why: string, short: bool}>
     */
    public function steps(): array
    {
        return array_map(
            fn (FittingStep $step): array => [
                'step' => $step, 'done' => FittingFields::key($step), 'why' => FittingFields::why($step),
                'short' => $this->entries->job->values()->word(FittingFields::key($step)) === StepState::Done->value,
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
