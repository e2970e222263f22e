<?php

declare(strict_types=1);

use App\Drawings\Chance;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Page\Entries;
use App\Page\InstrumentMemory;
use App\Readings\EntryOutcome;
use App\Stations\Strip;
use Spindle\Assessment\StripPart;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\UnitSystem;
use Spindle\Sheet\Station;

/*
 * Which parts stand open at Strip, and how a chance is said.
 */

beforeEach(function () {
    $this->actingAs($by = $this->technician());
    $this->job = $this->newJob($by);
    $this->page = fn (): AssessedJob => AssessedJob::of(Job::query()->with(Job::WHOLE)->findOrFail($this->job->id));
    $this->entries = fn (array $outcomes = []): Entries => Entries::of(($this->page)(), Station::Strip, $outcomes);
    $this->open = function (array $outcomes = []): array {
        $strip = Strip::of(($this->entries)($outcomes), request());

        return array_values(array_filter($strip->parts, $strip->isOpen(...)));
    };
});

it('opens the first part nobody has looked at', function () {
    expect(($this->open)())->toBe([StripPart::Disc]);
    $this->enter($this->job, 'strip', 'disc.conditions', 'none')->assertOk();
    expect(($this->open)())->toBe([StripPart::Cover]);
});

it('opens the part where an entry was refused or contested, and only that', function () {
    $refused = EntryOutcome::refused('pilot.play', 0, 'soup', 'no number');
    expect(($this->open)([$refused]))
        ->toBe([StripPart::Pilot])
        ->and(($this->entries)([$refused])->refusalIn('pilot.play'))
        ->toBe('no number')
        ->and(($this->entries)([$refused])->refusalIn('disc.runout'))
        ->toBe('')
        ->and(($this->open)([EntryOutcome::kept('pilot.play', 0, '0.1 mm')]))
        ->toBe([StripPart::Disc]);
});

it('gives back the three words of a refused mark', function (string $typed, array $words) {
    expect(($this->entries)([EntryOutcome::refused('cover.marks', 0, $typed, 'no')])->refusedMark('cover'))->toBe($words);
})->with([['heat_spot 13 88 mm', ['heat_spot', '13', '88 mm']], ['crack', ['crack']]]);

it('says of a part what was found and how much of it was taken', function () {
    $this->enter($this->job, 'strip', 'disc.runout', '0.9 mm')->assertOk();
    $page = ($this->page)();
    expect(StripPart::Disc->status($page->sheet, $page->assessment))->toBe('out, 1 of 7 taken')
        ->and(StripPart::Cover->status($page->sheet, $page->assessment))->toBe('not looked at');
});

it('never says a chance is certain, nor none', function (float $chance, string $said) {
    expect(str_replace("\u{00A0}", ' ', Chance::said($chance, new Display)))->toBe($said);
})->with([[1.0, '> 95 %'], [0.96, '> 95 %'], [0.95, '95 %'], [0.5, '50 %'], [0.012, '1 %'], [0.009, '< 1 %'], [0.0, '< 1 %']]);

it('shows of an uncertainty what it is worth, in either unit', function (float $mm, string $metric, string $inch) {
    $show = static fn (UnitSystem $units): string => str_replace(
        "\u{00A0}",
        ' ',
        (new Display($units))->quantity(Length::mm($mm), InstrumentMemory::step(Length::mm($mm), $units)),
    );
    expect([$show(UnitSystem::Metric), $show(UnitSystem::Inch)])->toBe([$metric, $inch]);
})->with([
    [0.5, '0.50 mm', '0.0197 in'],
    [0.03, '0.03 mm', '0.0012 in'],
    [0.01, '0.01 mm', '0.0004 in'],
    [0.001, '0.001 mm', '0.00004 in'],
    [0.0, '0.00 mm', '0.0000 in'],
]);
