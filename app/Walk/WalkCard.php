<?php

declare(strict_types=1);

namespace App\Walk;

use App\Drawings\Sketch;
use App\Drawings\WantedBand;
use App\Models\PutBehind;
use App\Page\FieldForm;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\TighteningStage;
use Spindle\Fitting\FittingFields;
use Spindle\Inspection\Condition;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Proving\Test;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Station;
use Spindle\Triage\TriageFields;
use Spindle\Walk\Phase;
use Spindle\Walk\Step;

/** One step of the walk: what is asked, the drawing of where, the band that is wanted, what was said of it. */
final readonly class WalkCard
{
    /** More than that is no verdict at a glance. */
    private const MOST_SAID = 2;

    /** More taps than this do not stand on a phone. */
    private const MOST_TAPS = 6;

    /** @param  BoltGroup|null  $bolts  that are ticked round by round; nothing while it is not known how many there are */
    private function __construct(
        public WalkPage $walk,
        public string $key,
        public Station $station,
        public ?FieldForm $form,
        public ?Step $step,
        public ?Sketch $sketch,
        public ?WantedBand $band,
        public ?PutBehind $behind,
        public ?BoltGroup $bolts,
    ) {
    }

    public static function of(WalkPage $walk, Step $step): self
    {
        return $step->key === Step::KIT ? new self($walk, $step->key, $step->station, null, $step, null, null, null, null)
            : self::ofField($walk, $step->key, $step);
    }

    /** Of a reading, whether it is still to be taken or was just taken. */
    public static function ofField(WalkPage $walk, string $key, ?Step $step = null): self
    {
        $form = FieldForm::for($walk->entries, $key);
        $bolts = BoltGroup::ofRound($key);
        if ($bolts !== null && $walk->drawings->bolts($bolts) === null) {
            $bolts = null;
        }

        // Bolts have a drawing of their own, by which they are ticked.
        return new self(
            $walk, $key, $form->field->station, $form, $step, $bolts === null ? Sketch::of($form->field) : null,
            WantedBand::of($walk->job(), $form->field), $walk->behind[$key] ?? null, $bolts,
        );
    }

    /** Of rounds that stand on one card that of the first, whichever is under way. */
    public function id(): string
    {
        return FieldForm::idOf($this->keys()[0]);
    }

    /** @return non-empty-list<string> the fields it asks for: of bolts the rounds that are done in one go */
    public function keys(): array
    {
        $rounds = array_filter($this->bolts?->rounds() ?? [], fn (string $round): bool => self::phase($round) === self::phase($this->key));

        return $rounds === [] ? [$this->key] : array_values($rounds);
    }

    /** The round that is said together with those before it; nothing where each is said by itself, as torque is. */
    public function through(): ?TighteningStage
    {
        $bolts = $this->bolts;
        if ($bolts === null || self::phase($this->key) !== Phase::ClutchOn) {
            return null;
        }
        $together = array_values(array_filter(
            $this->walk->drawings->bolts($bolts)->plan->stages ?? [],
            fn (TighteningStage $stage): bool => in_array($bolts->round($stage), $this->keys(), true),
        ));

        return count($together) > 1 ? $together[count($together) - 1] : null;
    }

    private static function phase(string $key): Phase
    {
        return Phase::of(Subjects::dictionary()->get($key));
    }

    /** What is asked. */
    public function label(): string
    {
        return match (true) {
            $this->form === null => 'Choose the kit',
            $this->bolts !== null => "{$this->bolts->label()}: bolts, round by round",
            default => $this->form->field->label,
        };
    }

    public function how(): string
    {
        return match (true) {
            $this->form === null => 'Everything it needs is compared there.',
            default => $this->test()?->how() ?? FittingFields::stepOf($this->key)?->trap() ?? $this->form->field->how,
        };
    }

    /** The part it is asked of, where its name alone would not say; empty where it does. */
    public function part(): string
    {
        $word = $this->form === null ? '' : $this->form->field->firstWord();
        $part = match (true) {
            $this->test() !== null => 'Test',
            StripPart::tryFrom($word) !== null => StripPart::from($word)->label($this->walk->job()->sheet),
            default => $this->station->label(),
        };

        return str_starts_with($this->label(), $part) ? '' : $part;
    }

    /** What can hurt somebody at just this; empty where nothing does more than elsewhere at the station. */
    public function caution(): string
    {
        return $this->test()?->caution() ?? TriageFields::testOf($this->key)->caution ?? '';
    }

    private function test(): ?Test
    {
        return $this->form === null ? null : Test::ofResult($this->key);
    }

    /** Where, and with what: "at the flywheel, dial indicator". */
    public function where(): string
    {
        return implode(', ', array_filter([
            $this->step?->place?->label(), $this->step?->instrument?->label(),
            $this->step === null || $this->step->isOwed ? '' : 'wanted, not owed',
        ], static fn (?string $said): bool => $said !== null && $said !== ''));
    }

    public function place(): string
    {
        return $this->step->place->value ?? '';
    }

    /** taps, looked, places, bolts, elsewhere or a box: what it is answered with. */
    public function shape(): string
    {
        $field = $this->form?->field;

        return match (true) {
            $this->bolts !== null => 'bolts',
            $field === null, in_array($field->kind, [Kind::Marks, Kind::Curve], true),
            BoltGroup::ofRound($field->key) !== null => 'elsewhere',
            in_array($field->kind, [Kind::Word, Kind::Flag], true) && count($field->options) <= self::MOST_TAPS => 'taps',
            $field->kind === Kind::Words && isset($field->options[Condition::NONE]) => 'looked',
            default => 'box',
        };
    }

    /** Where it is answered where the walk has no field for it. */
    public function elsewhere(): string
    {
        $part = StripPart::tryFrom($this->form === null ? '' : $this->form->field->firstWord());

        return $part !== null && $this->station === Station::Strip ? $this->walk->entries->links->part($part)
            : $this->walk->entries->links->to($this->station);
    }

    /** @return array<string, string> what can be found, without the word for nothing */
    public function findable(): array
    {
        return array_diff_key($this->form === null ? [] : $this->form->ticks(), [Condition::NONE => '']);
    }

    /** @return list<Finding> what it comes to, worst first; nothing where nothing is judged by it yet */
    public function findings(): array
    {
        // A round that is not over is unmeasured; that all are is said of how many bolts there are.
        $of = array_values(array_filter(
            $this->walk->findings(...$this->keys(), ...($this->bolts === null ? [] : [$this->bolts->key('bolts')])),
            static fn (Finding $f): bool => ! in_array($f->verdict, [Verdict::Unmeasured, Verdict::NotApplicable], true),
        ));
        usort($of, static fn (Finding $a, Finding $b): int => $a->verdict->rank() <=> $b->verdict->rank());

        return array_slice($of, 0, self::MOST_SAID);
    }

    public function verdict(): Verdict
    {
        return $this->findings()[0]->verdict ?? Verdict::NotApplicable;
    }

    public function isTaken(): bool
    {
        return $this->form !== null
            && array_filter($this->keys(), fn (string $key): bool => $this->walk->job()->current->filled($key) !== []) !== [];
    }

    /** What is still wanted before anything can be said of it; empty where nothing is. */
    public function waitsFor(): string
    {
        foreach ($this->walk->findings($this->key) as $finding) {
            if ($finding->verdict === Verdict::Unmeasured) {
                return implode(', ', Subjects::dictionary()->names($finding->missing));
            }
        }

        return '';
    }
}
