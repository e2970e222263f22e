<?php

declare(strict_types=1);

namespace App\Stations;

/** One thing of a station's page: a line that says how far it is, and opens. */
final readonly class Section
{
    /**
     * @param  string  $name  of its place on the page, such as "clearance"
     * @param  string  $view  what is drawn when it is open
     * @param  list<string>  $keys  the readings that stand in it; those this vehicle is not asked are left out
     * @param  string  $what  what it is for, while nothing stands in it
     * @param  array<string, mixed>  $given  beside what every view of a station is given
     * @param  list<string>  $also  beginnings of the names of what else is entered in it, such as ticks
     * @param  string  $status  what stands in it, where that is words, not how much of it is entered
     */
    public function __construct(
        public string $name,
        public string $title,
        public string $view,
        public array $keys,
        public string $what = 'nothing entered',
        public array $given = [],
        public array $also = [],
        public string $status = '',
    ) {
    }

    /** Its place on the page. */
    public function id(): string
    {
        return "fold-{$this->name}";
    }

    /** @return list<string> beginnings of the names of all that is entered in it */
    public function entered(): array
    {
        return [...$this->keys, ...$this->also];
    }

    /** The same for who opens it by a link to one of them. */
    public function holds(): string
    {
        return implode(' ', array_map(static fn (string $name): string => rtrim($name, '.'), $this->entered()));
    }
}
