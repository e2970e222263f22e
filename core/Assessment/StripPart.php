<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Inspection\MarkedFace;
use Spindle\Kit\KitPart;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Dictionary;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Origin;

/** The parts that are looked at once the clutch is open, in the order they come off. */
enum StripPart: string
{
    case Disc = 'disc';
    case SecondDisc = 'disc2';
    case Cover = 'cover';
    case Intermediate = 'intermediate';
    case TwoStage = 'two_stage';
    case Flywheel = 'flywheel';
    case Bearing = 'bearing';
    case Fork = 'fork';
    case Sleeve = 'sleeve';
    case ClutchBrake = 'truck';
    case Pilot = 'pilot';
    case Shaft = 'shaft';
    case Seals = 'seals';
    case Surroundings = 'surroundings';

    /** @return list<self> the parts this vehicle has */
    public static function on(JobSheet $sheet): array
    {
        return array_values(array_filter(self::cases(), static fn (self $part): bool => self::isOn($part, $sheet)));
    }

    private static function isOn(self $part, JobSheet $sheet): bool
    {
        return $sheet->dictionary->isAsked($part->lookedAt(), $sheet);
    }

    /** Where a part that could be used again is looked at; nothing where nobody inspects it. */
    public static function showing(KitPart $part): ?self
    {
        return match ($part) {
            KitPart::Disc => self::Disc,
            KitPart::Cover => self::Cover,
            KitPart::Bearing => self::Bearing,
            KitPart::GuideSleeve => self::Sleeve,
            KitPart::Fork => self::Fork,
            KitPart::Pilot => self::Pilot,
            KitPart::Flywheel => self::Flywheel,
            KitPart::CrankSeal, KitPart::ShaftSeal => self::Seals,
            KitPart::ClutchBrake => self::ClutchBrake,
            default => null,
        };
    }

    /**
     * The reading that says it was looked at. The clutch brake is asked at its own station, and stands among the parts by what is seen
     * of it.
     */
    public function lookedAt(): string
    {
        return $this === self::ClutchBrake ? 'truck.brake' : "{$this->value}.conditions";
    }

    public function label(JobSheet $sheet): string
    {
        return match ($this) {
            self::Disc => match (true) {
                $sheet->isTwoStage() => 'Travel disc',
                $sheet->isTwinDisc() => 'Disc at the flywheel',
                default => 'Disc',
            },
            self::SecondDisc => $sheet->isTwoStage() ? 'Take-off disc' : 'Disc at the cover',
            self::Cover => 'Cover',
            self::Intermediate => 'Intermediate plate',
            self::TwoStage => 'Two-stage set',
            self::Flywheel => 'Flywheel',
            self::Bearing => 'Release bearing',
            self::Fork => 'Fork and pivot',
            self::Sleeve => 'Guide sleeve',
            self::ClutchBrake => 'Clutch brake',
            self::Pilot => 'Pilot',
            self::Shaft => 'Shaft and splines',
            self::Seals => 'Seals',
            self::Surroundings => 'Surroundings',
        };
    }

    /** Whether nobody signs before it was looked at, once the clutch is open. Common practice, no source. */
    public function isOwed(): bool
    {
        return ! in_array($this, [self::Sleeve, self::ClutchBrake, self::Surroundings], true);
    }

    /** @return list<string> the map of its face: what is on it was looked at */
    public function map(): array
    {
        return in_array($this, [self::Flywheel, self::Cover], true) ? [MarkedFace::key($this->value)] : [];
    }

    /** How the part is asked for in a sentence. */
    public function name(): string
    {
        return match ($this) {
            self::Disc => 'disc',
            self::SecondDisc => 'second disc',
            self::ClutchBrake => 'clutch brake',
            default => lcfirst(str_replace('_', '-', $this->value)),
        };
    }

    /** Whether anything at all was measured or seen on it. */
    public function isLookedAt(JobSheet $sheet): bool
    {
        return $sheet->values->hasAny(...$this->seen($sheet->dictionary));
    }

