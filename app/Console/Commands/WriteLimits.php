<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Limits\LimitsBook;
use App\Page\InstrumentMemory;
use Illuminate\Console\Command;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\Material;
use Spindle\Demand\Duty;
use Spindle\Inspection\Disc\DiscWear;
use Spindle\Inspection\WhileOpen\Soundness;
use Spindle\Limit\Instrument;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\UnitSystem;
use Spindle\Release\TruckLinkage;
use Spindle\Vehicle\VehicleClass;

/** Writes the page of built-in limits from the data they come from. */
final class WriteLimits extends Command
{
    public const FILE = 'docs/limits.md';

    protected $signature = 'limits:write';

    protected $description = 'Write the table of built-in limits to '.self::FILE;

    public function handle(): int
    {
        file_put_contents(base_path(self::FILE), self::text());
        $this->info(self::FILE.' written.');

        return self::SUCCESS;
    }

    public static function text(): string
    {
        $lines = [
            '# Built-in limits',
            '',
            'Made by `php artisan limits:write` from the data the program uses. A maker\'s figure or a shop\'s replaces any of them.',
            '',
            ...array_map(static fn (Provenance $m): string => "- **{$m->value}**: {$m->meaning()}", Provenance::cases()),
            '',
            '| limit | classes | metric | inch | mark | note |',
            '|---|---|---|---|---|---|',
            ...array_map(self::row(...), Subjects::dictionary()->practice->rows),
            '',
            '## Reserve for the duty',
            '',
            'The range 1.2 to 2.5 is common practice without a source; the single figures are from memory.',
            '',
            '| duty | reserve | harsh above | starts |',
            '|---|---|---|---|',
            ...array_map(
                static fn (Duty $d): string => "| {$d->label()} | {$d->reserve()->value} | {$d->harshAbove()->value} | {$d->starts()} |",
                Duty::cases(),
            ),
            '',
            '## Lining materials',
            '',
            'All from memory, except the running-in distance of aramid (common practice, no source).',
            '',
            '| material | friction | hot | pressure, kPa | heat a start, J/cm² (comfortable, limit) | character |',
            '|---|---|---|---|---|---|',
            ...array_map(
                static fn (
                    Material $m,
                ): string => "| {$m->label()} | {$m->mu()->value} | {$m->muHot()->value} | {$m->pressureLimit()->value} | ".
                    "{$m->comfortableHeat()->value}, {$m->heatLimit()->value} | {$m->character()}; {$m->onTheFlywheel()} |",
                Material::cases(),
            ),
            '',
            '## Replace it while it is open',
            '',
            'Replace when price now < chance × (labour to come back × rate + price). The sum is common practice, the chances are '.
            'from memory.',
            '',
            '| the part is | chance of failing before the next clutch |',
            '|---|---|',
            ...array_map(static fn (Soundness $p): string => "| {$p->label()} | {$p->chanceOfFailing()->value} |", Soundness::cases()),
            '',
            '## Other figures',
            '',
            '- Remaining life is given as a range of ±'. 100 * DiscWear::LIFE_SPREAD.' %, from memory.',
            '- A notch of a truck\'s adjusting ring moves the bearing by '.TruckLinkage::NOTCH_MM.' mm, from memory.',
            '- A flywheel cut by δ moves the clutch δ towards the engine and the fork\'s outer end by δ × fork ratio: 6.35 mm is '.
            '12.7 mm at 2:1 and 19.05 mm at 3:1, common practice without a source.',
            '',
            '## Instruments',
            '',
            'Uncertainties from memory.',
            '',
            '| instrument | uncertainty |',
            '|---|---|',
            ...array_map(
                static fn (Instrument $i): string => "| {$i->label()} | ".self::plain(self::uncertainty($i->uncertainty())).' |',
                Instrument::cases(),
            ),
            '',
        ];

        return implode("\n", $lines);
    }

    private static function row(PracticeRow $row): string
    {
        $in = static fn (UnitSystem $system): string => self::plain(LimitsBook::figures($row, new Display($system)));
        $classes =
            count($row->classes) === count(VehicleClass::cases())
                ? 'all'
                : implode(', ', array_map(static fn (VehicleClass $c): string => $c->value, $row->classes));

        return '| '.
            LimitsBook::label($row).
            " (`{$row->name}`) | {$classes} | {$in(UnitSystem::Metric)} | {$in(
                UnitSystem::Inch,
            )} | {$row->mark->value} | {$row->remark(new Display)} |";
    }

    private static function uncertainty(Length|Ratio $uncertainty): string
    {
        return $uncertainty instanceof Ratio
            ? (new Display())->percent($uncertainty->value)
            : implode(
                ', ',
                array_map(
                    static fn (UnitSystem $units): string => (new Display($units))->quantity(
                        $uncertainty,
                        InstrumentMemory::step($uncertainty, $units),
                    ),
                    UnitSystem::cases(),
                ),
            );
    }

    private static function plain(string $text): string
    {
        return str_replace(["\u{00A0}", "\u{202F}"], ' ', $text);
    }
}
