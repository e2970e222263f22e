<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\ReaderLocale;
use Illuminate\Support\Carbon;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\Material;
use Spindle\Kit\Completeness\PartState;
use Spindle\Kit\KitPart;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Proving\DriverAdvice;
use Spindle\Proving\ProvingFields;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;
use Spindle\Record\RecordSubject;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;

/** The job in plain language: what was wrong, what was done, what went in, how to treat it, when to come back. */
final readonly class CustomerPage
{
    private function __construct(private AssessedJob $page)
    {
    }

    public static function of(AssessedJob $page): self
    {
        return new self($page);
    }

    /** @return list<string> */
    public function wrong(): array
    {
        $values = $this->page->values();
        $causes = array_map(
            static fn (string $id): string => Subjects::dictionary()->get('why.causes')->options[$id] ?? $id, $values->words('why.causes'),
        );

        return self::sentences([
            $values->word('complaint') === null ? '' : "You told us: {$values->word('complaint')}",
            $causes === [] ? '' : 'We found: '.lcfirst(implode(', ', $causes)).'.',
            $values->word('why.words') ?? '',
        ]);
    }

    /** @return list<string> */
    public function done(): array
    {
        $values = $this->page->values();
        $machined = $values->one(Length::class, 'flywheel.machined');
        $outcome = Reach::of($this->page->sheet)->outcome;

        return self::sentences([
            match ($outcome) {
                Outcome::Strip => $this->page->hasKitChosen() ? 'The gearbox was taken out and the clutch replaced.'
                    : 'The gearbox was taken out and the clutch looked at.',
                Outcome::NotTheClutch => 'The clutch was tested; it is not what is wrong.',
                Outcome::Adjust => 'The clutch was adjusted; nothing had to be taken apart.',
                Outcome::Bleed => 'The hydraulics of the clutch were bled; nothing had to be taken apart.',
                Outcome::RepairActuation => 'What works the clutch was mended; the clutch itself did not have to be taken out.',
            },
            $machined === null || $machined->value <= 0.0 ? '' : 'The flywheel was machined by '
                .$this->page->display->quantity($machined, 0.01).'.',
            ...$this->page->wasSet(),
            ...array_map(static fn (ProvingStory $s): string => "{$s->test->label()}: {$s->sentence()}", ProvingStory::told($this->page)),
        ]);
    }

    /** @return list<string> what went in, each with its number where it has one */
    public function fitted(): array
    {
        $values = $this->page->values();
        $fitted = $this->page->hasKitChosen()
            ? [($values->word('kit.name') ?? 'Clutch kit').($values->word('kit.number') === null ? '' : " ({$values->word('kit.number')})"),
            ] : [];
        $isMachined = $values->has('flywheel.machined');
        foreach (JobParts::of($this->page)->needed as $part) {
            $need = $part->need;
            // What was machined is not a new one.
            $wentIn = in_array($need->state, [PartState::InKit, PartState::OnShelf, PartState::Ordered], true);
            if ($wentIn && ! ($isMachined && $need->part === KitPart::Flywheel)) {
                $fitted[] = $need->part->fitted();
            }
        }

        $batches = $values->word(RecordSubject::BATCHES);

        return $batches === null ? $fitted : [...$fitted, 'Batch numbers: '.str_replace("\n", ', ', trim($batches))];
    }

    /** @return list<string> */
    public function treat(): array
    {
        $material = Material::tryFrom($this->page->values()->word('kit.material') ?? '');

        return [
            ...array_map(fn (Said $one): string => $one->in($this->page->display), DriverAdvice::of($this->page->sheet)),
            ...($material === null || ! $this->page->hasKitChosen() ? [] : ["Running in: {$material->runningIn()}."]),
        ];
    }

    /** @return list<string> what was offered and accepted, and what it came to; nothing of a job that was never offered */
    public function cost(): array
    {
        $of = array_filter(
            $this->page->assessment->findings, static fn (Finding $f): bool => in_array($f->id, ['offer.answer', 'offer.came_to'], true),
        );

        return array_values(array_map(fn (Finding $f): string => $f->say($this->page->display), $of));
    }

    /** "On 4 January 2027, or after 500 km: …"; empty where nobody said. */
    public function comeBack(): string
    {
        $values = $this->page->values();
        $on = $values->word(ProvingFields::RECHECK_ON);
        $after = $values->one(Distance::class, ProvingFields::RECHECK_AFTER) ?? $values->one(Duration::class, ProvingFields::RECHECK_HOURS);
        $when = self::sentences([
            $on === null ? '' : 'on '.(strlen($on) === 10 ? ReaderLocale::date(Carbon::parse($on)) : $on),
            $after === null ? '' : 'after '.$this->page->display->quantity($after, 1.0),
        ]);

        return $when === [] ? '' : ucfirst(implode(', or ', $when)).': free play, fluid, bolts where called for. Sooner if it slips, '
            .'grinds or the pedal changes.';
    }

    /**
     * @param  list<string>  $said
     * @return list<string>
     */
    private static function sentences(array $said): array
    {
        return array_values(array_filter($said, static fn (string $s): bool => trim($s) !== ''));
    }
}
