<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** How one reading is held against a limit, for readings of which nothing more is to be said than that. */
final readonly class Comparison
{
    /**
     * @param  Counts|null  $counts  which of several places; nothing where a judgement of its subject applies the limit itself
     * @param  string  $limit  the built-in limit, where it has another name than the reading
     * @param  Remedy|null  $remedy  what to do when it is out
     * @param  bool  $takesName  whether something else is judged under the name of the reading, such as its spread
     * @param  bool  $onlyGiven  judged by nothing but the maker's figure; without one it is kept, and that is said
     */
    private function __construct(
        public string $reading,
        public ?Counts $counts,
        public string $limit = '',
        public ?Remedy $remedy = null,
        public bool $takesName = false,
        public bool $onlyGiven = false,
    ) {
    }

    public static function greatest(string $reading, Remedy $remedy, ?string $limit = null): self
    {
        return new self($reading, Counts::Greatest, $limit ?? $reading, $remedy);
    }

    /** Laid across in at least three directions. */
    public static function flatness(string $reading, Remedy $remedy, ?string $limit = null): self
    {
        return new self($reading, Counts::Flatness, $limit ?? $reading, $remedy);
    }

    public static function least(string $reading, Remedy $remedy, ?string $limit = null): self
    {
        return new self($reading, Counts::Least, $limit ?? $reading, $remedy);
    }

    /** How far its places lie apart; a limit given for the reading itself is held against the places, under another name. */
    public static function spread(string $reading, Remedy $remedy, string $limit): self
    {
        return new self($reading, Counts::Spread, $limit, $remedy, takesName: true);
    }

    /** A judgement of its subject applies the limit of this reading, given or built in. */
    public static function judged(string $reading): self
    {
        return new self($reading, null);
    }

    /** A judgement of its subject uses the name of this reading for something else; a limit given for the reading is judged beside it. */
    public static function nameTaken(string $reading): self
    {
        return new self($reading, null, takesName: true);
    }

    public static function onlyGiven(string $reading): self
    {
        return new self($reading, null, onlyGiven: true);
    }

    /** Whether a limit given for this reading is still to be held against it. */
    public function leavesGiven(): bool
    {
        return $this->takesName || $this->onlyGiven;
    }

    /** The name of the finding for a limit given for the reading itself. */
    public function nameOfGiven(): string
    {
        return $this->takesName ? "{$this->reading}_given" : $this->reading;
    }
}
