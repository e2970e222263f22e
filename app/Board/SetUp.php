<?php

declare(strict_types=1);

namespace App\Board;

use App\Limits\ShopBooks;
use App\Models\Job;
use App\Models\Kit;
use App\Models\ShopFigure;
use App\Models\User;
use Spindle\Inspection\WhileOpen\LabourRate;
use Spindle\Record\Shop;

/** What a new workshop wants before its first customer: each done, left for later, or still open; on the bay of the lead until none is. */
enum SetUp: string
{
    case Address = 'address';
    case Hours = 'hours';
    case Rate = 'rate';
    case People = 'people';
    case Places = 'places';
    case Instruments = 'instruments';
    case Kits = 'kits';
    case FirstJob = 'first_job';

    /** @return list<self> those still open */
    public static function open(): array
    {
        $later = ShopBooks::now()->figures(ShopFigure::SET_UP);

        return array_values(array_filter(
            self::cases(), static fn (self $step): bool => ! isset($later[$step->value]) && ! $step->isDone(),
        ));
    }

    public function label(): string
    {
        return match ($this) {
            self::Address => 'Name and address of the workshop',
            self::Hours => 'Opening hours and closed days',
            self::Rate => 'Hourly rate and currency',
            self::People => 'Everybody who works here',
            self::Places => 'Lifts and other places',
            self::Instruments => 'How far your instruments can be trusted',
            self::Kits => 'A first list of kits',
            self::FirstJob => 'A first job',
        };
    }

    /** Why it is wanted, and what happens without. */
    public function why(): string
    {
        return match ($this) {
            self::Address => 'They head the sheet, the offer and the labels.',
            self::Hours => 'Promises are made of them; without, of the built-in week.',
            self::Rate => 'Offers and the cost of a job want it; without, they show parts alone.',
            self::People => 'Each signs under a name of his own; the first password is exchanged at the first sign-in.',
            self::Places => 'The board lays jobs on them.',
            self::Instruments => 'Verdicts near a limit go by it; without, by usual figures.',
            self::Kits => 'Any supplier’s list, tried out before it is taken in; or one kit by hand.',
            self::FirstJob => 'Open one, press Walk, and see what it asks for.',
        };
    }

    public function route(): string
    {
        return match ($this) {
            self::People => 'people',
            self::Instruments => 'instruments',
            self::Kits => 'shelf',
            self::FirstJob => 'job.create',
            default => 'rules',
        };
    }

    private function isDone(): bool
    {
        $says = static fn (string $section): bool => ShopBooks::now()->figures($section) !== [];

        return match ($this) {
            self::Address => $says(Shop::NAME),
            self::Hours => $says(ShopFigure::CALENDAR),
            self::Rate => $says(LabourRate::NAME),
            self::Places => $says(ShopFigure::PLACES),
            self::Instruments => $says(ShopFigure::UNCERTAINTIES),
            self::People => User::query()->count() > 1,
            self::Kits => Kit::query()->exists(),
            self::FirstJob => Job::query()->exists(),
        };
    }
}
