<?php

declare(strict_types=1);

namespace App\Books;

use App\Limits\ShopBooks;
use App\Limits\ShopKnowledge;
use App\Models\ShopFigure;
use Spindle\Capacity\RatingSchool;
use Spindle\Hydraulics\BleedingSchool;
use Spindle\Inspection\WhileOpen\LabourRate;
use Spindle\Limit\Provenance;
use Spindle\Offer\OfferRules;
use Spindle\Record\Shop;

/** What the shop has decided about kits, hydraulics, hours and signing, as its page shows it. */
final readonly class RulesPage
{
    /**
     * @param  array<string, array<string, ShopFigure>>  $given  what the shop has set, by section and name
     * @param  list<RuleTable>  $tables
     * @param  list<string>  $unusable  what was set and cannot be gone by, in sentences
     * @param  list<BookChange>  $changes
     */
    private function __construct(private array $given, public array $tables, public array $unusable, public array $changes)
    {
    }

    public static function now(): self
    {
        $given = array_map(ShopBooks::now()->figures(...), array_combine(ShopFigure::RULES, ShopFigure::RULES));

        return new self($given, RuleTable::all($given), ShopKnowledge::unusable(), BookChanges::of(ShopFigure::RULES, static fn (
            ShopFigure $f,
        ): string => ucfirst(str_replace(['_', '.'], [' ', ', '], $f->section.', '.$f->name))));
    }

    /** How well founded the built-in figures are. */
    public function foundedOn(): string
    {
        return lcfirst(Provenance::FromMemory->meaning());
    }

    public function isByClaim(): bool
    {
        return $this->school() === RatingSchool::Claim;
    }

    public function ratedBy(): string
    {
        return lcfirst($this->school()->label());
    }

    /** The way the shop bleeds; nothing where it goes by what is usual for the build. */
    public function bleeding(): ?BleedingSchool
    {
        return BleedingSchool::tryFrom($this->own('bleeding', 'school'));
    }

    /** @return list<BleedingSchool> */
    public function waysOfBleeding(): array
    {
        return BleedingSchool::cases();
    }

    public function asksForASecond(): bool
    {
        return $this->own('signing', 'second') === 'yes';
    }

    /** What the shop has set; empty where the built-in counts. */
    public function own(string $section, string $name): string
    {
        return isset($this->given[$section][$name]) ? $this->given[$section][$name]->value : '';
    }

    /** @return array<string, string> what stands at the head of everything printed, with how it is called */
    public function asksOfShop(): array
    {
        return Shop::ASKED;
    }

    /** @return list<array{string, string, string, string}> section, name, how it is called, what counts while nothing is set */
    public function asksOfOffers(): array
    {
        return [
            [LabourRate::NAME, 'rate', 'An hour of work', 'not entered'],
            [OfferRules::NAME, 'tax', 'Tax on top, per cent', 'none is added'],
            [OfferRules::NAME, 'valid_days', 'Days an offer stands', (string) OfferRules::VALID_DAYS],
            [OfferRules::NAME, 'tolerance', 'Per cent beyond an offer before asking again', (string) OfferRules::TOLERANCE],
        ];
    }

    /** @return array<string, string> why the shop is closed, by day */
    public function closedDays(): array
    {
        $days = [];
        foreach ($this->given[ShopFigure::CALENDAR] as $name => $figure) {
            if (str_starts_with($name, 'closed.')) {
                $days[substr($name, 7)] = $figure->value;
            }
        }
        ksort($days);

        return $days;
    }

    private function school(): RatingSchool
    {
        return RatingSchool::from($this->own('rating', 'school') ?: 'computed');
    }
}
