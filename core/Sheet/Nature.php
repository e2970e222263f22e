<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Instrument;

/**
 * What a field is, said once beside it: whose, from where, how long it stands, where and with what it is taken. Whatever is carried over,
 * read again, forgotten or left out follows from it; nobody keeps a list of names.
 */
final readonly class Nature
{
    /** Stands for the day on which the clutch was fitted. */
    public const DAY = 'day';

    /**
     * @param  bool  $isLasting  true of the thing however it was worked on; anything else is taken anew in each job and after work
     * @param  bool  $isOnlyOpen  known only with the gearbox off
     * @param  bool  $isReading  stands among the readings of a file, under its whole name; else in the section of its first word
     * @param  bool  $isProof  shows that the work holds
     * @param  bool  $isFoundOnly  tells of a part before the work, so that nobody takes it again
     * @param  bool  $isOfModel  the same on every vehicle of a model
     * @param  bool  $isTarget  a reading is held against it: a limit by another name
     * @param  bool  $tellsTheKit  one kit is told from another by it
     * @param  string  $kitFigure  what a kit calls it, so that a kit once fitted says it: "thickness_new"
     * @param  array<string, string>  $kitWords  how a word of the kit is called here, where the two differ
     * @param  string  $insteadOf  the field whose answer it takes the place of in every figure, once it is read: what a list says of a part
     * @param  string  $sameAs  the field that asks for the same fact elsewhere; whichever is entered speaks for both
     * @param  string  $meter  the field whose reading on the day of fitting it is
     * @param  string  $partOf  the reading that it is one place of
     * @param  string  $stands  the word that no work on the part makes untrue
     * @param  bool  $isSet  what the work at a station sets: found and left are two readings, each for itself
     * @param  list<string>  $untrueAfter  the fields that, set or read anew, make what was found here untrue
     * @param  string  $leaves  the field that it says, by its last place, as it was left
     * @param  string  $step  what was turned, moved or put in on the way from found to left, as a file calls it
     * @param  bool  $isConclusion  said once the other things at its station are known
     * @param  float  $minutes  what taking it takes, from memory [M]
     * @param  list<Instrument>  $instruments  beside the one that a field of a length names
     * @param  string  $anchor  the place on the drawing, as it is called there
     */
    public function __construct(
        public Whose $whose,
        public Origin $origin,
        public bool $isLasting = false,
        public bool $isOnlyOpen = false,
        public bool $isReading = false,
        public bool $isProof = false,
        public bool $isFoundOnly = false,
        public bool $isOfModel = false,
        public bool $isTarget = false,
        public bool $tellsTheKit = false,
        public Privacy $privacy = Privacy::OfThings,
        public string $kitFigure = '',
        public array $kitWords = [],
        public string $insteadOf = '',
        public string $sameAs = '',
        public string $meter = '',
        public string $partOf = '',
        public string $stands = '',
        public bool $isSet = false,
        public array $untrueAfter = [],
        public string $leaves = '',
        public string $step = '',
        public bool $isConclusion = false,
        public Place $place = Place::Desk,
        public float $minutes = 0.0,
        public array $instruments = [],
        public ?Drawing $drawing = null,
        public string $anchor = '',
    ) {
    }

    /** Read off the vehicle or a part. */
    public static function measured(Whose $whose, Place $place, float $minutes = 1.0): self
    {
        return new self($whose, Origin::Measured, place: $place, minutes: $minutes, isOnlyOpen: $place->isOpen());
    }

    /** A figure of the maker of what it belongs to: it lasts as long as that. */
    public static function makers(Whose $whose): self
    {
        return new self($whose, Origin::Makers, isLasting: true);
    }

    /** Said or decided by somebody. */
    public static function chosen(Whose $whose): self
    {
        return new self($whose, Origin::Chosen);
    }

    /** True of the thing however it was worked on. */
    public function lasting(): self
    {
        return $this->with(isLasting: true);
    }

    /** Taken anew in each job, though it is a maker's figure. */
    public function anew(): self
    {
        return $this->with(isLasting: false);
    }

    public function onlyOpen(): self
    {
        return $this->with(isOnlyOpen: true);
    }

    /** Among the readings of a file, under its whole name. */
    public function reading(): self
    {
        return $this->with(isReading: true);
    }

    public function proof(): self
    {
        return $this->with(isProof: true);
    }

    public function foundOnly(): self
    {
        return $this->with(isFoundOnly: true);
    }

    public function ofModel(): self
    {
        return $this->with(isOfModel: true);
    }

    public function target(): self
    {
        return $this->with(isTarget: true);
    }

    public function tellsTheKit(): self
    {
        return $this->with(tellsTheKit: true);
    }

    public function mayName(): self
    {
        return $this->with(privacy: Privacy::MayName);
    }

    public function identity(): self
    {
        return $this->with(privacy: Privacy::Identity);
    }

    /**
     * @param  string  $figure  what a kit calls it
     * @param  array<string, string>  $words  how a word of the kit is called here, where the two differ
     */
    public function asKit(string $figure, array $words = []): self
    {
        return $this->with(kitFigure: $figure, kitWords: $words);
    }

    /** @param  string  $field  what a list says of the same part; once this is read it counts everywhere in its place */
    public function insteadOf(string $field): self
    {
        return $this->with(insteadOf: $field);
    }

    /** @param  string  $field  that asks for the same fact; typed once it is shown, and can be changed, at either */
    public function sameAs(string $field): self
    {
        return $this->with(sameAs: $field);
    }

    /** @param  string  $meter  the field whose reading on the day of fitting it is; the day itself where it is called so */
    public function asFitted(string $meter): self
    {
        return $this->with(meter: $meter);
    }

    /** @param  string  $reading  that it is one place of */
    public function placeOf(string $reading): self
    {
        return $this->with(partOf: $reading);
    }

    /** @param  string  $word  that no work on the part makes untrue */
    public function standing(string $word): self
    {
        return $this->with(stands: $word);
    }

    /** Set by the work, so that it is read as found and as left; untrue as well once one of these was set or read anew. */
    public function set(string ...$untrueAfter): self
    {
        return $this->with(isSet: true, untrueAfter: array_values($untrueAfter));
    }

    /** What was found is untrue once one of these was set, read anew, turned or put in. */
    public function untrueAfter(string ...$fields): self
    {
        return $this->with(untrueAfter: array_values($fields));
    }

    /** @param  string  $field  that it says, by its last place, as it was left */
    public function leaves(string $field): self
    {
        return $this->with(leaves: $field);
    }

    /** @param  string  $what  was turned, moved or put in, as a file calls it */
    public function step(string $what): self
    {
        return $this->with(step: $what);
    }

    /** Said once the other things at its station are known. */
    public function conclusion(): self
    {
        return $this->with(isConclusion: true);
    }

    /** Done or looked up there, though nothing is read off the vehicle. */
    public function at(Place $place): self
    {
        return $this->with(place: $place);
    }

    public function minutes(float $minutes): self
    {
        return $this->with(minutes: $minutes);
    }

    public function by(Instrument ...$instruments): self
    {
        return $this->with(instruments: array_values($instruments));
    }

    public function drawn(Drawing $drawing, string $anchor): self
    {
        return $this->with(drawing: $drawing, anchor: $anchor);
    }

    /** Whether the next job on the vehicle begins with it, whatever was fitted. */
    public function isCarried(): bool
    {
        return $this->isLasting && in_array($this->whose, [Whose::Vehicle, Whose::Actuation], true);
    }

    /** Whether the next job begins with it while the same clutch is in. */
    public function isCarriedWithClutch(): bool
    {
        return $this->isLasting && $this->whose === Whose::OldClutch;
    }

    /** The same with what is named. */
    private function with(mixed ...$changed): self
    {
        return (new \ReflectionClass(self::class))->newInstanceArgs([...get_object_vars($this), ...$changed]);
    }
}