    /** The worst of what is known of it; unmeasured while nobody has looked. */
    public function verdict(JobSheet $sheet, Assessment $assessment): Verdict
    {
        $found = array_map(static fn (Finding $f): Verdict => $f->verdict, $this->findings($assessment));

        return $this->isLookedAt($sheet) ? Verdict::worst(Verdict::Within, ...$found) : Verdict::Unmeasured;
    }

    /** @return list<Finding> */
    public function findings(Assessment $assessment): array
    {
        return array_values(array_filter($assessment->findings, fn (Finding $f): bool => strtok($f->id, '.') === $this->value));
    }

    /** What the technician reads beside the part's name. */
    public function status(JobSheet $sheet, Assessment $assessment): string
    {
        // The dial around the face is one reading, the runout, however many places it is read at.
        $asked = array_filter(
            $this->seen($sheet->dictionary),
            static fn (string $key): bool => $sheet->dictionary->isAsked($key, $sheet)
                && $sheet->dictionary->get($key)->nature()->partOf === '',
        );
        $read = count(
            array_filter(
                $asked,
                static fn (string $key): bool => $sheet->values->hasAny($key, ...$sheet->dictionary->placesOf($key)),
            ),
        );

        return $this->isLookedAt($sheet)
            ? $this->verdict($sheet, $assessment)->label().", {$read} of ".count($asked).' taken'
            : 'not looked at';
    }

    /** @return list<string> what is measured or chosen on it, without what is ticked or mapped */
    public function readings(Dictionary $dictionary): array
    {
        // A truck's clearances are read before it comes apart and after it is closed; only the brake itself is a part.
        return $this === self::ClutchBrake ? ['truck.brake', 'truck.brake_squeeze'] : array_values(array_filter(
            $dictionary->namesOf($this->value),
            static fn (string $key): bool => ! in_array($dictionary->get($key)->kind, [Kind::Words, Kind::Marks], true),
        ));
    }

    /** Whether a kit replaces it: what was wrong with the old one is evidence then, not a fault of the finished job. */
    public function isReplacedByKit(): bool
    {
        return in_array($this, [self::Disc, self::SecondDisc, self::Cover, self::Bearing], true);
    }

    /** Whether it stays on the vehicle when a new kit goes in, so that it is mended and read again. What is set is not mended. */
    public function isKept(): bool
    {
        return ! $this->isReplacedByKit() && ! in_array($this, [self::TwoStage, self::ClutchBrake], true);
    }

    /** @return list<string> what is read again after the work; the dial around the face is one reading */
    public function readAgain(Dictionary $dictionary): array
    {
        return array_values(
            array_filter(
                [...$this->readings($dictionary), ...self::named($dictionary, "{$this->value}.conditions")],
                static fn (string $key): bool => $dictionary->isReadAgain($dictionary->get($key))
                    && ! $dictionary->get($key)->nature()->isFoundOnly,
            ),
        );
    }

    /** @return list<string> what only the part itself tells; new sizes and the maker's figures are known before anything is open */
    private function seen(Dictionary $dictionary): array
    {
        static $known = null;
        $known = $known instanceof \WeakMap ? $known : new \WeakMap;
        /** @var array<string, list<string>> $of */
        $of = $known[$dictionary] ?? [];
        if (! isset($of[$this->value])) {
            $of[$this->value] = array_values(array_filter(
                [...$this->readings($dictionary), ...self::named($dictionary, "{$this->value}.conditions", "{$this->value}.marks")],
                static fn (string $key): bool => $dictionary->get($key)->nature()->origin === Origin::Measured,
            ));
            $known[$dictionary] = $of;
        }

        return $of[$this->value];
    }

    /** @return list<string> those of the names that there are */
    private static function named(Dictionary $dictionary, string ...$keys): array
    {
        return array_values(array_filter($keys, static fn (string $key): bool => $dictionary->find($key) !== null));
    }
}
