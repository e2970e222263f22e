<?php

declare(strict_types=1);

namespace App\Stations;

use App\Jobs\AssessedJob;
use App\Page\Entries;
use App\Page\KitShelf;
use Illuminate\Http\Request;
use Spindle\Capacity\Material;
use Spindle\Capacity\RatingSchool;

/** Kit: what of the shelf can be put in and carries, the best first. */
final readonly class Kit
{
    /** What a list is looked through by; it goes along from page to page. */
    private const FILTER = ['q', 'material', 'supplier', 'price', 'days'];

    private function __construct(public KitShelf $shelf, private AssessedJob $page, private Request $request)
    {
    }

    public static function of(Entries $entries, Request $request): self
    {
        return new self(KitShelf::for($entries->job, $request), $entries->job, $request);
    }

    /** @return list<Material> */
    public function materials(): array
    {
        return Material::cases();
    }

    /** By which school the torque of a kit is rated here. */
    public function rating(): string
    {
        return lcfirst(RatingSchool::of($this->page->sheet)->label());
    }

    /** The same list from another place on. */
    public function from(int $first): string
    {
        return route('station', [$this->page->job, 'kit', ...array_filter([...$this->request->only(self::FILTER), 'from' => $first])]);
    }

    public function heldBack(): string
    {
        return route('job.kit.held-back', [$this->page->job, ...$this->request->only(self::FILTER)]);
    }

    /** How many kits cannot be put in; nothing where only some were looked at. */
    public function held(): ?int
    {
        return $this->shelf->shelf->counted === null ? null : $this->shelf->shelf->counted - $this->shelf->fitting();
    }

    /** @return array{string, string} what is said where the list is empty, and what can be done */
    public function empty(): array
    {
        return match (true) {
            ($this->shelf->shelf->counted ?? 0) > 0 => ['No kit on the shelf can be put in here.',
                'What keeps them out stands below; a reading taken wrong does that too.'],
            $this->shelf->filter->isNone() => ['The shelf is empty.', 'Take a supplier’s list in, or enter a kit by hand.'],
            default => ['No kit on the shelf is like this.', 'Look for less, or show all again.'],
        };
    }
}
